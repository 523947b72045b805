import { expect, test } from '@playwright/test';
import { logIn } from './support/shop';

test('a trainee surveys a made-up frame, says what is bent, and is shown the truth', async ({ page }) => {
    await logIn(page);
    await page.getByRole('button', { name: /^Technician/ }).click();
    await page.getByRole('menuitem', { name: 'Practice bay' }).click();
    await page.getByLabel(/Number of the frame/).fill('42');
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    const call = page.locator('#call');
    for (const text of ['AL AR', 'h EL', 'DL ER']) {
        await call.fill(text);
        await call.press('Enter');
        await expect(call).toHaveValue('');
    }
    await expect(page.getByRole('row')).toHaveCount(4);
    await call.fill('AL ZZ');
    await call.press('Enter');
    await expect(page.getByText('There is no point “ZZ”')).toBeVisible();
    await page.getByLabel('Reading 2 is wrong').check();
    await page.getByLabel('Pattern').selectOption('twist');
    await page.getByLabel('Section').selectOption('rear');
    await page.getByLabel('Which way').selectOption('true');
    await page.getByRole('button', { name: 'Add to the answer' }).click();
    await expect(page.getByText('Wrong readings: 2')).toBeVisible();
    await page.getByRole('button', { name: 'That is all: show the truth' }).click();
    await expect(page.getByRole('heading', { name: /\d+ of 100/ })).toBeVisible();
    await expect(page.getByText(/You (found|missed) it|Not so/).first()).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: /\d+ of 100/ })).toBeVisible();
    await page.getByRole('link', { name: 'Practice bay' }).click();
    await expect(
        page.getByRole('link', { name: /Frame 42, apprentice, 3 readings.*of 100/ }).first(),
    ).toBeVisible();
});
