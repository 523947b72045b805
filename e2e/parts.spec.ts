import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { known, openCopy, openStretched } from './support/shop';

async function partsOf(page: Page, title: string): Promise<string> {
    const job = await openStretched(page, title);
    await page.goto(`${job}/parts`);
    await expect(page.getByRole('heading', { name: 'Asked for' })).toBeVisible();
    return job;
}

for (const [width, height] of [
    [1280, 800],
    [390, 844],
] as const)
    test(`from the plan to a file for the cutter and back, ${width} px wide`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        const job = await partsOf(page, `Parts of a stretch ${width}`);
        await page.getByRole('button', { name: /^Take Insert/ }).click();
        await page.getByText('Other ways of joining that hold').click();
        await page
            .getByRole('button', { name: /^Take .*plate/i })
            .first()
            .click();
        await expect(page.getByRole('row', { name: /plate with weld land/ }).first()).toBeVisible();
        const plate = page.getByRole('row', { name: /plate with weld land/ }).first();
        await plate.getByRole('link').click();
        await expect(page.getByText('stays locked until')).toBeVisible();
        await page.getByLabel('What was corrected on the first one').fill('Corner 2 mm rounder');
        await page.getByRole('button', { name: 'The first one fits: sign it off' }).click();
        await expect(page.getByText(/First one tried by .*Corner 2 mm rounder/)).toBeVisible();
        const [file] = await Promise.all([
            page.waitForEvent('download'),
            page.getByRole('link', { name: 'DXF' }).click(),
        ]);
        expect(file.suggestedFilename()).toMatch(/\.dxf$/);
        const drawn = readFileSync(await file.path());
        expect(drawn.toString()).toContain('LWPOLYLINE');
        await page.getByRole('button', { name: 'Mirror it for the other side' }).click();
        await page.getByRole('button', { name: 'To its mirror image' }).click();
        await expect(page.getByText(/Mirror image of .*turned over/)).toBeVisible();

        await page.goto(`${job}/parts`);
        await page
            .getByLabel('A plate out of a DXF file')
            .setInputFiles({ name: 'plate.dxf', mimeType: 'image/vnd.dxf', buffer: drawn });
        const form = page.getByRole('form', { name: /a part$/ });
        await form.getByLabel('What it is called').fill('Plate out of a file');
        await form.getByRole('button', { name: 'Work it out and keep it' }).click();
        await expect(page.getByRole('link', { name: 'Plate out of a file' })).toBeVisible();
        await page
            .getByLabel('A plate out of a DXF file')
            .setInputFiles({ name: 'none.dxf', mimeType: 'image/vnd.dxf', buffer: Buffer.from('nonsense') });
        await expect(page.getByText('No DXF file, or nothing is drawn in it.')).toBeVisible();
    });

test('numbers of a plate are changed one by one, and the drawing follows what is typed', async ({ page }) => {
    await known(page);
    const job = (await openCopy(page, 'Changed plate')).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/parts`);
    await page
        .getByLabel('Another part, made as')
        .selectOption({ label: 'Plate with weld land and windows' });
    await page.getByRole('button', { name: 'Draw it' }).click();
    const form = page.getByRole('form', { name: /a part$/ });
    await form.getByLabel('What it is called').fill('Round plate');
    await form.getByLabel(/^Contour/).fill('0, 0; 200, 0, 0.4142; 200, 100; 0, 100');
    await form.getByLabel(/^Set back by/).fill('5');
    await expect(form.getByRole('img', { name: /^As typed/ })).toBeVisible();
    await form.getByRole('button', { name: 'Work it out and keep it' }).click();
    await page.getByRole('link', { name: 'Round plate' }).click();
    await page.getByRole('button', { name: 'Change its numbers' }).click();
    await expect(form.getByLabel(/^Contour/)).toHaveValue('0, 0; 200, 0, 0.4142; 200, 100; 0, 100');
    await form.getByLabel(/^Contour/).press('End');
    await form.getByLabel(/^Contour/).pressSequentially('; -20, 50');
    await form.getByRole('button', { name: 'Work it out and keep it' }).click();
    await expect(form).toBeHidden();
    await expect(page.getByRole('img', { name: /^plate: cut/ })).toBeVisible();
});

test('a part says what changed since it was taken, and is taken over', async ({ page }) => {
    const job = await partsOf(page, 'Parts gone stale');
    await page.getByRole('button', { name: /^Take Insert/ }).click();
    await page.goto(`${job}/plan`);
    await page.getByLabel(/^Length/).fill('400');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3700.0 mm').first()).toBeVisible();
    await page.goto(`${job}/parts`);
    await expect(page.getByText('out of date: length to saw')).toBeVisible();
    await page.getByRole('link', { name: /^Insert/ }).click();
    await page.getByRole('button', { name: /^Take it over/ }).click();
    await expect(page.getByText('Out of date.')).toBeHidden();
});

test('what is sawn is laid over the rack, and off-cuts go back', async ({ page }) => {
    const job = await partsOf(page, 'Sawn parts');
    await page.getByRole('button', { name: /^Take Insert/ }).click();
    await page.getByRole('link', { name: /^Insert/ }).click();
    await page.getByRole('button', { name: 'Change its numbers' }).click();
    await page.getByLabel('Stock on the rack, by name').fill('channel of this test');
    await page.getByRole('button', { name: 'Work it out and keep it' }).click();
    await page.goto(`${job}/parts/cut-list`);
    await expect(page.getByText('Nothing of this stock is on the rack')).toBeVisible();
    const rack = page.getByRole('form', { name: 'Something for the rack' });
    await rack.getByLabel('What it is').fill('channel of this test');
    await rack.getByLabel(/^Length/).fill('3000');
    await rack.getByLabel('How many').fill('1');
    await rack.getByRole('button', { name: 'Put it there' }).click();
    await expect(page.getByText('No other way takes less of the rack.').first()).toBeVisible();
    await expect(page.getByText(/Waiting for a first article: Insert/)).toBeVisible();
    await page
        .getByRole('region', { name: 'channel of this test' })
        .getByRole('button', { name: /^Sawn/ })
        .click();
    await expect(page.getByText('channel of this test, off-cut')).toBeVisible();
    await page.getByRole('button', { name: /^Take channel of this test, 2/ }).click();
    await expect(page.getByText('channel of this test, off-cut')).toBeHidden();
});

test('a plate on a sheet is moved by keys, and says what it runs into', async ({ page }) => {
    await known(page);
    const job = (await openCopy(page, 'Nested plates')).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/parts`);
    for (const name of ['First plate', 'Second plate']) {
        await page
            .getByLabel('Another part, made as')
            .selectOption({ label: 'Plate with weld land and windows' });
        await page.getByRole('button', { name: 'Draw it' }).click();
        const form = page.getByRole('form', { name: /a part$/ });
        await form.getByLabel('What it is called').fill(name);
        await form.getByLabel('Stock on the rack, by name').fill('plate 8');
        await form.getByLabel(/^Contour/).fill('0, 0; 200, 0; 200, 100; 0, 100');
        await form.getByLabel(/^Set back by/).fill('0');
        await form.getByRole('button', { name: 'Work it out and keep it' }).click();
        await expect(page.getByRole('link', { name })).toBeVisible();
    }
    await page.goto(`${job}/parts/nest`);
    const plate = page.getByRole('button', { name: /^First plate/ });
    await expect(page.getByRole('link', { name: 'DXF of this sheet' })).toBeVisible();
    await plate.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(plate).toHaveAccessibleName(/over the border, laid by hand/);
    await expect(page.getByRole('link', { name: 'DXF of this sheet' })).toBeHidden();
    await page.getByRole('button', { name: 'Lay all of them anew' }).click();
    await expect(page.getByRole('link', { name: 'DXF of this sheet' })).toBeVisible();
});

for (const [width, height] of [
    [1280, 800],
    [390, 844],
] as const)
    test(`a plate out of a photograph, ${width} px wide`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await known(page);
        const job = (await openCopy(page, `Photographed plate ${width}`)).replace(
            /\/(bench|reference|surveys).*$/,
            '',
        );
        await page.goto(`${job}/parts/photo`);
        await page
            .getByLabel(/picture$/)
            .setInputFiles({ name: 'face.png', mimeType: 'image/png', buffer: await page.screenshot() });
        const picture = page.getByRole('img', { name: /^face/ });
        await expect(picture).toBeVisible();
        const box = (await picture.boundingBox()) ?? { width: 0, height: 0 };
        const tap = (x: number, y: number) =>
            picture.click({ position: { x: x * box.width, y: y * box.height } });
        for (const [x, y] of [
            [0.2, 0.8],
            [0.8, 0.8],
            [0.8, 0.2],
            [0.2, 0.2],
        ] as const)
            await tap(x, y);
        for (const [i, at] of ['0, 0', '300, 0', '300, 200', '0, 200'].entries())
            await page.getByLabel(`Point ${i + 1}: along, up, mm`).fill(at);
        await page.getByRole('radio', { name: '2 Contour' }).click();
        for (const [x, y] of [
            [0.35, 0.65],
            [0.65, 0.65],
            [0.65, 0.35],
            [0.35, 0.35],
        ] as const)
            await tap(x, y);
        await page.getByRole('radio', { name: '3 Check length' }).click();
        await tap(0.35, 0.65);
        await tap(0.65, 0.65);
        await page.getByLabel(/^The dashed length taped/).fill('210');
        await page.getByRole('button', { name: 'Work it out' }).click();
        await expect(page.getByText('The taped length does not agree')).toBeVisible();
        await page.getByLabel(/^The dashed length taped/).fill('150');
        await page.getByRole('button', { name: 'Work it out' }).click();
        await page.getByLabel('What it is called').fill('Plate from a picture');
        await page.getByRole('button', { name: 'Keep it as a part' }).click();
        await expect(page.getByRole('heading', { name: 'Plate from a picture' })).toBeVisible();
        await expect(page.getByRole('img', { name: /^contour from the picture/ })).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    });

test('at 390 px the rail shows a stage with its neighbours, and a list of all', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await known(page);
    await page.goto('/jobs/1/parts');
    const rail = page.getByRole('navigation', { name: 'Stages of the job' });
    await expect(rail.getByRole('link', { name: 'Parts' })).toBeVisible();
    await expect(rail.getByRole('link', { name: /^Bench/ })).toBeHidden();
    for (const address of ['', '/1', '/cut-list', '/nest', '/photo']) {
        await page.goto(`/jobs/1/parts${address}`);
        expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(
            390,
        );
    }
    await rail.getByRole('button', { name: /^All/ }).click();
    await page.getByRole('menuitem', { name: /^Findings/ }).click();
    await expect(page).toHaveURL(/findings/);
});

test('a quick tool draws its template without a job', async ({ page }) => {
    await known(page);
    await page.goto('/tools/mitre');
    await page.getByLabel(/^The line of the tube turns by/).fill('50');
    await page
        .getByRole('group', { name: 'First piece' })
        .getByLabel(/^Diameter/)
        .fill('40');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await page.getByRole('button', { name: 'Drawing, template and files' }).click();
    await expect(page.getByRole('img', { name: /^first piece: cut/ })).toBeVisible();
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Template, PDF' }).click(),
    ]);
    expect(file.suggestedFilename()).toBe('mitre-first-piece.pdf');
});
