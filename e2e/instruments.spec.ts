import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect, test, type Page } from '@playwright/test';
import { line, logIn, openCopy } from './support/shop';

const run = promisify(execFile);

async function addTool(page: Page, name: string, simulated: boolean): Promise<void> {
    await page.goto('/instruments');
    await page.getByRole('button', { name: 'Add a tool' }).click();
    await page.getByLabel('Name').fill(name);
    await page.getByLabel('Reach, if it has one').fill('2.5 m');
    if (simulated) {
        await page.getByRole('radio', { name: 'a simulated one' }).click();
        await page.getByLabel('Misreads, 0 to 1').fill('0');
        await page.getByLabel('Damage it hides').fill('rear-bend=4');
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByText(/“rear-bend=4” is no damage/)).toBeVisible();
        await page.getByLabel('Damage it hides').fill('rear-twist=9');
    }
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(name, { exact: false }).first()).toBeVisible();
}

test('a tool is checked against a known length, and its readings are believed by that', async ({ page }) => {
    await logIn(page);
    const name = `Bar ${Date.now()}`;
    await addTool(page, name, false);
    const row = page.getByRole('listitem').filter({ hasText: name });
    await expect(row.getByText('Check due.')).toBeVisible();
    await row.getByRole('button', { name: 'Check it…' }).click();
    await page.getByLabel('Known length, mm').fill('1000');
    for (const [i, value] of ['1001.0', '1001.2'].entries())
        await page.getByLabel(`Reading ${i + 1}`).fill(value);
    await page.getByRole('button', { name: 'What is it good to?' }).click();
    await expect(page.getByText(/A check takes at least three readings/)).toBeVisible();
    for (const [i, value] of ['1001.0', '1001.2', '1001.4', '1001.1', '1001.3'].entries())
        await page.getByLabel(`Reading ${i + 1}`).fill(value);
    await page.getByRole('button', { name: 'What is it good to?' }).click();
    await expect(row.getByText(/It reads 1.20 ± 0.20 mm too much/)).toBeVisible();
    await openJob(page, `With ${name}`);
    await page.getByLabel('Read with').selectOption({ label: name });
    await line(page).fill('JL JR 831.2');
    await line(page).press('Enter');
    await expect(page.getByText(`with ${name}`)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Read with').locator('option:checked')).toHaveText(name);
});

async function openJob(page: Page, title: string): Promise<string> {
    await page.goto('/jobs');
    return openCopy(page, title);
}

test('the stand-in hands over the suggested reading at a press', async ({ page }) => {
    await logIn(page);
    const name = `Stand-in ${Date.now()}`;
    await addTool(page, name, true);
    await openJob(page, `Simulated ${name}`);
    await page.getByLabel('Read with').selectOption({ label: name });
    await page.getByRole('button', { name: 'Take reading from instrument' }).click();
    await expect(page.getByRole('row', { name: /63 tram JL JR/ })).toBeVisible();
    await page.getByRole('button', { name: 'Take reading from instrument' }).click();
    await expect(page.getByText('64 readings')).toBeVisible();
});

test('an instrument on the network answers what the screen asks of it', async ({ page, baseURL }) => {
    await logIn(page);
    const name = `Digital tram ${Date.now()}`;
    await addTool(page, name, false);
    const row = page.getByRole('listitem').filter({ hasText: name });
    await row.getByRole('button', { name: 'Token' }).click();
    const token = (await row.locator('code').textContent()) ?? '';
    expect(token).toHaveLength(40);
    await openJob(page, `Network ${name}`);
    await page.getByLabel('Read with').selectOption({ label: name });
    await page.getByRole('button', { name: 'Take reading from instrument' }).click();
    await expect(page.getByRole('button', { name: 'Waiting for the instrument…' })).toBeDisabled();
    const { stdout } = await run('bin/geodex', [
        'instrument',
        '--url',
        baseURL ?? '',
        '--token',
        token,
        '--seed',
        '3',
        '--count',
        '1',
        '--misreads',
        '0',
    ]);
    expect(JSON.parse(stdout)).toMatchObject({
        kind: 'tram',
        points: ['JL', 'JR'],
        answer: { stored: true, number: 63 },
    });
    await expect(page.getByRole('row', { name: /63 tram JL JR/ })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Take reading from instrument' })).toBeEnabled();
});
