import { expect, test, type Page } from '@playwright/test';
import { logIn, openCopy, known } from './support/shop';

async function gearOf(page: Page, title: string): Promise<string> {
    await known(page);
    const job = (await openCopy(page, title)).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/plan`);
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel('Cut at station, mm').fill('1350');
    await page.getByLabel(/^Length put in/).fill('640');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3940.0 mm')).toBeVisible();
    return job;
}

test('a sheet starts with what the plan says, is kept, and goes stale when the plan changes', async ({
    page,
}) => {
    const job = await gearOf(page, 'Stale gear');
    await page.getByRole('link', { name: /^Running gear/ }).click();
    await page
        .getByRole('navigation', { name: 'Pages of the running gear' })
        .getByRole('link', { name: 'Steering' })
        .click();
    const tool = page.getByRole('region', { name: 'Turning circle' });
    await tool.getByRole('button', { name: 'Work it out for this job' }).press('Enter');
    const form = tool.getByRole('form');
    await expect(form.getByLabel(/^Wheelbases/)).toHaveValue('3300, 3940');
    await form.getByLabel(/Between the kingpins/).fill('1480');
    await form.getByLabel(/Lock of the inner wheel/).fill('95');
    await form.getByRole('button', { name: 'Work it out and keep it' }).click();
    await expect(form.getByText(/has to be from 1 to 70/).first()).toBeVisible();
    await form.getByLabel(/Lock of the inner wheel/).fill('36');
    await form.getByLabel(/Lock of the inner wheel/).press('Enter');
    const sheet = tool.getByRole('article', { name: 'Turning circle' });
    await expect(sheet.getByText('3940.0 mm')).toBeVisible();

    await page.goto(`${job}/plan`);
    await page.getByLabel(/^Length put in/).fill('300');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3600.0 mm')).toBeVisible();
    await page.goto(`${job}/gear/steering`);
    await expect(sheet.getByText(/Out of date\./)).toBeVisible();
    await sheet.getByRole('button', { name: 'Take it over and work it out again' }).click();
    await expect(sheet.getByText('3600.0 mm')).toBeVisible();
    await expect(sheet.getByText(/Out of date\./)).toBeHidden();
});

test('old stands against new on one page', async ({ page }) => {
    await known(page);
    await page.goto('/jobs/1/gear/old-new');
    await expect(page.getByRole('row', { name: /^Wheelbase 3300\.0 mm 3940\.0 mm/ })).toBeVisible();
    await expect(page.getByText('Kerb to kerb')).toBeVisible();
    await expect(page.getByText(/ABS and stability control/)).toBeVisible();
});

test('the dial of a shaft is a picture, station by station', async ({ page }) => {
    await known(page);
    await page.goto('/jobs/1/gear/run-out');
    const picture = page.getByRole('img', { name: /^Shape of the shaft at 3 stations/ });
    await expect(picture.getByText('900.0 mm, tack here')).toBeVisible();
});

test('the running gear goes on paper with its sheets', async ({ page }) => {
    await known(page);
    await page.goto('/jobs/1/gear/old-new');
    await page.getByRole('link', { name: 'On paper' }).click();
    const paper = page.frameLocator('iframe');
    await expect(paper.getByRole('heading', { name: 'Old against new' })).toBeVisible();
    await expect(paper.getByRole('heading', { name: 'What was entered' }).first()).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 } });

    test('no page of the running gear runs off the side', async ({ page }) => {
        await logIn(page);
        for (const address of [
            '1/gear/shafts',
            '1/gear/run-out',
            '2/gear/links',
            '2/gear/steering',
            '1/gear/weights',
            '1/gear/clearance',
            '1/gear/old-new',
            '1/gear/papers',
        ]) {
            await page.goto(`/jobs/${address}`);
            await page.waitForLoadState('networkidle');
            expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
            await expect(
                page.getByRole('navigation', { name: 'Pages of the running gear' }).locator('[aria-current]'),
            ).toBeInViewport({ ratio: 0.9 });
        }
    });
});
