import { expect, test, type Page } from '@playwright/test';
import { logIn, openCopy } from './support/shop';

async function planOf(page: Page, title: string): Promise<string> {
    await logIn(page);
    return (await openCopy(page, title)).replace(/\/(bench|reference|surveys).*$/, '');
}

test('where to cut is decided by arrow keys, every reason by name', async ({ page }) => {
    const job = await planOf(page, 'Where to cut');
    await page.goto(`${job}/plan/cut`);
    await expect(page.getByRole('heading', { name: 'Cut at 1275.0 mm' })).toBeVisible();
    await expect(page.getByText('Allowed: no rule is broken here.')).toBeVisible();
    const cut = page.getByRole('slider', { name: 'Station of cut here' });
    await cut.focus();
    await cut.press('Shift+ArrowLeft');
    await expect(page.getByText(/rules? (is|are) broken/)).toBeVisible();
    await expect(
        page.getByText(/within 200 mm of gearbox crossmember \(shop default\); free .* further back/),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Look at window 2' }).press('Enter');
    await expect(page.getByText('Allowed: no rule is broken here.')).toBeVisible();

    await page.getByRole('button', { name: 'Stand them on posts' }).click();
    await expect(
        page.getByRole('region', { name: 'rear half' }).getByText(/steady in every case/),
    ).toBeVisible();
});

test('a stretch is planned from a point, looked at in loads, joint, mounts and sheets', async ({ page }) => {
    const job = await planOf(page, 'All pages');
    await page.goto(`${job}/plan`);
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel('Cut at station, mm').fill('230 behind EL');
    await page.getByLabel(/^Length put in/).fill('640');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3940.0 mm')).toBeVisible();
    await expect(page.getByText(/640\.0 mm put in \+ 3\.0 mm kerf of the rail cut/)).toBeVisible();

    await page.getByRole('link', { name: 'Loads' }).click();
    await expect(page.getByRole('img', { name: /Bending moment along the frame/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /^laden/ })).toBeVisible();
    await page.getByRole('radio', { name: 'load rearward' }).click();
    await expect(page.getByText(/midway between the axles/)).toBeVisible();
    await page.getByRole('radio', { name: 'rear jacked up' }).click();
    await expect(page.getByText(/of a frame that stands on its wheels/)).toBeVisible();
    await page.getByRole('radio', { name: 'braking' }).click();
    await expect(page.getByRole('row', { name: /^braking/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /has a wheel in the air/ }).first()).toBeVisible();
    await page.getByLabel('What moves, kg').fill('1200');
    await page.getByLabel('From station, mm').fill('2500');
    await page.getByLabel('To station, mm').fill('6500');
    await page.getByLabel('To station, mm').press('Enter');
    await expect(page.getByText(/Most bending: .*while it stands at 6500\.0 mm/)).toBeVisible();

    await page.getByRole('link', { name: 'Joint' }).click();
    await expect(page.getByRole('row', { name: /Sleeve, plugs, ends free/ })).toBeVisible();
    await page.getByRole('button', { name: 'Sleeve and outer plate' }).press('Enter');
    await expect(
        page.getByRole('img', { name: 'Sleeve and outer plate, seen from the side, to scale' }),
    ).toBeVisible();

    await page.getByRole('link', { name: 'Mounts' }).click();
    await expect(
        page.getByRole('row', { name: /bearing crossmember 1660\.0 2300\.0 60\.0 behind FL/ }),
    ).toBeVisible();

    await page.getByRole('link', { name: 'What it does' }).click();
    await expect(page.getByRole('row', { name: /Wheelbase 3300\.0 mm 3940\.0 mm/ })).toBeVisible();
    await expect(page.getByText(/rear wiring loom/)).toBeVisible();

    await page.getByRole('link', { name: 'Sheets' }).click();
    const sheets = page.frameLocator('iframe[title="Sheets of the plan"]');
    await expect(sheets.getByText(/230\.0 mm behind EL/).first()).toBeVisible();
    await expect(sheets.getByText(/Nothing here is an approval/)).toBeVisible();
});

test('what pulls, hangs, bolts and is cut apart is worked out where it is asked', async ({ page }) => {
    const job = await planOf(page, 'Asked');
    await page.goto(`${job}/plan`);
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel('Cut at station, mm').fill('1350');
    await page.getByLabel(/^Length put in/).fill('640');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('The ends, as they were measured')).toBeVisible();
    await page.getByLabel('Planned from').selectOption('before');
    await expect(page.getByText(/What is bent stays bent in the target/)).toBeVisible();
    await page.getByLabel('Planned from').selectOption('');

    await page.getByRole('link', { name: 'Loads' }).click();
    const winch = page.getByRole('form', { name: 'A winch' });
    await winch.getByLabel('Pull of the rope, kN').fill('35');
    await winch.getByLabel(/It leaves the frame at/).fill('AL');
    await winch.getByLabel(/It leaves the frame at/).press('Enter');
    await expect(page.getByText(/The front axle carries .* in place of/)).toBeVisible();
    const beside = page.getByRole('form', { name: 'A load beside a rail' });
    await beside.getByLabel('What hangs there, kg').fill('130');
    await beside.getByLabel('At station, mm').fill('2000');
    await beside.getByRole('button', { name: 'Hang it there' }).click();
    await expect(page.getByRole('row', { name: /Closed by the plate/ })).toBeVisible();

    await page.getByRole('link', { name: 'Mounts' }).click();
    const bolts = page.getByRole('form', { name: 'Bolts of a mount' });
    await bolts.getByLabel('It carries, kg').fill('400');
    await bolts.getByRole('button', { name: 'What do they bear' }).click();
    await expect(page.getByText(/the worst bolt is used to/)).toBeVisible();
});

test('the loose half is set round after round, by keyboard', async ({ page }) => {
    const job = await planOf(page, 'Apart');
    await page.goto(`${job}/plan`);
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel('Cut at station, mm').fill('1350');
    await page.getByLabel(/^Length put in/).fill('640');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3940.0 mm')).toBeVisible();
    await page.getByRole('link', { name: 'Where to cut' }).click();
    const gap = page.getByRole('region', { name: 'Gap of op1' });
    await expect(gap.getByRole('button', { name: 'Keep this round' })).toBeVisible();
    const planned = (await gap.locator('table tr td:last-child').allTextContents()).map((one) =>
        parseFloat(one.replace(/[^\d.−-]/g, '').replace('−', '-')),
    );
    const round = async (up: number) => {
        const fields = gap.getByRole('textbox');
        for (const [i, mm] of planned.entries()) {
            await fields.nth(i).fill((mm + (i > 3 ? up : 0)).toFixed(1));
        }
        await fields.last().press('Enter');
    };
    await round(6);
    await expect(gap.getByRole('heading', { name: /Not yet set: largest move 6\.\d mm/ })).toBeVisible();
    await expect(gap.getByText(/Then the heights: FL down 6\.0 mm/)).toBeVisible();
    await round(0);
    await expect(gap.getByRole('heading', { name: /○ Set: largest move 0\.\d mm/ })).toBeVisible();
    await gap.getByRole('button', { name: 'Take round 2 back' }).click();
    await expect(gap.getByRole('heading', { name: /Set:/ })).toBeHidden();
});

test('two variants stand side by side', async ({ page }) => {
    const job = await planOf(page, 'Variants');
    await page.goto(`${job}/plan`);
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel(/^Length put in/).fill('640');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await page.getByRole('button', { name: 'Copy to a variant B' }).click();
    await expect(page.getByRole('radio', { name: 'Variant B' })).toBeChecked();
    await page.getByRole('button', { name: 'Remove' }).click();
    await page.getByLabel('Another change').selectOption('move-axle');
    await page.getByLabel('Axle').selectOption('rear');
    await page.getByLabel('by, mm').fill('500');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3800.0 mm')).toBeVisible();
    await page.getByRole('link', { name: 'What it does' }).click();
    await expect(page.getByRole('row', { name: /Wheelbase 3300\.0 mm 3940\.0 mm 3800\.0 mm/ })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('columnheader', { name: 'B, in force' })).toBeVisible();
});

test.describe('at 390 px', () => {
    test.use({ viewport: { width: 390, height: 844 } });
    test('no page of the plan runs off the side', async ({ page }) => {
        const job = await planOf(page, 'Narrow plan');
        for (const name of [
            'frame',
            'plan',
            'plan/cut',
            'plan/loads',
            'plan/splice',
            'plan/mounts',
            'plan/after',
            'plan/papers',
        ]) {
            await page.goto(`${job}/${name}`);
            await expect(page.getByRole('navigation', { name: 'Pages of the plan' })).toBeVisible();
            expect(await page.evaluate(() => document.documentElement.scrollWidth), name).toBeLessThanOrEqual(
                390,
            );
        }
    });
});

test.describe('with a finger', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('numbers are typed on the large pad, which leaves the field in sight, and letters bring the own keyboard', async ({
        page,
    }) => {
        const job = await planOf(page, 'By glove');
        await page.goto(`${job}/plan/loads`);
        const pad = page.getByRole('toolbar', { name: 'Number pad' });
        const mass = page.getByLabel('What moves, kg');
        await expect(pad).toBeHidden();
        await mass.tap();
        for (const key of ['9', '0', '0', '7'])
            await pad.getByRole('button', { name: key, exact: true }).tap();
        await pad.getByRole('button', { name: 'Delete' }).tap();
        await expect(mass).toHaveValue('900');
        const [field, keys] = [await mass.boundingBox(), await pad.boundingBox()];
        expect((field?.y ?? 0) + (field?.height ?? 0)).toBeLessThan(keys?.y ?? 0);
        for (const key of await pad.getByRole('button').all())
            expect((await key.boundingBox())?.height).toBeGreaterThanOrEqual(56);

        await page.getByLabel('From station, mm').tap();
        for (const key of ['minus', '6', '2'])
            await pad.getByRole('button', { name: key, exact: true }).tap();
        await page.getByLabel('To station, mm').tap();
        await pad.getByRole('button', { name: 'letters' }).tap();
        await expect(pad).toBeHidden();
        await page.getByLabel('To station, mm').fill('200 behind FL');
        await page.getByRole('button', { name: 'Move it along' }).tap();
        await expect(page.getByText(/Most bending: .*while it stands at/)).toBeVisible();
    });
});
