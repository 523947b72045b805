import { expect, test } from '@playwright/test';
import { call, line, logIn } from './support/shop';

const HEADER = 'id,name,side,mate,x,y,z,tolerance,base';

function chart(text: string) {
    return { name: 'chart.csv', mimeType: 'text/csv', buffer: Buffer.from(text) };
}

test('a chart from a spreadsheet becomes a job that tells what to read first', async ({ page }) => {
    await logIn(page);
    await page.getByRole('button', { name: 'New job' }).click();
    await page.getByRole('form', { name: 'New job from a chart' }).getByLabel('Title').fill('From a chart');
    await page
        .getByLabel('Chart file')
        .setInputFiles(
            chart(
                `\u{feff}${HEADER.replaceAll(',', ';')}\r\nAL;"Horn, left";left;AR;0;-400;500;3;yes\r\nAR;;right;AL;0;400;500;3;yes\r\nBL;;left;BR;800;-400;500;3;yes\r\nBR;;right;BL;800;400;500;3;yes\r\n`,
            ),
        );
    await page.getByRole('button', { name: 'Take in the chart' }).click();
    await expect(page.getByRole('heading', { name: 'From a chart' })).toBeVisible();
    await expect(page.getByText('No reading yet')).toBeVisible();
    await expect(line(page)).toHaveAttribute('placeholder', 'AL AR 800.0');
    expect(await call(page, '800.5')).toContain('waits for more readings');
    await expect(page.getByText(/2 base points are measured, three are needed/)).toBeVisible();
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText('Nothing to judge yet')).toBeVisible();
    await page.getByRole('link', { name: /^Running gear/ }).click();
    await expect(page.getByText(/Measure the shaft and type it in/)).toBeVisible();
});

test('a faulty chart names every row and keeps nothing', async ({ page }) => {
    await logIn(page);
    await page.getByRole('button', { name: 'New job' }).click();
    await page.getByRole('form', { name: 'New job from a chart' }).getByLabel('Title').fill('Faulty chart');
    await page
        .getByLabel('Chart file')
        .setInputFiles(chart(`${HEADER}\nAL,,left,,0,"12,5",500,3,yes\nAL,,up,,0,-400,x,3,yes\n`));
    await page.getByRole('button', { name: 'Take in the chart' }).click();
    await expect(page.getByText('row 2, y:')).toBeVisible();
    await expect(page.getByText('row 3, side:')).toBeVisible();
    await expect(page.getByText('row 3, id:')).toBeVisible();
    await page.goto('/jobs');
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Faulty chart' })).toBeHidden();
});

test('an upload of 20 MB is refused in words', async ({ page }) => {
    await logIn(page);
    await page.getByRole('button', { name: 'New job' }).click();
    await page.getByLabel('Job file', { exact: true }).setInputFiles({
        name: 'big.json',
        mimeType: 'application/json',
        buffer: Buffer.alloc(20_000_000, 120),
    });
    await expect(
        page.getByText('The file is larger than a job file or chart ever is. Is it the right file?'),
    ).toBeVisible();
    await expect(page.getByRole('button', { name: 'Take in the file' })).toBeDisabled();
});
