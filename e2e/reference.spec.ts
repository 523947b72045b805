import { expect, test, type Page } from '@playwright/test';
import { call, line, known, openCopy } from './support/shop';

async function toReference(page: Page): Promise<void> {
    await page.getByRole('link', { name: /^Reference/ }).click();
    await expect(page.getByRole('heading', { name: /^Held against/ })).toBeVisible();
}

test('a chart is typed in, the drawing grows with it, slips are named, and the first reading stands ready', async ({
    page,
}) => {
    await known(page);
    await page.goto('/jobs/new');
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
    await known(page);
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
    await known(page);
    const url = await openCopy(page, 'A tug and her sister', 'trailer-tug');
    await page.goto(url.replace(/\/surveys.*/, '/surveys/before'));
    await expect(page.getByText('held against its own mirror image')).toBeVisible();
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText(/symmetry cannot say which of them moved/).first()).toBeVisible();
    await toReference(page);
    await page.getByText('Add another reference').click();
    await page
        .getByLabel('Or a survey in the shop, as it was measured')
        .selectOption({ label: 'this job, “sister”, sister vehicle' });
    await page.getByRole('button', { name: 'Add the survey' }).click();
    await page.getByRole('button', { name: 'Use Survey “sister”' }).click();
    await expect(page.getByRole('heading', { name: 'Held against Survey “sister”' })).toBeVisible();
    await page.goto(url.replace(/\/surveys.*/, '/surveys/before/findings'));
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
    await known(page);
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

type Places = Record<string, number[]>;

/** The first four rows of the chart as the screen shows it. */
async function placesOnScreen(page: Page): Promise<Places> {
    const places: Places = {};
    for (const id of ['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL', 'DR'])
        places[id] = await Promise.all(
            ['station', 'offset', 'height'].map(async (axis) =>
                Number((await page.getByLabel(`${id} ${axis}`).inputValue()).replace(' mm', '')),
            ),
        );
    return places;
}

function lengthsOf(places: Places): [string, string, string][] {
    const ids = Object.keys(places);
    return ids.flatMap((from, i) =>
        ids.slice(i + 1).map((to): [string, string, string] => {
            const square = (places[from] ?? []).map((at, axis) => (at - (places[to]?.[axis] ?? 0)) ** 2);
            return [from, to, Math.sqrt(square.reduce((sum, part) => sum + part, 0)).toFixed(1)];
        }),
    );
}

test('a list of lengths becomes places, and says what it leaves free', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Lengths alone');
    await toReference(page);
    await page.getByText('Add another reference').click();
    const form = page.getByRole('form', { name: 'Reference from a file' });
    await form.getByLabel('Name').fill('Shop sheet');
    await form.getByRole('radio', { name: 'point to point' }).click();
    const upload = async (rows: string[]) => {
        await form
            .getByLabel('File', { exact: true })
            .setInputFiles({ name: 'sheet.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
        await form.getByRole('button', { name: 'Add the file' }).click();
    };
    await upload(['from,to,length', 'AL,AR,860', 'AL,ZZ,900']);
    await expect(page.getByText(/row 3.*ZZ/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Use Shop sheet' })).toHaveCount(0);
    const rows = ['kind,from,to,length'];
    for (const [from, to, length] of lengthsOf(await placesOnScreen(page)))
        rows.push(`tram,${from},${to},${length}`);
    for (const [id, place] of Object.entries(await placesOnScreen(page)))
        rows.push(`height,${id},,${place[2]}`);
    await upload(rows);
    await expect(page.getByText('“Shop sheet” was added.')).toBeVisible();
    await page.getByRole('button', { name: 'Use Shop sheet' }).click();
    await expect(page.getByRole('heading', { name: 'Held against Shop sheet' })).toBeVisible();
    await expect(page.getByText(/point-to-point chart, adjusted to coordinates, 8 points/)).toBeVisible();
});

test('what nobody may change is shown to an inspector, without a way to change it', async ({ page }) => {
    await known(page, 'inspector');
    await page.goto('/jobs/1');
    await toReference(page);
    await expect(page.getByLabel('AL station')).toBeDisabled();
    await expect(page.getByRole('button', { name: 'Keep the chart' })).toHaveCount(0);
    await page.getByRole('link', { name: /^Bench/ }).click();
    await page.waitForURL(/\/bench$/);
    await expect(page.getByText('Clockwise from above')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Keep the bench' })).toHaveCount(0);
});
