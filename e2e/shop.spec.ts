import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { call, line, logIn, openCopy, known } from './support/shop';

test('a wrong password says so and keeps the address', async ({ page }) => {
    await page.goto('/login');
    await page.getByLabel('Mail address').fill('inspector@slate-yard.example');
    await page.getByLabel('Password').fill('guess');
    await page.getByRole('button', { name: 'Log in' }).click();
    await expect(page.getByText('This address and password do not go together')).toBeVisible();
    await expect(page.getByLabel('Mail address')).toHaveValue('inspector@slate-yard.example');
    await expect(page.getByLabel('Password')).toHaveValue('');
});

test('the owner sets the fraction of an inch and a guideline for the whole shop', async ({ page }) => {
    await logIn(page, 'owner');
    await page.getByRole('button', { name: /^Owner/ }).click();
    await page.getByRole('menuitem', { name: 'Shop settings' }).click();
    await page.getByLabel('Reach of the tram bar').fill('long');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('“long” is not a length')).toBeVisible();
    await page.getByLabel('Reach of the tram bar').fill('8ft 2 1/2in');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('The shop settings are kept.')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Reach of the tram bar')).toHaveValue('2501.9');
    await page.getByLabel('Reach of the tram bar').fill('');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('The shop settings are kept.')).toBeVisible();
});

test('a job goes out as a file and comes in again with its whole log', async ({ page }) => {
    await known(page);
    await openCopy(page, 'There and back');
    expect(await call(page, 'JL JR 32 21/32 in')).toContain('Stored 63');
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Job file' }).click();
    const file = await download;
    expect(file.suggestedFilename()).toBe('there-and-back.job.json');
    const text = readFileSync(await file.path(), 'utf8').replace('"There and back"', '"Back again"');
    expect(text).toContain('"32 21/32 in"');
    await page.goto('/jobs/new');
    await page
        .getByLabel('Job file', { exact: true })
        .setInputFiles({ name: 'back.job.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: 'Take in the file' }).click();
    await expect(page.getByRole('heading', { name: 'Back again' })).toBeVisible();
    await expect(page.getByText('63 readings')).toBeVisible();
    await expect(page.getByRole('row', { name: /63 tram JL JR.*32 21\/32 in/ })).toBeVisible();
});

test('a job file with typing mistakes is refused with their paths', async ({ page }) => {
    await known(page);
    await page.goto('/jobs/new');
    const file = (json: string) => ({
        name: 'x.job.json',
        mimeType: 'application/json',
        buffer: Buffer.from(json),
    });
    for (const [json, says] of [
        [
            '{"format":"geodex-job","version":1,"title":"t","units":"mm","points":[{"id":"A","nmae":"x"}]}',
            'points[0]: unknown key "nmae"',
        ],
        ['{"format":"geodex-job","version":2}', 'this Geodex reads version 1, the file says 2'],
        ['{"format":', 'This is not JSON'],
    ] as const) {
        await page.getByLabel('Job file', { exact: true }).setInputFiles(file(json));
        await page.getByRole('button', { name: 'Take in the file' }).click();
        await expect(page.getByRole('alert')).toContainText(says);
    }
});

test('another survey of the job starts from an empty log', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Two surveys');
    await page.getByRole('button', { name: 'Survey “before”' }).click();
    await page.getByRole('menuitem', { name: 'Start another survey…' }).click();
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.getByText('Give the survey a name.')).toBeVisible();
    await page.getByLabel('Name').fill('Second tack, rear');
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.getByRole('button', { name: 'Survey “Second tack, rear”' })).toBeVisible();
    await expect(page.getByText('No reading yet')).toBeVisible();
    await expect(line(page)).toHaveAttribute('placeholder', 'AL AR 860.0');
    await page.getByRole('button', { name: 'Survey “Second tack, rear”' }).click();
    await page.getByRole('menuitem', { name: 'Rename this survey…' }).click();
    await page.getByLabel('Name', { exact: true }).fill('Third tack');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('button', { name: 'Survey “Third tack”' }).click();
    await page.getByRole('menuitem', { name: /^before/ }).click();
    await expect(page.getByText('62 readings')).toBeVisible();
});

test('the shaft says which field is wrong and keeps the rest', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Shaft');
    await page.getByRole('link', { name: /^Running gear/ }).click();
    await expect(page.getByText('Tube to cut')).toBeVisible();
    await page.getByLabel('outside diameter').fill('thick');
    await page.getByLabel('shaft speed').fill('3400');
    await page.getByRole('button', { name: 'Recalculate' }).click();
    await expect(page.getByText('“thick” is not a length').first()).toBeVisible();
    await expect(page.getByLabel('shaft speed')).toHaveValue('3400');
    await page.getByLabel('outside diameter').fill('3 1/2 in');
    await page.getByLabel('wall, if known').fill('');
    await page.getByRole('button', { name: 'Recalculate' }).click();
    await expect(page.getByText(/wall of the tube is not known/)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('outside diameter')).toHaveValue('3 1/2 in');
    await expect(page.getByText('3400 rev/min')).toBeVisible();
});

test('a plan that cannot be carried out says why and keeps what was typed', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Bad plan');
    await page.getByRole('link', { name: /^Plan/ }).click();
    await page.getByRole('button', { name: 'Add a shorten' }).click();
    for (const [at, length, says] of [
        ['2300', '', 'Missing: Length taken out, from 1 to 8000 mm'],
        ['2300', 'long', '“long” is not a length'],
        ['99999', '100', 'off the frame; it runs from −760 to 5420 mm'.replace('−', '-')],
        ['2300', '12 m', 'from 1 to 8000 mm, not 12000'],
    ] as const) {
        await page.getByLabel('Cut at station, mm').fill(at);
        await page.getByLabel(/^Length/).fill(length);
        await page.getByRole('button', { name: 'Plan it' }).click();
        await expect(page.getByRole('alert')).toContainText(says);
        await expect(page.getByLabel(/^Length/)).toHaveValue(length);
    }
    await page.getByLabel(/^Length/).fill('200');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3100.0 mm')).toBeVisible();
    await page.getByRole('button', { name: 'Remove' }).click();
    await expect(page.getByText('Nothing is planned.')).toBeVisible();
    await page.reload();
    await expect(page.getByText('Nothing is planned.')).toBeVisible();
});

test('when the server is gone, going to another stage says so and what is on the screen stays', async ({
    page,
}) => {
    await known(page);
    await openCopy(page, 'Gone');
    await page.route('**/findings', (route) => route.abort());
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText('The server or its database does not answer.')).toBeVisible();
    await expect(line(page)).toBeVisible();
    await page.unroute('**/findings');
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText('What it means together')).toBeVisible();
    await expect(page.getByText('The server or its database does not answer.')).toBeHidden();
});

test('deviations are enlarged more and less, by button and by key', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Enlarged');
    await expect(page.getByText('× 20')).toBeVisible();
    await page.getByRole('button', { name: 'Enlarge more' }).click();
    await expect(page.getByText('× 50')).toBeVisible();
    await line(page).focus();
    await page.keyboard.press('Alt+-');
    await page.keyboard.press('Alt+-');
    await expect(page.getByText('× 10')).toBeVisible();
});

test('everything on the survey is reached by keyboard alone', async ({ page }) => {
    await known(page);
    await openCopy(page, 'By keyboard');
    await page.getByRole('button', { name: /Reading 37 does not fit/ }).focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('button', { name: 'Take reading 37 again' })).toBeFocused();
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Why')).toBeFocused();
    await page.keyboard.press('Alt+z');
    await page.keyboard.type('Misread tape');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Why')).toBeHidden();
    await expect(page.getByRole('button', { name: /Reading 37 does not fit/ })).toBeHidden();
    await page.keyboard.press('Alt+z');
    await expect(page.getByText('The strike was taken back.')).toBeVisible();
    await expect(page.getByRole('button', { name: /Reading 37 does not fit/ })).toBeVisible();
});
