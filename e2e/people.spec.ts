import { expect, test } from '@playwright/test';
import { logIn } from './support/shop';

test('an owner asks somebody in, who takes a first reading, and is let out again', async ({
    page,
    browser,
}) => {
    await logIn(page, 'owner');
    await page.getByRole('button', { name: 'Owner' }).click();
    await page.getByRole('menuitem', { name: 'People' }).click();
    const email = `anna${Date.now()}@example.org`;
    const form = page.getByRole('form', { name: 'Ask somebody in' });
    await form.getByLabel('Name').fill('Anna Reed');
    await form.getByLabel('Mail address').fill(email);
    await form.getByRole('button', { name: 'Make the invitation' }).press('Enter');
    const link = await page
        .getByRole('region', { name: 'Link for Anna Reed' })
        .getByLabel('Link')
        .inputValue();

    const hers = await (await browser.newContext()).newPage();
    await hers.goto(link);
    await hers.getByLabel('Password of your choice').fill('short');
    await hers.getByRole('button', { name: 'Keep it' }).click();
    await expect(hers.getByText(/at least 10 characters/)).toBeVisible();
    await hers.getByLabel('Password of your choice').fill('three tall ladders');
    await hers.getByLabel('Password of your choice').press('Enter');
    await expect(hers.getByText('Your password is kept. Log in with it.')).toBeVisible();
    await hers.getByLabel('Mail address').fill(email);
    await hers.getByLabel('Password').fill('three tall ladders');
    await hers.getByRole('button', { name: 'Log in' }).click();
    await expect(hers.getByRole('heading', { name: 'Jobs' })).toBeVisible();
    await hers.goto('/jobs/3/surveys/before');
    await expect(hers.getByRole('textbox', { name: 'Reading' })).toBeVisible();

    const row = page.getByRole('listitem').filter({ hasText: email });
    await row.getByRole('button', { name: /^Close/ }).click();
    await expect(page.getByText(/Anna Reed is out/)).toBeVisible();
    await hers.goto('/jobs');
    await expect(hers.getByRole('heading', { name: 'GEODEX' })).toBeVisible();
    await expect(
        page.getByRole('region', { name: 'Who changed what' }).getByText('deactivated').first(),
    ).toBeVisible();
});

test('a forgotten password: the server without mail says whom to ask', async ({ page }) => {
    await page.goto('/login');
    await page.getByRole('link', { name: 'Forgotten the password' }).click();
    await expect(page.getByText(/Ask the owner of your shop/)).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 } });

    test('people and account keep to the side', async ({ page }) => {
        await logIn(page, 'owner');
        for (const address of ['/people', '/account']) {
            await page.goto(address);
            await page.waitForLoadState('networkidle');
            expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        }
        await page.getByRole('radio', { name: 'inch' }).click();
        await page.getByRole('form', { name: 'About me' }).getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByText('Kept.')).toBeVisible();
        await page.goto('/jobs/3/surveys/before');
        await expect(page.getByRole('textbox', { name: 'Reading' })).toBeVisible();
        await page.goto('/account');
        await page.getByRole('radio', { name: "the job's unit" }).click();
        await page.getByRole('form', { name: 'About me' }).getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByText('Kept.')).toBeVisible();
    });
});
