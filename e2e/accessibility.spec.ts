import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { logIn, openCopy, known } from './support/shop';

/** Views that are only an address away. */
const ADDRESSES = [
    '/workshop',
    '/people',
    '/account',
    '/jobs/new',
    '/jobs/1/about',
    '/instruments',
    '/tools',
    '/tools/square-check',
    '/tools/support-twist',
    '/practice',
    '/jobs/2/bench',
    '/jobs/1/frame',
    '/jobs/1/plan/cut',
    '/jobs/1/plan/loads',
    '/jobs/1/plan/splice',
    '/jobs/1/plan/mounts',
    '/jobs/1/plan/after',
    '/jobs/1/gear/shafts',
    '/jobs/2/gear/links',
    '/jobs/2/gear/mounts',
    '/jobs/1/gear/old-new',
    '/jobs/1/gear/papers',
    '/jobs/1/parts',
    '/jobs/1/parts/3',
    '/jobs/1/parts/cut-list',
    '/jobs/1/parts/nest',
    '/jobs/1/parts/photo',
    '/jobs/1/run',
    '/jobs/1/run/welds',
    '/jobs/1/run/strip',
    '/jobs/1/run/book',
    '/jobs/1/gear/fasteners',
    '/tools/train',
    '/jobs/3/reference',
    '/jobs/3/surveys/before/findings',
    '/jobs/2/surveys/after',
    '/jobs/2/surveys/after/findings',
];

/** Views that are worked into, on a copy of the demo job. */
const STAGES: Record<string, (page: Page) => Promise<unknown>> = {
    survey: (page) => page.getByRole('button', { name: /Reading 37 does not fit/ }).click(),
    strike: async (page) => {
        await page.getByRole('button', { name: /Reading 37 does not fit/ }).click();
        await page.getByRole('button', { name: 'Strike reading 37' }).click();
    },
    findings: async (page) => {
        await page.getByRole('link', { name: /^Findings/ }).click();
        await page.getByRole('button', { name: /^AL/ }).click();
    },
    plan: async (page) => {
        await page.getByRole('link', { name: /^Plan/ }).click();
        await page.getByRole('button', { name: 'Add a stretch' }).click();
        await page.getByLabel(/^Length/).fill('640');
        await page.getByRole('button', { name: 'Plan it' }).click();
        await expect(page.getByText('3940.0 mm')).toBeVisible();
    },
    driveline: async (page) => {
        await page.getByRole('link', { name: /^Running gear/ }).click();
        await expect(page.getByRole('form', { name: 'Driveshaft' })).toBeVisible();
    },
    'hand-over': async (page) => {
        await page.getByRole('link', { name: /^Hand-over/ }).click();
        await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
    },
};

/** The view as it stands; in the other theme only its colours are others. */
async function check(page: Page) {
    for (const theme of ['light', 'dark']) {
        await page.evaluate((value) => (document.documentElement.dataset.theme = value), theme);
        const axe = new AxeBuilder({ page }).exclude('iframe');
        const { violations } = await (theme === 'dark' ? axe.withRules(['color-contrast']) : axe).analyze();
        const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
        expect(
            serious.map((one) => `${theme}: ${one.id} ${one.nodes.map((node) => node.html).join('\n')}`),
        ).toEqual([]);
    }
}

test.describe('the accessibility check, light and dark', () => {
    test('login and jobs', async ({ page }) => {
        await page.goto('/login');
        await check(page);
        await logIn(page, 'owner');
        await check(page);
    });

    for (const address of ADDRESSES)
        test(address, async ({ page }) => {
            await known(page, 'owner');
            await page.goto(address);
            await page.waitForLoadState('networkidle');
            await check(page);
        });

    for (const [stage, open] of Object.entries(STAGES))
        test(stage, async ({ page }) => {
            await known(page, 'owner');
            await openCopy(page, `Accessible ${stage}`);
            await open(page);
            await check(page);
        });
});
