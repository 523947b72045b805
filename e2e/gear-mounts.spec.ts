import { expect, test, type Locator, type Page } from '@playwright/test';
import { known, openCopy } from './support/shop';

async function links(page: Page): Promise<Locator> {
    await known(page);
    await page.goto('/jobs/2/gear/links');
    const card = page.getByRole('article', { name: 'New links for the moved axle' });
    await card.getByRole('button', { name: 'Move a mount and see' }).press('Enter');
    const bench = card.getByRole('region', { name: /^Mounts of/ });
    await expect(bench.getByRole('row', { name: /anti-squat/ })).toBeVisible();
    return bench;
}

test('a mount moved by arrow keys shows what that does, before and after, with the driveline', async ({
    page,
}) => {
    const bench = await links(page);
    await page.keyboard.press('Escape');
    const squat = bench.getByRole('row', { name: /anti-squat/ });
    await expect(squat.getByRole('cell')).toHaveText([/127\.6 %/, /127\.6 %/]);
    for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowUp');
    await expect(squat.getByRole('cell').nth(1)).not.toHaveText(/127\.6/);
    await expect(bench.getByRole('row', { name: /Through travel 1, shaft, slip/ })).toBeVisible();
    await expect(bench.getByText(/LL at the frame: .*\+1\.875/)).toBeVisible();
    await bench.getByRole('button', { name: 'Back to what is kept' }).click();
    await expect(squat.getByRole('cell').nth(1)).toHaveText(/127\.6/);
});

test('mounts are moved by thumb at 390 px, both sides or one', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const bench = await links(page);
    await bench.getByLabel('Mount').selectOption('0.axle');
    await bench.getByRole('group', { name: 'Move it' }).getByRole('button', { name: 'rearward' }).click();
    const length = (link: string) =>
        bench.getByRole('row', { name: `Links, centre to centre ${link}, length` }).getByRole('cell');
    await expect(async () => {
        for (const link of ['LL', 'LR'])
            expect(await length(link).nth(1).textContent()).not.toBe(await length(link).nth(0).textContent());
    }).toPass();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a dial that reads by itself fills a sheet', async ({ page }) => {
    await known(page);
    const job = (await openCopy(page, 'Dialled shaft')).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/gear/run-out`);
    const dial = page.getByRole('region', { name: 'Readings from a dial' });
    await dial.getByLabel('A dial that reads by itself').selectOption({ label: 'Stand-in dial' });
    await expect(dial.getByText(/40 readings at 5 places/)).toBeVisible();
    await dial.getByRole('button', { name: 'Put them into a sheet' }).click();
    await page.getByRole('button', { name: 'Work it out and keep it' }).click();
    await expect(page.getByRole('img', { name: /^Shape of the shaft at 5 stations/ })).toBeVisible();
});

test('an axle is taken from surveyed points, with how unsure they are', async ({ page }) => {
    await known(page);
    const job = (await openCopy(page, 'Surveyed axle')).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/gear/axles`);
    const tool = page.getByRole('region', { name: /^Axle: square/ });
    await tool.getByRole('button', { name: 'Work it out for this job' }).click();
    await tool.getByLabel('Left wheel: point of the survey', { exact: true }).selectOption('HL');
    await tool.getByLabel('Right wheel: point of the survey', { exact: true }).selectOption('HR');
    await tool.getByRole('button', { name: 'Work it out and keep it' }).click();
    await expect(tool.getByRole('row', { name: /Right wheel further back, °: ±/ })).toBeVisible();
});
