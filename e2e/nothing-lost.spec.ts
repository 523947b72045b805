import { expect, test } from '@playwright/test';
import { line, logIn, openCopy, known } from './support/shop';

test('a reading that the server cannot take stands aside, and the others go on', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Stands aside');
    await page.route('**/readings', async (route) => {
        if (!(route.request().postData() ?? '').includes('829')) return route.continue();
        // By the time the failure is told the next reading is being typed.
        await expect(line(page)).toHaveValue('GL GR 830.5');
        return route.fulfill({ status: 500, contentType: 'text/html', body: '<h1>Broken</h1>' });
    });
    await line(page).fill('JL JR 829');
    await line(page).press('Enter');
    await line(page).fill('GL GR 830.5');
    const aside = page.getByRole('status').filter({ hasText: 'One reading was not taken' });
    await expect(aside).toContainText('The server failed on this');
    await line(page).press('Enter');
    await expect(page.getByTestId('answer')).toContainText('Stored 63');
    await page.reload();
    await expect(aside).toContainText('JL JR 829');
    await page.unroute('**/readings');
    await page.getByRole('button', { name: 'Edit JL JR 829' }).click();
    await expect(line(page)).toHaveValue('JL JR 829');
    await expect(line(page)).toBeFocused();
    await expect(aside).toBeHidden();
    await line(page).press('Enter');
    await expect(page.getByTestId('answer')).toContainText('Stored 64');
});

test('what was refused is dropped by whoever typed it', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Dropped');
    await page.route('**/readings', (route) =>
        route.fulfill({ status: 413, contentType: 'text/plain', body: 'too large' }),
    );
    await line(page).fill('JL JR 829');
    await line(page).press('Enter');
    // The line was empty, so it comes back to be put right.
    await expect(line(page)).toHaveValue('JL JR 829');
    await expect(page.getByTestId('answer')).toContainText('more than the server takes');
});

test('two people save the settings: the second sees both versions and decides', async ({ browser }) => {
    const [first, second] = [await browser.newPage(), await browser.newPage()];
    for (const page of [first, second]) {
        await logIn(page, 'owner', true);
        await page.goto('/workshop');
    }
    const scatter = (page: typeof first) => page.getByLabel('Build scatter of a sound frame');
    await scatter(first).fill('1.2 mm');
    await first.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(first.getByText('The shop settings are kept.')).toBeVisible();
    await scatter(second).fill('1.4 mm');
    await second.getByRole('button', { name: 'Keep', exact: true }).click();
    const sheet = second.getByRole('dialog', { name: 'Saved by somebody else meanwhile' });
    await expect(
        sheet.getByRole('row', { name: /Build scatter of a sound frame, one sigma 1\.2 1\.4/ }),
    ).toBeVisible();
    await second.keyboard.press('Escape');
    await expect(scatter(second)).toHaveValue('1.4 mm');
    await second.getByRole('button', { name: 'Keep', exact: true }).click();
    await sheet.getByRole('button', { name: 'Save mine over it' }).click();
    await expect(second.getByText('The shop settings are kept.')).toBeVisible();
    await second.reload();
    await expect(scatter(second)).toHaveValue('1.4');
    await scatter(second).fill('1 mm');
    await second.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(second.getByText('The shop settings are kept.')).toBeVisible();
    await first.close();
    await second.close();
});

test('a job is laid aside and brought back', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Laid aside');
    await page.goto('/jobs');
    await page.getByRole('button', { name: 'Lay aside Laid aside' }).click();
    await expect(page.getByText('“Laid aside” was laid aside.')).toBeVisible();
    await page.getByRole('link', { name: /laid aside$/ }).click();
    await expect(page.getByRole('heading', { name: 'Jobs laid aside' })).toBeVisible();
    await page.getByRole('button', { name: 'Bring back Laid aside' }).click();
    await expect(page.getByText('“Laid aside” is back.')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Laid aside', exact: true })).toBeVisible();
});
