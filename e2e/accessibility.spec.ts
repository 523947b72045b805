import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { logIn, openCopy } from './support/shop';

for (const theme of ['light', 'dark'] as const) {
    test(`every view passes the accessibility check, ${theme}`, async ({ page }) => {
        test.setTimeout(300_000);
        await page.addInitScript((value) => localStorage.setItem('geodex.theme', value), theme);
        const check = async (view: string) => {
            const { violations } = await new AxeBuilder({ page }).exclude('iframe').analyze();
            const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
            expect(
                serious.map((one) => `${view}: ${one.id} ${one.nodes.map((node) => node.html).join('\n')}`),
            ).toEqual([]);
        };
        await page.goto('/login');
        await check('login');
        await logIn(page, 'owner');
        await check('jobs');
        await openCopy(page, `Accessible, ${theme}`);
        await page.getByRole('button', { name: /Reading 37 does not fit/ }).click();
        await check('survey');
        await page.getByRole('button', { name: 'Strike reading 37' }).click();
        await check('strike');
        await page.keyboard.press('Escape');
        await page.getByRole('link', { name: /^Findings/ }).click();
        await page.getByRole('button', { name: /^AL/ }).click();
        await check('findings');
        await page.getByRole('link', { name: /^Plan/ }).click();
        await page.getByRole('button', { name: 'Add a stretch' }).click();
        await page.getByLabel('Length, mm').fill('640');
        await page.getByRole('button', { name: 'Plan it' }).click();
        await expect(page.getByText('3940.0 mm')).toBeVisible();
        await check('plan');
        await page.getByRole('link', { name: /^Driveline/ }).click();
        await expect(page.getByText('Tube to add')).toBeVisible();
        await check('driveline');
        await page.getByRole('link', { name: /^Report/ }).click();
        await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
        await check('report');
        await page.goto('/workshop');
        await check('workshop');
        for (const path of [
            '/instruments',
            '/calculator',
            '/practice',
            '/jobs/2/bench',
            '/jobs/3/reference',
            '/jobs/3/surveys/before/findings',
            '/jobs/2/surveys/after',
            '/jobs/2/surveys/after/findings',
        ]) {
            await page.goto(path);
            await page.waitForLoadState('networkidle');
            await check(path);
        }
    });
}
