import { expect, test } from '@playwright/test';
import { logIn, openCopy, known } from './support/shop';

test('a job is found among the others by its plate, and by what it needs next', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Needle in the list');
    await page.getByRole('link', { name: 'Needle in the list' }).click();
    const plate = `Q${Date.now()}`;
    await page.getByLabel('Number plate').fill(plate);
    await page.getByLabel('Customer reference').fill('Order 4711');
    await page.getByLabel('Notes').fill('Keys in the drawer.');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('Kept.')).toBeVisible();

    await page.goto('/jobs');
    const find = page.getByRole('searchbox', { name: /^Find/ });
    await find.fill(plate.toLowerCase());
    await expect(page.getByRole('listitem').filter({ hasText: 'Order 4711' })).toHaveCount(1);
    await expect(page).toHaveURL(new RegExp(`q=${plate.toLowerCase()}`));
    await page.getByLabel('Needs next').selectOption({ label: 'Reference' });
    await expect(page.getByText('No job is like that.', { exact: false })).toBeVisible();
    await page.getByLabel('Needs next').selectOption({ label: 'anything' });
    await page.getByRole('button', { name: 'Lay aside Needle in the list' }).click();
    await expect(page.getByText(/was laid aside/)).toBeVisible();
    await page.goto(`/jobs?q=${plate}&state=laid+aside`);
    await page.getByRole('button', { name: 'Bring back Needle in the list' }).press('Enter');
    await expect(page.getByText(/is back/)).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 } });

    test('list, new job and what a job is about keep to the side', async ({ page }) => {
        await logIn(page);
        for (const address of ['/jobs', '/jobs/new', '/jobs/1/about']) {
            await page.goto(address);
            await page.waitForLoadState('networkidle');
            expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        }
    });
});
