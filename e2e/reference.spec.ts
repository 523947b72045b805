import { expect, test, type Page } from '@playwright/test';
import { call, line, logIn, openCopy } from './support/shop';

async function toReference(page: Page): Promise<void> {
    await page.getByRole('link', { name: /^Reference/ }).click();
    await expect(page.getByRole('heading', { name: /^Held against/ })).toBeVisible();
}

test('a chart is typed in, the drawing grows with it, slips are named, and the first reading stands ready', async ({
    page,
}) => {
    await logIn(page);
    const form = page.getByRole('form', { name: 'New job without a file' });
    await form.getByLabel('Title').fill('Typed in');
    await form.getByRole('button', { name: 'Start the job' }).click();
    await expect(page.getByText('No point has a place yet.')).toBeVisible();
    const places = { A: ['0', '-400', '500'], B: ['900', '-400', '505'], C: ['1800', '-410', '510'] };
    for (const [row, [x, y, z]] of Object.entries(places)) {
        await page.getByRole('button', { name: 'Add a pair' }).click();
        await page.getByLabel(`${row}L station`).fill(x ?? '');
        await page.getByLabel(`${row}L offset`).fill(y ?? '');
        await page.getByLabel(`${row}L height`).fill(z ?? '');
        await page.getByLabel(`${row}L is base`).check();
        await page.getByRole('button', { name: `Mirror ${row}L to ${row}R` }).click();
    }
    await expect(page.getByRole('img', { name: '6 of 6 points have a place' })).toBeVisible();
    await page.getByLabel('CR offset').fill('-410');
    await page.getByRole('button', { name: 'Keep the chart' }).click();
    await expect(page.getByText(/CL and CR do not mirror.*a minus is probably missing/)).toBeVisible();
    await page.getByLabel('CR offset').fill('wide');
    await page.getByRole('button', { name: 'Keep the chart' }).click();
    await expect(page.getByText(/row 6 reference\[1\]: “wide” is not a length/)).toBeVisible();
    await page.getByLabel('CR offset').fill('410');
    await page.getByRole('button', { name: 'Keep the chart' }).click();
    await expect(page.getByText(/The chart is kept/)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('CR offset')).toHaveValue('410 mm');
    await page.getByRole('link', { name: /^Survey/ }).click();
    await expect(line(page)).toHaveAttribute('placeholder', 'AL AR 800.0');
});

test('a chart of another year is compared, and the program says where they differ and whom the readings side with', async ({
    page,
}) => {
    await logIn(page);
    await openCopy(page, 'Two charts');
    await toReference(page);
    const rows = ['id,side,mate,x,y,z'];
    for (const letter of 'ABCDEFGHJKLM') {
        for (const side of ['L', 'R']) {
            const place = await Promise.all(
                ['station', 'offset', 'height'].map((axis) =>
                    page.getByLabel(`${letter}${side} ${axis}`).inputValue(),
                ),
            );
            const [x = 0, y = 0, z = 0] = place.map((typed) => Number(typed.replace(' mm', '')));
            rows.push(
                `${letter}${side},${side === 'L' ? 'left' : 'right'},${letter}${side === 'L' ? 'R' : 'L'},${x + (letter >= 'G' ? 20 : 0)},${y},${z}`,
            );
        }
    }
    await page.getByText('Add another reference').click();
    await page.getByRole('form', { name: 'Reference from a file' }).getByLabel('Name').fill('Later year');
    await page
        .getByLabel('File', { exact: true })
        .setInputFiles({ name: 'later.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
    await page.getByRole('button', { name: 'Add the file' }).click();
    await expect(page.getByText('“Later year” was added.')).toBeVisible();
    await page.getByRole('button', { name: 'Compare', exact: true }).click();
    await expect(
        page.getByText(/Rows A to F: both agree; rows G to H: the readings fit the reference in force/),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Use Later year' }).click();
    await expect(page.getByRole('heading', { name: 'Held against Later year' })).toBeVisible();
    await page.getByRole('button', { name: 'Use Chart of the job' }).click();
    await expect(page.getByRole('heading', { name: 'Held against Chart of the job' })).toBeVisible();
});

test('a frame without a chart is held against its mirror image, then against its sister', async ({
    page,
}) => {
    await logIn(page);
    await page.getByRole('link', { name: 'Bent trailer tug' }).click();
    await expect(page.getByText('held against its own mirror image')).toBeVisible();
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText(/symmetry cannot say which of them moved/).first()).toBeVisible();
    await toReference(page);
    await page.getByRole('button', { name: 'Use Sister vehicle' }).click();
    await expect(page.getByRole('heading', { name: 'Held against Sister vehicle' })).toBeVisible();
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText(/The right rail is short at the front by 1\d\.\d ±/).first()).toBeVisible();
    await toReference(page);
    await page
        .getByRole('listitem')
        .filter({ hasText: 'Its own mirror image' })
        .getByRole('button', { name: 'Use it' })
        .click();
    await expect(page.getByText('The frame is held against its own mirror image now.')).toBeVisible();
});

test('a survey at tack is held against the one before, point by point', async ({ page }) => {
    await logIn(page);
    await openCopy(page, 'Since before');
    await page.getByRole('button', { name: /Survey “before”/ }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Readings as a table (CSV)' }).click();
    const csv = await (await download).path();
    await page.getByRole('button', { name: /Survey “before”/ }).click();
    await page.getByRole('menuitem', { name: 'Start another survey…' }).click();
    await page.getByLabel('Name').fill('tack');
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.getByText('No reading yet')).toBeVisible();
    await page.getByRole('button', { name: /Survey “tack”/ }).click();
    await page.getByRole('menuitem', { name: 'Take in a table of readings…' }).click();
    await page.getByLabel('Table (CSV)').setInputFiles({
        name: 'bad.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('from,to,value\nAL,ZZ,12\nAL,AR,wide'),
    });
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText(/It was not taken in: 2 things are wrong/)).toBeVisible();
    await page.getByLabel('Table (CSV)').setInputFiles(csv);
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText('62 readings')).toBeVisible();
    for (const text of ['h HL 470', 'h HL 470.5', 'h HL 469.5']) await call(page, text);
    await page.getByRole('button', { name: /Survey “tack”/ }).click();
    await page.getByRole('menuitem', { name: 'What moved since “before”' }).click();
    await expect(page.getByRole('heading', { name: 'What moved since “before”' })).toBeVisible();
    await expect(page.getByRole('row', { name: /^AL .*as it was/ })).toBeVisible();
    await page.reload();
    await expect(page.getByText(/moved against those|movement against those/)).toBeVisible();
});
