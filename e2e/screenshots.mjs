// Takes the pictures of docs/screenshots from a fresh demo: bin/start --fresh, then node e2e/screenshots.mjs [URL]
import { launch, logIn, url } from './support/chromium.mjs';

const browser = await launch();

async function open(options = {}) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, ...options });
    const page = await context.newPage();
    return {
        page,
        take: async (name) => {
            await page.waitForTimeout(500);
            await page.screenshot({ path: `docs/screenshots/${name}.png` });
        },
    };
}

const { page, take } = await open();
await page.goto(`${url}/login`);
await logIn(page, 'owner');
await page.getByRole('button', { name: /^Owner/ }).click();
await page.getByRole('menuitem', { name: 'Log out' }).click();
await logIn(page, 'technician');
await take('jobs');

await page.getByRole('link', { name: 'Mobile library' }).click();
await page.getByRole('heading', { name: 'Mobile library' }).waitFor();
for (const call of [
    'JL JR 829.5',
    'HL JL 415.5',
    'HL JR 36 17/32 in',
    'HR JL 928',
    'HR JR 16 11/32 in',
    'h JL 502',
    'h JR 509.5',
]) {
    await page.getByRole('textbox', { name: 'Reading' }).fill(call);
    await page.keyboard.press('Enter');
    await page.waitForTimeout(400);
}
await page.getByRole('button', { name: /Reading 37 does not fit/ }).click();
await page.getByRole('textbox', { name: 'Reading' }).focus();
await take('survey');

await page.getByRole('link', { name: /^Findings/ }).click();
await take('findings');

await page.getByRole('link', { name: /^Plan/ }).click();
await page.getByText('3940.0 mm').first().waitFor();
await take('plan');
const sheet = async (link, ready, name) => {
    await page
        .getByRole('navigation', { name: 'Pages of the plan' })
        .getByRole('link', { name: link })
        .click();
    await page.getByText(ready).first().waitFor();
    await take(name);
};
await sheet('Frame', 'moment at yield', 'frame');
await sheet('Where to cut', 'Where it may be cut', 'where-to-cut');
await sheet('Joint', 'Sleeve and outer plate', 'joint');
await page.getByRole('link', { name: /^Running gear/ }).click();
await page.getByText('Tube to add').waitFor();
await take('driveline');
await page.getByRole('link', { name: /^Parts/ }).click();
await page.getByRole('link', { name: 'Body bracket' }).click();
await page.getByText('As large as life').waitFor();
await take('part');
await page.getByRole('link', { name: 'Cut list' }).click();
await page.getByText('No other way takes less').first().waitFor();
await take('cut-list');
await page.getByRole('link', { name: /^Run sheet/ }).click();
await page.getByRole('heading', { name: 'Possible now' }).waitFor();
await take('run-sheet');
await page.getByRole('link', { name: /^Hand-over/ }).click();
await page.frameLocator('iframe').getByText('Log of readings').waitFor();
await take('hand-over');

const dark = await open();
await dark.page.addInitScript(() => localStorage.setItem('geodex.theme', 'dark'));
await logIn(dark.page, 'second');
await dark.page.goto(`${url}/jobs/2/gear/links`);
await dark.page.getByRole('radio', { name: 'inch', exact: true }).click();
await dark.page.getByRole('button', { name: 'Move a mount and see' }).click();
await dark.page.getByRole('row', { name: /^At ride, anti-squat/ }).waitFor();
for (let i = 0; i < 6; i++) await dark.page.keyboard.press('ArrowUp');
await dark.page.getByText('+1.875').waitFor();
await dark.page.waitForTimeout(500);
await dark.page.evaluate(() => document.querySelector('section[data-wide]').scrollIntoView());
await dark.take('running-gear-dark-inch');

const small = await open({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
await logIn(small.page, 'second');
await small.page.getByRole('link', { name: 'Mobile library' }).click();
await small.page.getByRole('button', { name: 'Hide the keypad' }).waitFor();
await small.take('survey-390');

const frame = await open();
await logIn(frame.page, 'technician');
await frame.page.goto(`${url}/jobs/2/bench`);
for (const [label, value] of [
    ['Front left, in', '16 7/32'],
    ['Front right, in', '16 1/8'],
    ['Rear left, in', '16 5/16'],
    ['Rear right, in', '16 5/32'],
])
    await frame.page.getByLabel(label, { exact: true }).fill(value);
await frame.page.getByRole('button', { name: 'Work it out' }).click();
await frame.page.getByText('The corners differ').waitFor();
await frame.take('bench');
await frame.page.goto(`${url}/jobs/3/reference`);
await frame.page.getByRole('button', { name: 'Use Sister vehicle' }).click();
await frame.page.getByRole('heading', { name: 'Held against Sister vehicle' }).waitFor();
await frame.take('reference');
await frame.page.goto(`${url}/jobs/2/surveys/after`);
await frame.page
    .getByRole('region', { name: 'One of these is wrong' })
    .getByRole('button', { name: /^6: Tram/ })
    .click();
await frame.page.getByRole('textbox', { name: 'Reading' }).focus();
await frame.take('explanations');
await frame.page.goto(`${url}/instruments`);
await frame.take('instruments');
await frame.page.goto(`${url}/practice`);
await frame.page.getByLabel(/Number of the frame/).fill('42');
await frame.page.getByRole('button', { name: 'Start', exact: true }).click();
await frame.page.locator('#call').waitFor();
for (const call of [
    'AL AR',
    'AL BR',
    'AR BL',
    'h AL',
    'h AR',
    'DL ER',
    'DR EL',
    'h EL',
    'h ER',
    'DL EL',
    'DR ER',
]) {
    await frame.page.locator('#call').fill(call);
    await frame.page.keyboard.press('Enter');
    await frame.page.waitForTimeout(250);
}
await frame.page.getByRole('button', { name: /tram DR ER/ }).click();
await frame.take('practice');

await browser.close();
