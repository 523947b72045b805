import { expect, test } from '@playwright/test';
import { call, line, logIn, openCopy, known } from './support/shop';

test('what is not understood says why and stays in the line', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Not understood');
    for (const [text, says] of [
        ['JL JR twelve', 'not a length'],
        ['JL ZZ 830', 'There is no point “ZZ”'],
        ['JL JL 830', 'named twice'],
        ['JL JR 83000', 'longer than any frame'],
        ['JL JR 32 21/32 mm', 'add “in”'],
        ["JL JR 2'008", 'a leading zero after feet'],
        ['<b>JL</b> JR 3', 'There is no point “<b>JL</b>”'],
    ] as const) {
        expect(await call(page, text)).toContain(says);
        await expect(line(page)).toHaveValue(text);
        await line(page).press('Escape');
    }
    await page.reload();
    await expect(page.getByText('62 readings')).toBeVisible();
});

test('keys: other unit, other suggestion, undo, help', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Keys');
    await expect(line(page)).toHaveAttribute('placeholder', 'JL JR 830.0');
    await page.keyboard.press('u');
    await expect(line(page)).toHaveAttribute('placeholder', 'JL JR 32 11/16');
    expect(await call(page, '32 21/32')).toContain('Stored 63');
    await page.keyboard.press('u');
    await page.keyboard.press('ArrowDown');
    await expect(line(page)).toHaveAttribute('placeholder', 'HL JR 928.0');
    await page.keyboard.press('Alt+z');
    await expect(page.getByText('Reading 63 was taken back.')).toBeVisible();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys and calls' })).toBeVisible();
    await page.keyboard.press('Escape');
    await page.reload();
    await expect(page.getByRole('row', { name: /63 tram JL JR.*struck/ })).toBeVisible();
});

test('a reading taken again replaces the doubtful one', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Taken again');
    await page.getByRole('button', { name: 'Take reading 58 again' }).click();
    await expect(page.getByText('Taken again, replaces the old one')).toBeVisible();
    expect(await call(page, '1268')).toContain('agrees');
    await page.reload();
    await expect(page.getByRole('row', { name: /58 tram FR HL.*taken again/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /Reading 58 does not fit/ })).toBeHidden();
});

test('choosing a reading lays the bar, choosing a point shows its numbers', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Choosing');
    const drawing = page.getByRole('img', { name: /The frame from above/ });
    await page.getByRole('button', { name: 'tram FR HL ■ does not fit' }).click();
    await expect(drawing.getByText('1236 mm')).toBeVisible();
    await expect(page.getByText(/reading 58, typed/)).toBeVisible();
    await drawing.locator('g.cursor-pointer').first().click();
    await expect(page.getByText('Front horn, left, carries the datum')).toBeVisible();
    await page.getByTitle('Where does this come from? Deviation').first().click();
    await expect(page.getByText(/measured − chart, after all readings/)).toBeVisible();
});

test('two people see each other’s readings without asking, and lose nothing', async ({ browser }) => {
    const [first, second] = [
        await (await browser.newContext()).newPage(),
        await (await browser.newContext()).newPage(),
    ];
    await known(first);
    const url = await openCopy(first, 'Two people');
    await known(second, 'second');
    await second.goto(url);
    await Promise.all([call(first, 'JL JR 829.5'), call(second, 'KL KR 830')]);
    await Promise.all([call(first, 'h JL 502'), call(second, 'h KL 510')]);
    for (const page of [first, second]) {
        for (const name of [/tram JL JR/, /tram KL KR/, /height JL/, /height KL/]) {
            await expect(page.getByRole('row', { name })).toBeVisible();
        }
    }
    await expect(first.getByText('here too: Second technician')).toBeVisible();
    await expect(second.getByText('66 readings')).toBeVisible();
});

test('a lost server keeps what was typed and stores it once when it is back', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Lost server');
    await page.route('**/readings', (route) => route.abort());
    await line(page).fill('JL JR 829.5');
    await line(page).press('Enter');
    await expect(page.getByText('One reading is not stored yet')).toBeVisible();
    await expect(page.getByText('JL JR 829.5 mm')).toBeVisible();
    await page.reload();
    await page.unroute('**/readings');
    await expect(page.getByRole('row', { name: /63 tram JL JR/ })).toBeVisible({ timeout: 15_000 });
    await expect(page.getByText('63 readings')).toBeVisible();
});

test('undo takes nothing back in place of a reading that is on its way, nor through an open sheet', async ({
    page,
}) => {
    await known(page);
    await openCopy(page, 'Undo too soon');
    await call(page, 'JL JR 829.5');
    await page.getByRole('button', { name: /Reading 37 does not fit/ }).click();
    await page.getByRole('button', { name: 'Strike reading 37' }).click();
    await page.getByLabel('Why').press('Alt+z');
    await page.keyboard.press('Escape');
    await expect(page.getByLabel('Why')).toBeHidden();
    await page.route('**/readings', (route) => route.abort());
    await line(page).fill('KL KR 830');
    await line(page).press('Enter');
    await expect(page.getByText('One reading is not stored yet')).toBeVisible();
    await page.keyboard.press('Alt+z');
    await expect(page.getByText('Undo it once it is stored.')).toBeVisible();
    await page.unroute('**/readings');
    await expect(page.getByText('64 readings')).toBeVisible({ timeout: 15_000 });
    await page.keyboard.press('Alt+z');
    await expect(page.getByText('Reading 64 was taken back.')).toBeVisible();
    await expect(page.getByRole('row', { name: /63 tram JL JR/ })).not.toContainText('struck');
});

test('readings that wait in two windows do not overwrite each other, and nobody sends another’s', async ({
    page,
    context,
}) => {
    await known(page);
    const url = await openCopy(page, 'Two windows');
    const other = await context.newPage();
    await other.goto(url);
    // A window that appears later takes over what waits already; here both stand open before anything does.
    await expect(line(other)).toBeVisible();
    await context.route('**/readings', (route) => route.abort());
    for (const [window, text] of [
        [page, 'JL JR 829.5'],
        [other, 'KL KR 830'],
    ] as const) {
        await line(window).fill(text);
        await line(window).press('Enter');
        await expect(window.getByText('One reading is not stored yet')).toBeVisible();
    }
    // Both windows leave the survey while nothing gets through, or one of them would send its reading the moment it can.
    await other.close();
    await page.goto('/jobs');
    await context.unroute('**/readings');
    await context.clearCookies();
    await logIn(page, 'second');
    await page.clock.install();
    await page.goto(url);
    await expect(page.getByText('62 readings')).toBeVisible();
    // Longer than the outbox waits before it tries again.
    await page.clock.fastForward(9000);
    await expect(page.getByText('62 readings')).toBeVisible();
    await context.clearCookies();
    await known(page);
    await page.goto(url);
    // Two readings, one after the other, each computed on a machine that others use too.
    await expect(page.getByText('64 readings')).toBeVisible({ timeout: 40_000 });
});

test('an ended session in mid-entry says what to do and loses nothing', async ({ page }) => {
    await known(page);
    const url = await openCopy(page, 'Ended session');
    await page.context().clearCookies();
    await line(page).fill('JL JR 829.5');
    await line(page).press('Enter');
    await expect(page.getByText(/Your session has ended/)).toBeVisible();
    await page.getByRole('link', { name: 'Log in again' }).click();
    await logIn(page, 'technician', true);
    await page.goto(url);
    await expect(page.getByRole('row', { name: /63 tram JL JR/ })).toBeVisible({ timeout: 15_000 });
});

test('an inspector may look and doubt, not measure', async ({ page }) => {
    await known(page);
    const url = await openCopy(page, 'Inspected');
    await page.context().clearCookies();
    await known(page, 'inspector');
    await page.goto(url);
    await expect(line(page)).toBeDisabled();
    await page.getByRole('button', { name: 'Strike reading 58' }).click();
    await page.getByRole('button', { name: 'Wrong hole' }).click();
    await page.getByRole('button', { name: 'Strike it' }).click();
    await page.reload();
    await expect(page.getByRole('row', { name: /58 tram FR HL.*struck/ })).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('readings are entered with the keypad, nothing runs off the side', async ({ page }) => {
        await known(page);
        await openCopy(page, 'By thumb');
        const pad = page.getByRole('group', { name: 'Keypad' });
        for (const key of ['8', '2', '9', 'point', '5'])
            await pad.getByRole('button', { name: key, exact: true }).tap();
        await pad.getByRole('button', { name: 'Store' }).tap();
        await expect(page.getByTestId('answer')).toContainText('Stored 63');
        await pad.getByRole('button', { name: 'Unit, now mm' }).tap();
        for (const key of ['1', '6', 'space', '1', '1', '/32'])
            await pad.getByRole('button', { name: key, exact: true }).tap();
        await pad.getByRole('button', { name: 'Store' }).tap();
        await expect(page.getByTestId('answer')).toContainText('16 11/32 in');
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        await page.reload();
        await expect(page.getByRole('row', { name: /64 tram HL JL.*16 11\/32 in/ })).toBeVisible();
    });
});
