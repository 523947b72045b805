import { expect, test } from '@playwright/test';
import { call, line, logIn, openCopy, known } from './support/shop';

test('a doubtful reading says what probably went wrong with it', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Why it lies');
    await page.getByRole('button', { name: /Reading 37 does not fit/ }).click();
    await expect(page.getByText(/One inch too long: the tape was held at the one-inch mark/)).toBeVisible();
});

test('what cannot be reached is not suggested again, and the tour says where to walk', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Blocked');
    await expect(page.getByText(/\d+ readings to go/)).toBeVisible();
    await page.getByRole('button', { name: 'Tram, JL to JR cannot be taken' }).click();
    await expect(line(page)).not.toHaveAttribute('placeholder', /^JL JR/);
    await page.getByRole('button', { name: /Measuring tour, 1 cannot be taken/ }).click();
    await expect(page.getByText(/readings in walking order, about \d+ m round the frame/)).toBeVisible();
    await page.getByRole('button', { name: 'tram JL JR can be taken after all' }).click();
    await expect(page.getByRole('heading', { name: 'Cannot be taken' })).toBeHidden();
    await page.keyboard.press('Escape');
    await expect(line(page)).toHaveAttribute('placeholder', /^JL JR/);
});

test('repeats are pooled, and said to differ when they do', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Repeats');
    await call(page, 'JL JR 829.5');
    await call(page, 'JR JL 834');
    await expect(page.getByText(/read 2 times, 4.5 mm apart: more than the tool allows/)).toBeVisible();
});

test('a length between edges is called as such', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Edges');
    expect(await call(page, 'JL JR 816 near')).toContain('Stored 63');
    await expect(page.getByText(/near edges/)).toBeVisible();
    expect(await call(page, 'h JL 500 near')).toContain('A height is not taken edge to edge');
});

test('findings say whether the frame may be cut, with reasons, pictures and what to pull', async ({
    page,
}) => {
    await logIn(page);
    await page.getByRole('link', { name: 'Beach tender' }).click();
    await page.getByRole('button', { name: /Survey “after”/ }).click();
    await page.getByRole('menuitem', { name: /^before/ }).click();
    await expect(page.getByRole('button', { name: /Survey “before”/ })).toBeVisible();
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByRole('heading', { name: 'Straighten first' })).toBeVisible();
    await expect(page.getByText(/not an approval/)).toBeVisible();
    await expect(
        page.getByRole('img', { name: 'sidesway of the front, from above, enlarged' }),
    ).toBeVisible();
    await expect(page.getByRole('heading', { name: 'What to pull, in this order' })).toBeVisible();
    await expect(page.getByText(/AL: 0\.\d+ ± 0\.\d+ in forward/)).toBeVisible();
    await page.getByRole('radio', { name: 'mm', exact: true }).click();
    await expect(page.getByText(/AL: \d\.\d ± \d\.\d mm forward/)).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('no new view runs off the side', async ({ page }) => {
        await known(page);
        const url = await openCopy(page, 'Narrow');
        const job = url.replace(/\/surveys.*/, '');
        for (const path of [
            `${job}/bench`,
            `${job}/reference`,
            `${url}/findings`,
            '/instruments',
            '/practice',
            '/tools',
            '/tools/square-check',
            '/tools/heat-input',
        ]) {
            await page.goto(path);
            await page.waitForLoadState('networkidle');
            expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(
                390,
            );
        }
    });
});
