import { expect, test, type Page } from '@playwright/test';
import { logIn, known } from './support/shop';

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

/** Starts the frame of that number and reads it off. */
async function readsOff(page: Page, number: string, calls: string[]): Promise<string[]> {
    await page.goto('/practice');
    await page.getByLabel(/Number of the frame/).fill(number);
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    const call = page.locator('#call');
    for (const text of calls) {
        await call.fill(text);
        await call.press('Enter');
        await expect(call).toHaveValue('');
    }
    return page.getByRole('row').allTextContents();
}

test('the same number is the same frame with the same slips, for everyone', async ({ page }) => {
    await logIn(page);
    const calls = ['AL AR', 'AL BR', 'h CL'];
    const first = await readsOff(page, '77', calls);
    expect(await readsOff(page, '77', calls)).toEqual(first);
    expect(await readsOff(page, '78', calls)).not.toEqual(first);
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('an exercise is done with a thumb, and nothing runs off the side', async ({ page }) => {
        await logIn(page);
        await readsOff(page, '12', ['AL AR', 'h AL']);
        await page.getByRole('radio', { name: 'inch' }).tap();
        await expect(page.getByRole('columnheader', { name: /read, in/ })).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        await page.getByRole('button', { name: 'Nothing is bent: show the truth' }).tap();
        await expect(page.getByRole('heading', { name: /\d+ of 100/ })).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    });
});

test('a splice is made by its run sheet, and told how it went', async ({ page }) => {
    await known(page);
    await page.goto('/practice');
    await page.getByRole('button', { name: 'Start a splice' }).click();
    await expect(page.getByRole('heading', { name: /^Steps, 0 of/ })).toBeVisible();
    const item = (name: RegExp) => page.getByRole('listitem').filter({ hasText: name });
    await item(/^Survey the frame/)
        .getByRole('button', { name: /^Do:/ })
        .click();
    await expect(page.getByRole('heading', { name: /^Steps, 1 of/ })).toBeVisible();
    await item(/Set posts/)
        .getByRole('button', { name: 'Read the four corners' })
        .click();
    await expect(page.getByText(/twist by the four corners/)).toBeVisible();
    await page.getByRole('textbox', { name: /^Raise the front left post by/ }).fill('-1.5');
    await page.getByRole('button', { name: 'Raise the front left post by' }).click();
    await page.getByRole('button', { name: /^left rail, web, piece 1/ }).click();
    await expect(page.getByRole('button', { name: /^left rail, web, piece 1 \d+ °C ■ 1/ })).toBeDisabled();
    await page.getByRole('button', { name: 'Hand it over, and see how it went' }).click();
    await expect(page.getByRole('heading', { name: /of 100/ })).toBeVisible();
    await expect(page.getByText(/The joint drew in/)).toBeVisible();
    await expect(page.getByText(/steps were left undone/)).toBeVisible();
});
