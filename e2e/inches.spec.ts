import { expect, test, type Page } from '@playwright/test';
import { logIn, openCopy, known } from './support/shop';

async function openTender(page: Page, view: string): Promise<void> {
    await logIn(page);
    await page.getByRole('link', { name: 'Beach tender' }).click();
    await page.waitForURL(/\/surveys\//);
    await expect(page.getByRole('radio', { name: 'inch' })).toBeChecked();
    await page.goto(page.url().replace(/\/surveys.*/, view));
}

test('a sentence and the table beside it say the same thousandths', async ({ page }) => {
    await openTender(page, '/surveys/tack/movement/before');
    const said = await page.getByText(/^AL moved/).textContent();
    const numbers = said?.match(/\d\.\d{3}/g) ?? [];
    expect(numbers.length).toBeGreaterThanOrEqual(2);
    const row = (await page.getByRole('row', { name: /^AL/ }).textContent()) ?? '';
    for (const number of numbers) expect(row).toContain(number);
    await page.getByRole('radio', { name: 'mm' }).click();
    const inMillimetres = await page.getByText(/^AL moved/).textContent();
    const metricRow = (await page.getByRole('row', { name: /^AL/ }).textContent()) ?? '';
    for (const number of inMillimetres?.match(/\d+\.\d/g) ?? []) expect(metricRow).toContain(number);
});

test('a chart is shown in either unit, and what nobody touched goes back as it was', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Chart in inches');
    await page.getByRole('link', { name: /^Reference/ }).click();
    const station = page.getByLabel('AL station');
    const before = await station.inputValue();
    expect(before).toMatch(/ mm$/);
    const allowed = await page.getByLabel('BL allowed').inputValue();
    await page.getByRole('radio', { name: 'inch' }).click();
    await expect(station).toHaveValue(/^-?\d+\.\d{3} in$/);
    await page.getByLabel('AL allowed').fill('1/8');
    await page.getByRole('button', { name: 'Keep the chart' }).click();
    await expect(page.getByText(/The chart is kept/)).toBeVisible();
    await expect(page.getByLabel('AL allowed')).toHaveValue('0.125 in');
    await page.getByRole('radio', { name: 'mm', exact: true }).click();
    await expect(station).toHaveValue(before);
    await expect(page.getByLabel('BL allowed')).toHaveValue(allowed);
    await expect(page.getByLabel('AL allowed')).toHaveValue('3.17 mm');
});

test('what is typed stays when the unit of the screen is changed', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Half typed');
    await page.getByRole('link', { name: /^Reference/ }).click();
    await page.getByLabel('AL station').fill('12 3/4 in');
    await page.getByRole('radio', { name: 'inch' }).click();
    await expect(page.getByLabel('AL station')).toHaveValue('12 3/4 in');
    await expect(page.getByLabel('AR station')).toHaveValue(/ in$/);
});

test('the report of an inch job has no millimetres in its findings', async ({ page }) => {
    await openTender(page, '/surveys/before/hand-over/document');
    const text = (await page.locator('main').textContent()) ?? '';
    expect(text).toContain('more than the 0.118 in allowed');
    expect(text).toMatch(/by \d\.\d{3} ± \d\.\d{3} in/);
    expect(text).not.toMatch(/± [\d.]+ mm/);
});

test('tools say what they are good for in either unit', async ({ page }) => {
    await known(page);
    await page.goto('/instruments');
    const bar = page.getByRole('listitem').filter({ hasText: 'Long tram bar' });
    await expect(bar.getByText(/reaches 2500 mm/)).toBeVisible();
    await page.getByRole('radio', { name: 'inch' }).click();
    await expect(bar.getByText(/reaches 98 7\/16 in/)).toBeVisible();
    await expect(bar.getByText(/good to ± 0\.0\d\d in/)).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('the longest numbers of every table stay on the screen', async ({ page }) => {
        await openTender(page, '/bench');
        const job = page.url().replace('/bench', '');
        for (const view of [
            '/bench',
            '/reference',
            '/surveys/before',
            '/surveys/before/findings',
            '/surveys/tack/movement/before',
            '/plan',
        ]) {
            await page.goto(job + view);
            await page.waitForLoadState('networkidle');
            expect(await page.evaluate(() => document.documentElement.scrollWidth), view).toBeLessThanOrEqual(
                390,
            );
        }
    });
});
