import { expect, test } from '@playwright/test';
import { call, line, logIn, openCopy, known } from './support/shop';

test('the theme is chosen from the menu and stays', async ({ page }) => {
    await logIn(page);
    const theme = () => page.evaluate(() => document.documentElement.dataset.theme);
    expect(await theme()).toBe('light');
    await page.getByRole('button', { name: /^Technician/ }).click();
    await page.getByRole('menuitem', { name: 'Dark, for the office' }).click();
    await expect.poll(theme).toBe('dark');
    await page.reload();
    expect(await theme()).toBe('dark');
});

test('the unit shown is kept from stage to stage', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Unit kept');
    await page.getByRole('radio', { name: 'inch', exact: true }).click();
    await expect(line(page)).toHaveAttribute('placeholder', 'JL JR 32 11/16');
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText('point, off by in')).toBeVisible();
    await page.getByRole('link', { name: /^Plan/ }).click();
    await expect(page.getByText('129 29/32 in').first()).toBeVisible();
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel('Cut at station, in').fill('90 9/16');
    await page.getByLabel(/^Length/).fill('25 3/16');
    await page.getByLabel(/^Length/).press('Enter');
    await expect(page.getByText('155 3/32 in')).toBeVisible();
    await page.reload();
    await expect(page.getByText('155 3/32 in')).toBeVisible();
});

test('findings show the same choice in the table and on the drawing', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Same choice');
    await page.getByRole('link', { name: /^Findings/ }).click();
    const drawing = page.getByRole('img', { name: /The measured frame over its chart/ });
    await page.getByRole('button', { name: /^HR/ }).click();
    await expect(drawing.getByText('HR', { exact: true }).first()).toHaveAttribute('fill', 'var(--now)');
    await drawing.locator('g.cursor-pointer').first().click();
    await expect(page.getByRole('button', { name: /^AL/ })).toHaveAttribute('aria-pressed', 'true');
    await page.getByText('Looked for and not seen').click();
    await expect(page.getByText(/No sidesway to be seen at the rear/)).toBeVisible();
});

test('a frame that is out says so by shape, word and number', async ({ page }) => {
    await known(page);
    await openCopy(page, 'Out');
    for (const text of [
        'o HL -403.5',
        'o HR 426.5',
        'o BL -430',
        'o BR 430',
        'o DL -420',
        'o DR 420',
        'o CL -425',
        'o CR 425',
    ]) {
        await call(page, text);
    }
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByRole('row', { name: /^HR .*out/ })).toBeVisible();
    await expect(page.getByText(/The rear stands to the right by/).first()).toBeVisible();
});

test('the report is on paper what it is on screen', async ({ page }) => {
    await known(page);
    await openCopy(page, 'On paper');
    await page.getByRole('link', { name: /^Hand-over/ }).click();
    const paper = page.frameLocator('iframe[title="Folder of the hand-over"]');
    await expect(paper.getByRole('heading', { name: 'On paper' })).toBeVisible();
    for (const part of ['Survey', 'Findings', 'Plan', 'Driveline', 'Log of readings']) {
        await expect(paper.getByRole('heading', { name: part, exact: true })).toBeVisible();
    }
    await expect(paper.getByText('Reading 37 does not fit:')).toBeVisible();
    const source = await page.locator('iframe').getAttribute('src');
    await page.goto(source ?? '');
    await page.emulateMedia({ media: 'print' });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
});

test('a frame of sixty points fits the screen', async ({ page }) => {
    await logIn(page);
    const points = [];
    const readings = [];
    for (let row = 0; row < 30; row++) {
        for (const [side, sign] of [
            ['L', -1],
            ['R', 1],
        ] as const) {
            points.push({
                id: `P${row}${side}`,
                side: sign < 0 ? 'left' : 'right',
                mate: `P${row}${sign < 0 ? 'R' : 'L'}`,
                reference: [200 * row, 400 * sign, 500],
                base: row < 8,
            });
            readings.push({ id: `h${row}${side}`, kind: 'height', point: `P${row}${side}`, value: 500 });
        }
        readings.push({ id: `a${row}`, kind: 'tram', from: `P${row}L`, to: `P${row}R`, value: 800 });
    }
    const job = {
        format: 'geodex-job',
        version: 1,
        title: 'Sixty',
        units: 'mm',
        points,
        surveys: [{ id: 'before', readings }],
    };
    await page.goto('/jobs/new');
    await page.getByLabel('Job file', { exact: true }).setInputFiles({
        name: 's.job.json',
        mimeType: 'application/json',
        buffer: Buffer.from(JSON.stringify(job)),
    });
    await page.getByRole('button', { name: 'Take in the file' }).click();
    await expect(page.getByRole('heading', { name: 'Sixty' })).toBeVisible();
    await expect(page.locator('svg g.cursor-pointer')).toHaveCount(120);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByRole('row', { name: /^P29R/ })).toBeAttached();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('no stage runs off the side', async ({ page }) => {
        await known(page);
        const survey = await openCopy(page, 'Narrow');
        const base = survey.replace(/\/surveys.*/, '');
        for (const stage of [
            '/surveys/before',
            '/surveys/before/findings',
            '/plan',
            '/driveline',
            '/surveys/before/hand-over',
            '/run',
            '/run/welds',
            '/run/strip',
            '/run/book',
            '/gear/fasteners',
        ]) {
            await page.goto(`${base}${stage}`);
            await expect(page.getByRole('heading', { name: 'Narrow' }).first()).toBeVisible();
            expect(
                await page.evaluate(() => document.documentElement.scrollWidth),
                stage,
            ).toBeLessThanOrEqual(390);
        }
        await page.goto('/jobs');
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    });
});
