import { expect, test, type Page } from '@playwright/test';
import { logIn, openCopy, known } from './support/shop';

async function openBench(page: Page, title: string): Promise<void> {
    await known(page);
    await openCopy(page, title);
    await page.getByRole('link', { name: /^Bench/ }).click();
    await expect(page.getByRole('heading', { name: 'What the vehicle stands on' })).toBeVisible();
    await page.getByLabel('Length between the screws, mm').fill('6 m');
    await page.getByLabel('Width between the screws, mm').fill('1200');
    await page.getByRole('button', { name: 'Keep the bench' }).click();
    await expect(page.getByRole('radio', { name: '1 Level' })).toBeVisible();
}

async function fill(page: Page, values: Record<string, string>): Promise<void> {
    for (const [label, value] of Object.entries(values))
        await page.getByLabel(label, { exact: true }).fill(value);
    await page.getByRole('button', { name: 'Work it out' }).click();
}

test('a bench is levelled round by round, each with the turns of every screw', async ({ page }) => {
    await openBench(page, 'Level the bench');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText('Measure this one too.').first()).toBeVisible();
    await fill(page, {
        'Front left, mm': '100',
        'Front right, mm': '103',
        'Rear left, mm': '98',
        'Rear right, mm': '109',
    });
    await expect(page.getByText('The corners differ by 11.0 mm.')).toBeVisible();
    const plot = page.getByRole('img', { name: '1 round; the last was off by 11.0 mm' });
    await expect(plot.locator('path').first()).toHaveAttribute('d', /H[1-9]\d\d/);
    await expect(
        page.getByRole('row', { name: /rear right 3 1\/4 turns ↺ anticlockwise lower 6.5 mm/ }),
    ).toBeVisible();
    await fill(page, {
        'Front left, mm': '102.5',
        'Front right, mm': '102.6',
        'Rear left, mm': '102.2',
        'Rear right, mm': '102.5',
    });
    await expect(page.getByText('Level: the corners are within 0.4 mm.')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('img', { name: /2 rounds; the last was off by 0.4 mm/ })).toBeVisible();
});

test('a bench is levelled without a mouse', async ({ page }) => {
    await openBench(page, 'Level by keys');
    await page.getByLabel('Front left, mm').focus();
    for (const height of ['100', '103', '98', '109']) {
        await page.keyboard.type(height);
        if (height !== '109') await page.keyboard.press('Tab');
    }
    await page.keyboard.press('Enter');
    await expect(page.getByText('The corners differ by 11.0 mm.')).toBeVisible();
});

test('when the server is gone, what was measured stays in the fields and is worked out once it is back', async ({
    page,
}) => {
    await openBench(page, 'A server gone');
    await page.route('**/bench/rounds', (route) => route.abort());
    const heights = {
        'Front left, mm': '100',
        'Front right, mm': '103',
        'Rear left, mm': '98',
        'Rear right, mm': '109',
    };
    await fill(page, heights);
    await expect(page.getByText('Not worked out')).toBeVisible();
    await expect(page.getByText(/server/).first()).toBeVisible();
    for (const [label, value] of Object.entries(heights))
        await expect(page.getByLabel(label, { exact: true })).toHaveValue(value);
    await page.unroute('**/bench/rounds');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText('The corners differ by 11.0 mm.')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('img', { name: /^1 rounds?; the last was off by 11.0 mm/ })).toBeVisible();
});

test('a bench is squared, and what no bench can be is refused in words', async ({ page }) => {
    await openBench(page, 'Square the bench');
    await page.getByRole('radio', { name: '2 Square' }).click();
    const sides = {
        'Front side, mm': '1200',
        'Rear side, mm': '1200',
        'Left side, mm': '6000',
        'Right side, mm': '6000',
    };
    await fill(page, {
        ...sides,
        'Diagonal, left front to right rear, mm': '9000',
        'Diagonal, right front to left rear, mm': '6112',
    });
    await expect(page.getByText(/No four-cornered bench has these lengths/)).toBeVisible();
    await fill(page, {
        ...sides,
        'Diagonal, left front to right rear, mm': '6125',
        'Diagonal, right front to left rear, mm': '6112',
    });
    await expect(page.getByText(/the right side sits 6.6 mm rearward/)).toBeVisible();
    await expect(page.getByRole('row', { name: /rear left .* to the left/ })).toBeVisible();
});

test('a vehicle is set until it may be tacked, and its offsets go into the survey', async ({ page }) => {
    await openBench(page, 'Set the vehicle');
    await page.getByRole('radio', { name: '3 Set the vehicle' }).click();
    const set = async (end: string, points: string, values: string[]) => {
        const group = page.getByRole('group', { name: end });
        await group.getByLabel('Points of the frame').selectOption(points);
        const labels = [
            'Left point from the centreline',
            'Right point from the centreline',
            'Left height',
            'Right height',
        ];
        for (const [i, label] of labels.entries()) await group.getByLabel(label).fill(values[i] ?? '');
    };
    await set('Front pair', 'CL', ['422', '428', '548', '548']);
    await set('Rear pair', 'GL', ['425', '425', '548', '548']);
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText('Not ready to tack: the front stands 3.0 mm to the right.')).toBeVisible();
    await expect(page.getByRole('row', { name: /front 3.0 mm to the left/ })).toBeVisible();
    await set('Front pair', 'CL', ['425', '425.4', '548', '548.3']);
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText('Ready to tack: everything is within tolerance.')).toBeVisible();
    await page.getByRole('button', { name: 'Carry offsets and heights into the survey' }).click();
    await expect(page.getByRole('row', { name: /offset CL/ }).first()).toBeVisible();
    await expect(page.getByText('70 readings')).toBeVisible();
});

test('a quick tool: two diagonals alone tell whether a panel is square, in inches too', async ({ page }) => {
    await logIn(page);
    await page.getByRole('button', { name: /^Technician/ }).click();
    await page.getByRole('menuitem', { name: 'Quick tools' }).click();
    await page.getByRole('link', { name: 'Square check' }).click();
    await page.getByRole('radio', { name: 'inch', exact: true }).click();
    await page.getByLabel('Diagonal, left front to right rear, in').fill('85 1/8');
    await page.getByLabel('Diagonal, right front to left rear, in').fill('84 1/2');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText(/^missing: Left rail, front point to rear point/)).toBeVisible();
    await page.getByLabel('Left rail, front point to rear point, in').fill('78 3/4');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByRole('heading', { name: 'Not square' })).toBeVisible();
    await expect(page.getByText(/The right rail sits 0\.\d+ ± 0\.\d+ in rearward/)).toBeVisible();
});

test('a quick tool by keyboard: corners on supports, with fields in groups', async ({ page }) => {
    await known(page);
    await page.goto('/tools/support-twist');
    await page.getByLabel('Front left, mm').first().focus();
    for (const height of ['512', '506', '498', '503']) {
        await page.keyboard.type(height);
        await page.keyboard.press('Tab');
    }
    await page.getByLabel('Between the front points, mm').fill('820');
    await page.getByLabel('Between the rear points, mm').fill('820');
    await page.keyboard.press('Enter');
    await expect(
        page.getByText(/wind the frame by 11\.0 ± 3\.9 mm.* let down the front left by 11\.0 mm/),
    ).toBeVisible();
    await expect(
        page.getByRole('row', { name: /Twist, front less rear, right side high −11\.0 mm/ }),
    ).toBeVisible();
    await expect(
        page.getByRole('row', { name: /One jack, up positive: front right 11\.0 mm/ }),
    ).toBeVisible();
});
