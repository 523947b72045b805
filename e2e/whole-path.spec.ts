import { expect, test } from '@playwright/test';
import { call, line, known, openCopy } from './support/shop';

test('from a called-out reading to a planned frame', async ({ page }) => {
    await known(page);
    const survey = await openCopy(page, 'Whole path');

    // Ten readings in both units, by keyboard alone.
    expect(await call(page, 'JL JR 829.5')).toContain('Stored 63');
    for (const [text, says] of [
        ['415.5', 'Stored 64'], // bare: the suggested tram HL JL
        ['HL JR 36 17/32 in', 'Stored 65'],
        ['HR JL 928', 'Stored 66'],
        ['HR JR 16 11/32 in', 'Stored 67'],
        ['h JL 502', 'Stored 68'],
        ['h jr 509.5', 'Stored 69'],
        ['r HL JL 4.5', 'Stored 70'],
        ['o JL -404.5', 'Stored 71'],
        ['l JL JR 0.5', 'Stored 72'],
    ] as const) {
        expect(await call(page, text)).toContain(says);
    }

    // The misread tape is flagged with its size, and struck with a reason.
    await page.getByRole('button', { name: /Reading 37 does not fit/ }).click();
    await expect(page.getByText(/Tram, EL to FR reads 2\d\.\d mm more than the other \d+ say/)).toBeVisible();
    await page.getByRole('button', { name: 'Strike reading 37' }).click();
    await page.getByLabel('Why').fill('Tape held at the one-inch mark');
    await page.getByRole('button', { name: 'Strike it' }).click();
    await expect(page.getByRole('button', { name: /Reading 37 does not fit/ })).toBeHidden();
    await page.reload();
    await expect(page.getByRole('row', { name: /37 tram EL FR.*struck/ })).toBeVisible();

    // Findings, in words and by point.
    await page.getByRole('link', { name: /^Findings/ }).click();
    await expect(page.getByText(/The rear is twisted, right side high/).first()).toBeVisible();
    await expect(page.getByRole('row', { name: /^AL .*within/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /^MR .*not read/ })).toBeVisible();

    // The stretch: placed by arrow keys, its length typed.
    await page.getByRole('link', { name: /^Plan/ }).click();
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel(/^Length/).fill('640');
    await page.getByLabel(/^Length/).press('Enter');
    await expect(page.getByText('3940.0 mm')).toBeVisible();
    const cut = page.getByRole('slider', { name: 'Station of cut op1' });
    await expect(cut).toHaveAttribute('aria-valuenow', '2330');
    await cut.focus();
    const saved = page.waitForResponse((answer) => (answer.request().postData() ?? '').includes('"2350"'));
    await cut.press('ArrowRight');
    await cut.press('ArrowRight');
    await saved;
    await expect(page.getByLabel('Cut at station, mm')).toHaveValue('2350');
    await expect(page.getByRole('row', { name: /^MR 5880\.0 \+640\.0 415\.0 500\.0/ })).toBeVisible();
    await expect(page.getByText('rear brake line')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Cut at station, mm')).toHaveValue('2350');

    // The shaft.
    await page.getByRole('link', { name: /^Running gear/ }).click();
    await expect(page.getByText('Tube to add')).toBeVisible();
    await expect(page.getByText('639.2 mm').first()).toBeVisible();
    await expect(page.getByText(/of its critical speed/)).toBeVisible();

    // The report, and the same as PDF.
    await page.getByRole('link', { name: /^Hand-over/ }).click();
    const document = page.frameLocator('iframe[title="Folder of the hand-over"]');
    await expect(document.getByText('Tape held at the one-inch mark').first()).toBeVisible();
    await expect(document.getByText('It is no approval', { exact: false })).toBeVisible();
    const pdf = await page.request.get(
        (await page.getByRole('link', { name: 'PDF' }).getAttribute('href')) ?? '',
    );
    expect(pdf.headers()['content-type']).toBe('application/pdf');

    await page.goto(survey);
    await expect(line(page)).toBeFocused();
});

test('the cut is placed by mouse too', async ({ page }) => {
    await known(page);
    await openCopy(page, 'By mouse');
    await page.getByRole('link', { name: /^Plan/ }).click();
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel(/^Length/).fill('300');
    await page.getByRole('button', { name: 'Plan it' }).click();
    const cut = page.getByRole('slider', { name: 'Station of cut op1' });
    const at = async () => Number(await cut.getAttribute('aria-valuenow'));
    const before = await at();
    const box = await cut.boundingBox();
    if (!box) throw new Error('the cut is not on the drawing');
    await page.mouse.move(box.x + box.width / 2, box.y + 200);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 60, box.y + 200, { steps: 4 });
    await page.mouse.up();
    await expect.poll(at).toBeLessThan(before - 200);
    await expect(page.getByLabel('Cut at station, mm')).toHaveValue(String(await at()));
});
