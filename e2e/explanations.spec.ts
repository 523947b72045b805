import { expect, test, type Page } from '@playwright/test';
import { call, line, logIn, openCopy } from './support/shop';

/** A copy of the beach tender after the work: the tape was held at the one-inch mark once, and two readings can be the one. */
async function openAfter(page: Page, title: string, survey = 'after'): Promise<string> {
    const url = (await openCopy(page, title, 'beach-tender')).replace(/surveys\/.*/, `surveys/${survey}`);
    await page.goto(url);
    await expect(line(page)).toBeVisible();
    return url;
}

test('one of two readings is wrong: the deciding reading is taken by keyboard, and one suspect is left', async ({
    page,
}) => {
    await logIn(page);
    await openAfter(page, 'Two ways');
    const card = page.getByRole('region', { name: 'One of these is wrong' });
    await expect(card).toBeVisible();
    await expect(card.getByText(/^9: Tram, AL to CR/)).toBeVisible();
    await expect(card.getByText(/^6: Tram, AL to BR/)).toBeVisible();
    await expect(card.getByText(/held at the one-inch mark/)).toBeVisible();
    await expect(card.getByText(/if 6 is wrong, .* if 9 is wrong/)).toBeVisible();
    await expect(page.getByText('Next, tells which reading is wrong')).toBeVisible();
    await expect(page.getByRole('row', { name: /tram AL CR.*one of these/ })).toBeVisible();
    // The next reading stands ready: only its number is typed.
    expect(await call(page, '-13 1/2')).toContain('Stored 83');
    await expect(card).toBeHidden();
    await expect(page.getByText('Reading 9 does not fit')).toBeVisible();
    await page.reload();
    await expect(page.getByText('Reading 9 does not fit')).toBeVisible();
    await page.keyboard.press('Alt+z');
    await expect(page.getByText('Reading 83 was taken back.')).toBeVisible();
    await expect(card).toBeVisible();
});

test('from the card a reading is struck or taken again, and findings say what is held back', async ({
    page,
}) => {
    await logIn(page);
    const url = await openAfter(page, 'From the card');
    await page.goto(`${url}/findings`);
    await expect(page.getByText(/can be explained in 2 ways/).first()).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Not to be pulled yet' })).toBeVisible();
    await expect(page.getByText(/Only once offset AL is read/).first()).toBeVisible();
    await page.goto(url);
    const card = page.getByRole('region', { name: 'One of these is wrong' });
    await card.getByRole('button', { name: /^6: Tram/ }).click();
    await card.getByRole('button', { name: 'Take reading 6 again' }).click();
    await expect(page.getByText('Taken again, replaces the old one')).toBeVisible();
    await page.keyboard.press('Escape');
    await card.getByRole('button', { name: 'Strike reading 6' }).click();
    await page.getByLabel('Why').fill('Misread');
    await page.getByRole('button', { name: 'Strike it' }).click();
    await expect(card).toBeHidden();
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.keyboard.press('Alt+z');
    await expect(page.getByText('The strike was taken back.')).toBeVisible();
    await expect(card).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('the card is worked by thumb and nothing runs off the side', async ({ page }) => {
        await logIn(page);
        await openAfter(page, 'By thumb');
        const card = page.getByRole('region', { name: 'One of these is wrong' });
        await card.getByRole('button', { name: /^Take offset AL next/ }).tap();
        await expect(line(page)).toHaveAttribute('placeholder', /^o AL/);
        await card.getByRole('button', { name: /^9: Tram/ }).tap();
        await expect(card.getByRole('button', { name: 'Strike reading 9' })).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    });
});

test('a point is taken out of the datum with a reason, which stays in the log', async ({ page }) => {
    await logIn(page);
    await openAfter(page, 'Datum', 'before');
    const drawing = page.getByRole('img', { name: /The frame from above/ });
    await drawing.locator('text', { hasText: /^CL$/ }).first().waitFor();
    await drawing.locator('g.cursor-pointer').nth(8).click();
    await page.getByRole('button', { name: 'Datum…' }).click();
    await page.getByLabel('Reason, for the log').fill('Bolt hole worn');
    await page.getByRole('button', { name: 'Enter it in the log' }).click();
    await expect(page.getByText(/taken out of the datum by Technician.*Bolt hole worn/)).toBeVisible();
    await page.reload();
    await expect(page.getByText(/Bolt hole worn/)).toBeVisible();
});
