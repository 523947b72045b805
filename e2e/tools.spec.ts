import { expect, test } from '@playwright/test';
import { logIn, known } from './support/shop';

const PLAN = [
    'insert',
    'section',
    'beam',
    'torsion',
    'kick',
    'slope',
    'breakover',
    'posts',
    'fasteners',
    'splice',
    'bracket-fit',
    'body-mounts',
    'spread',
    'arch',
    'tube-bend',
    'press-brake',
    'mitre',
    'cope',
    'clock',
    'plugs',
    'gauge-length',
    'cut-list',
    'nest',
    'photo-contour',
    'offset-contour',
    'station-contour',
    'piece',
    'braces',
    'plate-sections',
    'measured-shaft',
    'hole-pattern',
    'removal-path',
    'tank-move',
    'roll-bar',
    'order',
    'duty',
    'torque',
    'preheat',
    'hold-point',
    'shrinkage-book',
    'consumables',
    'interpass',
    'fit-forecast',
];

test('every quick tool of plan and bending has its picture, and says what is missing instead of guessing', async ({
    page,
}) => {
    await logIn(page);
    for (const tool of PLAN) {
        await page.goto(`/tools/${tool}`);
        const answer = page.getByRole('region', { name: 'Answer' });
        await expect(answer.getByRole('img')).toBeVisible();
        await page.getByRole('button', { name: 'Work it out' }).click();
        await expect(answer.getByText('Nothing is worked out yet')).toBeVisible();
    }
});

test('what is usual is shown as chosen, and can be declined', async ({ page }) => {
    await known(page);
    await page.goto('/tools/weld-sequence');
    const backStep = page.getByRole('radiogroup', { name: 'Back-step' });
    await expect(backStep.getByRole('radio', { name: 'yes' })).toBeChecked();
    await backStep.getByRole('radio', { name: 'no' }).click();
    await expect(backStep.getByRole('radio', { name: 'no' })).toBeChecked();
});

test('an insert by keyboard: the sum can be followed, in inches too', async ({ page }) => {
    await known(page);
    await page.goto('/tools/insert');
    await page.getByLabel('What is done').selectOption('stretch');
    for (const [label, value] of [
        [/^Length gained/, '500'],
        [/^Saw cut, /, '2.5'],
        [/^Root gap/, '2'],
        [/^Thickness/, '5'],
    ] as const)
        await page.getByLabel(label).fill(value);
    await page.keyboard.press('Enter');
    const answer = page.getByRole('region', { name: 'Answer' });
    await expect(answer.getByText('499.5 mm').first()).toBeVisible();
    await page.getByRole('radio', { name: 'inch', exact: true }).click();
    await expect(answer.getByText(/19\.66\d* in/).first()).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 } });

    test('a splice is asked for and answered without anything running off the side', async ({ page }) => {
        await known(page);
        await page.goto('/tools/splice');
        const rail = page.getByRole('group', { name: 'Rail', exact: true });
        await rail.getByLabel('Shape').selectOption('channel');
        await rail.getByLabel(/^Depth/).fill('200');
        await rail.getByLabel(/^Width/).fill('70');
        await rail.getByLabel(/^Thickness/).fill('6');
        await rail.getByLabel(/^Yield, /).fill('355');
        await rail.getByLabel('Steel').selectOption('mild');
        await page.getByLabel(/^Moment/).fill('9000');
        await page.getByLabel(/^Shear/).fill('6000');
        await page.getByLabel(/butt weld/).fill('1');
        await page.getByRole('button', { name: 'Work it out' }).click();
        await expect(page.getByRole('heading', { name: 'Strong enough' })).toBeInViewport();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    });
});
