import { expect, test } from '@playwright/test';
import { logIn, openCopy } from './support/shop';

test.beforeEach(async ({ page }) => logIn(page));

test('the frame is entered as metal by keyboard, from a point, and shown on every stage', async ({
    page,
}) => {
    const job = (await openCopy(page, 'Metal by hand')).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/frame`);
    await expect(page.getByRole('heading', { name: 'Section' })).toBeVisible();

    // The section at a station, by the arrow keys of its slider.
    const slider = page.getByRole('slider', { name: 'Station of the section' });
    await slider.focus();
    const before = await slider.inputValue();
    await page.keyboard.press('ArrowRight');
    expect(Number(await slider.inputValue())).toBeGreaterThan(Number(before));
    await expect(page.getByText(/moment at yield/)).toBeVisible();

    // A feature given from a point, with a fault first.
    await page.getByRole('button', { name: 'Add: feature' }).press('Enter');
    const form = page.getByRole('form', { name: /^Feature F/ });
    await form.getByLabel('What').selectOption('body-mount');
    await form.getByLabel('Station, mm').fill('350 behind QL');
    await form.getByRole('button', { name: 'Keep' }).press('Enter');
    await expect(form.getByText(/no point or axle “QL”/)).toBeVisible();
    await form.getByLabel('Station, mm').fill('350 behind CL');
    await form.getByLabel(/Length along/).fill('90');
    await form.getByRole('button', { name: 'Keep' }).press('Enter');
    await expect(form).toBeHidden();
    await expect(page.getByRole('row', { name: /body mount .* 350 mm behind CL/ })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('row', { name: /body mount .* 350 mm behind CL/ })).toBeVisible();

    // It is taken out again.
    await page.getByRole('button', { name: 'F19', exact: true }).click();
    await page.getByRole('button', { name: 'Take out' }).click();
    await expect(page.getByRole('button', { name: 'F19', exact: true })).toBeHidden();
});

test('the drawing is made larger, dragged, fitted by one key, and turned in space', async ({ page }) => {
    const job = (await openCopy(page, 'Metal to turn')).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/frame`);
    const drawing = page.getByRole('group', { name: /The frame as metal/ });
    const rail = () => drawing.locator('polygon').first().getAttribute('points');
    const fitted = await rail();
    const box = await drawing.boundingBox();
    if (!box) throw new Error('no drawing');
    await page.mouse.move(box.x + 300, box.y + 200);
    await page.mouse.wheel(0, -400);
    await expect.poll(rail).not.toBe(fitted);
    const larger = await rail();
    await page.mouse.down();
    await page.mouse.move(box.x + 380, box.y + 210, { steps: 4 });
    await page.mouse.up();
    await expect.poll(rail).not.toBe(larger);
    await page.keyboard.press('f');
    await expect.poll(rail).toBe(fitted);
    await page.keyboard.press('.');
    await expect.poll(rail).not.toBe(fitted);

    await page.getByRole('button', { name: 'In space' }).click();
    const space = page.getByRole('slider', { name: /The frame in space/ });
    const turned = await space.getAttribute('aria-valuetext');
    await space.focus();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowUp');
    expect(await space.getAttribute('aria-valuetext')).not.toBe(turned);
    await page.getByRole('button', { name: 'Back to plan and side' }).click();
    await expect(drawing).toBeVisible();
});

test('a plain ladder truck is made of eight numbers at 390 px', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const job = (await openCopy(page, 'Eight numbers', 'trailer-tug')).replace(
        /\/(bench|reference|surveys).*$/,
        '',
    );
    await page.goto(`${job}/frame`);
    const form = page.getByRole('form', { name: 'A plain ladder truck' });
    for (const [label, value] of Object.entries({
        Wheelbase: '1650',
        'Frame ahead of the front axle': '500',
        'Frame behind the rear axle': '700',
        'Width over the rails': '780',
        'Depth of the rail': '120',
        'Width of its flange': '60',
        'Thickness of its wall': '5',
        'Spring, hanger to hanger': '900',
    }))
        await form.getByLabel(label).fill(value);
    await form.getByRole('button', { name: 'Make this frame' }).click();
    await expect(page.getByText('120.0 × 60.0 mm')).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
