import { expect, test, type Locator, type Page } from '@playwright/test';
import { call, known, openCopy } from './support/shop';

/** Where a screen is narrow the stages stand in a menu of their own. */
async function stage(page: Page, job: string, path: string): Promise<void> {
    await page.goto(`${job}${path}`);
}

/** Does a step as its card asks: cautions, what it is held at, a picture. */
async function doStep(page: Page, card: Locator): Promise<void> {
    const title = (await card.getAttribute('aria-label')) ?? '';
    const asked = card.getByLabel('Seen to, all of it');
    if ((await asked.count()) > 0) await asked.check();
    const reads = card.getByLabel('It reads, mm');
    if ((await reads.count()) > 0) {
        const [, from, to] = /Goes on from ([\d.]+) to ([\d.]+)/.exec((await card.textContent()) ?? '') ?? [];
        // Nothing is known of this shop’s shrinkage: the marks are right when they read what they have to.
        await reads.fill(((Number(from) + Number(to)) / 2).toFixed(1));
    }
    const file = card.locator('input[type="file"]');
    if ((await file.count()) > 0)
        await file.setInputFiles({
            name: 'seen.png',
            mimeType: 'image/png',
            buffer: await page.screenshot(),
        });
    const settled = card.getByLabel('Settled by');
    if ((await settled.count()) > 0) await settled.selectOption('look');
    await card.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByRole('article', { name: title, exact: true }), title).toBeHidden();
}

for (const [width, height] of [
    [1280, 800],
    [390, 844],
] as const)
    test(`a whole job from a reading to the hand-over, ${width} px wide`, async ({ page }) => {
        test.setTimeout(240_000);
        await page.setViewportSize({ width, height });
        await known(page);
        const survey = await openCopy(page, `Whole job ${width}`);
        const job = survey.replace(/\/(bench|reference|surveys).*$/, '');

        // Read: three lengths that were missing.
        for (const text of ['JL JR 829.5', 'HL JL 415.5', 'HR JR 927.7'])
            expect(await call(page, text)).toContain('Stored');

        // Plan: a stretch, and the insert it asks for.
        await stage(page, job, '/plan');
        await page.getByRole('button', { name: 'Add a stretch' }).click();
        await page.getByLabel(/^Length/).fill('640');
        await page.getByRole('button', { name: 'Plan it' }).click();
        await expect(page.getByText('3940.0 mm').first()).toBeVisible();

        // Work: every step of the run sheet, in the order it is told.
        await stage(page, job, '/run');
        const cards = page.getByRole('region', { name: 'Possible now' }).getByRole('article');
        await expect(cards.first()).toBeVisible();
        for (let guard = 0; guard < 60 && (await cards.count()) > 0; guard++)
            await doStep(page, cards.first());
        await expect(page.getByText('All steps are done.', { exact: false })).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);

        // Hand over: who balanced the shaft, and the folder.
        await stage(page, job, '/surveys/before/hand-over');
        const points = page.getByRole('region', { name: 'Open points' });
        await points.getByRole('radio', { name: 'Yes' }).first().click();
        await points.getByLabel('Who').first().fill('Driveline shop');
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByText('Kept; the folder shows it.')).toBeVisible();
        const folder = page.frameLocator('iframe[title="Folder of the hand-over"]');
        await expect(folder.getByText('Driveline shop').first()).toBeVisible();
        await expect(folder.getByText('Taken over').first()).toBeVisible();
        await expect(folder.getByText(/Witness|Seen by eye|Walk round/).first()).toBeVisible();
        const pdf = await page.request.get(
            (await page.getByRole('link', { name: 'PDF' }).getAttribute('href')) ?? '',
        );
        expect(pdf.headers()['content-type']).toBe('application/pdf');
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    });
