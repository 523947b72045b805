import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { OwnServer } from './support/own-server';
import { enter, line, known, openCopy, openStretched } from './support/shop';

test.use({ serviceWorkers: 'allow' });

/** Once the worker answers for the page, and has kept what will be needed. */
async function isKept(page: Page): Promise<void> {
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await expect
        .poll(() =>
            page.evaluate(async () => {
                const names = (await caches.keys()).filter((name) => name.startsWith('geodex-pages'));
                const kept = await Promise.all(
                    names.map(async (name) => (await (await caches.open(name)).keys()).length),
                );
                return kept.reduce((sum, one) => sum + one, 0);
            }),
        )
        .toBeGreaterThanOrEqual(3);
}

async function runOf(page: Page, title: string): Promise<string> {
    const job = await openStretched(page, title);
    await page.goto(`${job}/run`);
    await expect(page.getByRole('heading', { name: 'Possible now' })).toBeVisible();
    await isKept(page);
    return job;
}

async function withoutNetwork(context: BrowserContext, work: () => Promise<void>): Promise<void> {
    await context.setOffline(true);
    await work();
    await context.setOffline(false);
}

for (const [width, height] of [
    [1280, 800],
    [390, 844],
] as const)
    test(`steps, notes and a picture are written without a network, ${width} px wide`, async ({
        page,
        context,
    }) => {
        await page.setViewportSize({ width, height });
        await runOf(page, `No network ${width}`);
        const card = (name: string | RegExp) => page.getByRole('article', { name });
        const log = page.getByRole('region', { name: 'Log' });
        await withoutNetwork(context, async () => {
            await card('Make the vehicle safe').getByLabel('Seen to, all of it').check();
            await card('Make the vehicle safe').getByRole('button', { name: 'Done' }).click();
            await expect(page.getByText('No connection to the server')).toBeVisible();
            await expect(card('Make the vehicle safe').getByText(/Written down here/)).toBeVisible();
            // What waits for that alone is possible meanwhile.
            await expect(card(/^Level and square the bench/)).toBeVisible();
            await log.getByLabel('Something to note').fill('Rear axle is on packing');
            await log.getByRole('button', { name: 'Write it down' }).click();
            await log
                .getByLabel('Picture')
                .setInputFiles({ name: 'axle.png', mimeType: 'image/png', buffer: await page.screenshot() });
            await expect(page.getByText('3 entries wait to be sent')).toBeVisible();
            // The browser is closed and opened again under the vehicle.
            await page.reload();
            await expect(page.getByText('3 entries wait to be sent')).toBeVisible();
            await expect(page.getByText(/Rear axle is on packing/)).toBeVisible();
        });
        await expect(page.getByText('3 entries wait to be sent')).toBeHidden({ timeout: 30_000 });
        await expect(log.getByText('Rear axle is on packing')).toBeVisible();
        await expect(log.getByRole('img')).toHaveCount(1);
        await expect(log.getByText('■ done')).toHaveCount(1);
        await page.reload();
        await expect(log.getByText('Rear axle is on packing')).toHaveCount(1);
        await expect(card('Make the vehicle safe')).toBeHidden();
    });

test('readings are entered without a network, and the survey opens without one', async ({
    page,
    context,
}) => {
    await known(page);
    const url = await openCopy(page, 'Read without network');
    await page.goto(url.replace(/\/(bench|reference|surveys).*$/, '/run'));
    await isKept(page);
    await page.goto(url);
    await expect(line(page)).toBeVisible();
    await withoutNetwork(context, async () => {
        await page.reload();
        for (const text of ['JL JR 829.5', 'KL KR 830']) {
            await line(page).fill(text);
            await line(page).press('Enter');
        }
        await expect(page.getByText('2 readings are not stored yet')).toBeVisible();
        await page.reload();
        await expect(page.getByText('2 readings are not stored yet')).toBeVisible();
    });
    await expect(page.getByRole('row', { name: /64 tram KL KR/ })).toBeVisible({ timeout: 30_000 });
});

test('what is written while the server is killed is sent when it is back', async ({ page }) => {
    const server = await OwnServer.start();
    try {
        const job = await openStretched(page, 'Killed server');
        await page.goto(`${server.url}${new URL(job).pathname}/run`);
        await expect(page.getByRole('heading', { name: 'Possible now' })).toBeVisible();
        await isKept(page);
        const log = page.getByRole('region', { name: 'Log' });
        await log.getByLabel('Something to note').fill('Half of a sent');
        await server.kill();
        await log.getByLabel('Something to note').fill('Half of a sentence, and the rest');
        await log.getByRole('button', { name: 'Write it down' }).click();
        await expect(page.getByText('One entry waits to be sent')).toBeVisible();
        await page.reload();
        await expect(page.getByText('One entry waits to be sent')).toBeVisible();
        await server.again();
        await expect(log.getByText('Half of a sentence, and the rest')).toBeVisible({ timeout: 30_000 });
    } finally {
        await server.kill();
    }
});

test('who comes later is told what another wrote meanwhile, and decides', async ({
    page,
    context,
    browser,
}) => {
    const job = await runOf(page, 'Two at one step');
    const survey = page.getByRole('article', { name: 'Survey the frame as it came' });
    await withoutNetwork(context, async () => {
        await survey.getByRole('button', { name: 'Done' }).click();
        await expect(page.getByText('One entry waits to be sent')).toBeVisible();
        const other = await browser.newPage({ serviceWorkers: 'block' });
        await known(other, 'second');
        await other.goto(`${job}/run`);
        const theirs = other.getByRole('article', { name: 'Survey the frame as it came' });
        await theirs.getByRole('button', { name: 'Not as planned' }).click();
        await theirs.getByLabel(/^What was done instead/).fill('Front half only');
        await theirs.getByRole('button', { name: 'Write it down' }).click();
        await expect(theirs).toBeHidden();
        await other.close();
    });
    await expect(page.getByText('One entry was not taken')).toBeVisible({ timeout: 30_000 });
    await expect(page.getByText(/wrote “not as planned” for this step/)).toBeVisible();
    await page.getByRole('button', { name: 'It holds all the same' }).click();
    await expect(page.getByText('One entry was not taken')).toBeHidden();
    await expect(page.getByRole('region', { name: 'Log' }).getByText('■ done')).toHaveCount(1);
});

test('nothing of a job is kept in the browser once its person has logged out', async ({ page, context }) => {
    await enter(page);
    const job = (await openCopy(page, 'Logged out')).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/run`);
    await isKept(page);
    await page.getByRole('button', { name: /^Technician/ }).click();
    await page.getByRole('menuitem', { name: 'Log out' }).click();
    await expect(page.getByLabel('Mail address')).toBeVisible();
    await withoutNetwork(context, async () => {
        await page.goto(`${job}/run`);
        await expect(page.getByRole('heading', { name: /this page is not kept here/ })).toBeVisible();
    });
});
