import { expect, test, type Page } from '@playwright/test';
import { openStretched } from './support/shop';

async function runOf(page: Page, title: string): Promise<string> {
    const job = await openStretched(page, title);
    await page.goto(`${job}/run`);
    await expect(page.getByRole('heading', { name: 'Possible now' })).toBeVisible();
    return job;
}

for (const [width, height] of [
    [1280, 800],
    [390, 844],
] as const)
    test(`a step after the other, with its cautions and hold points, ${width} px wide`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await runOf(page, `Run ${width}`);
        const card = (name: string | RegExp) => page.getByRole('article', { name });
        const safe = card('Make the vehicle safe');
        await expect(safe.getByText(/airbags/)).toBeVisible();
        await expect(safe.getByRole('button', { name: 'Done' })).toBeDisabled();
        await safe.getByLabel('Seen to, all of it').check();
        await safe.getByRole('button', { name: 'Done' }).click();
        await card('Survey the frame as it came').getByRole('button', { name: 'Not as planned' }).click();
        await page.getByLabel('What was done instead, and what came of it').fill('Front half only');
        await card('Survey the frame as it came').getByRole('button', { name: 'Write it down' }).click();
        await expect(page.getByText('Survey the frame as it came, not as planned')).toBeVisible();
        await card(/^Level and square the bench/)
            .getByRole('button', { name: 'Done' })
            .click();
        await card(/^Set posts/)
            .getByLabel('Seen to, all of it')
            .check();
        await card(/^Set posts/)
            .getByRole('button', { name: 'Done' })
            .click();
        await expect(card(/^Mark, scribe/)).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    });

test('a hold point stays open until its marks read what they should', async ({ page }) => {
    await runOf(page, 'Held run');
    const done = async (name: RegExp) => {
        const card = page.getByRole('article', { name });
        const asked = card.getByLabel('Seen to, all of it');
        if ((await asked.count()) > 0) await asked.check();
        await card.getByRole('button', { name: 'Done' }).click();
        await expect(card).toBeHidden();
    };
    for (const name of [
        /^Make the vehicle safe/,
        /^Survey the frame/,
        /^Level and square/,
        /^Set posts/,
        /^Mark, scribe/,
        /^Grind/,
        /^Spread the halves/,
    ])
        await done(name);
    const out = page.getByRole('article', { name: /^Out of the way/ });
    for (let many = await out.count(); many > 0; many--) {
        const asked = out.first().getByLabel('Seen to, all of it');
        if ((await asked.count()) > 0) await asked.check();
        await out.first().getByRole('button', { name: 'Done' }).click();
        await expect(out).toHaveCount(many - 1);
    }
    const tack = page.getByRole('article', { name: /tack all that mates/ });
    const target = Number(/At the end ([\d.]+)/.exec((await tack.textContent()) ?? '')?.[1]);
    await tack.getByLabel('Seen to, all of it').check();
    await tack.getByLabel('It reads, mm').fill(String(target + 6));
    await tack.getByRole('button', { name: 'Done' }).click();
    await expect(tack.getByText('Open the tack and move it.')).toBeVisible();
    await page.reload();
    await expect(tack.getByText('Open the tack and move it.')).toBeVisible();
});

test('the log takes notes, is put right by another entry, and opens a step again', async ({ page }) => {
    await runOf(page, 'Logged run');
    const log = page.getByRole('region', { name: 'Log' });
    await log.getByLabel('Something to note').fill('20 V, 160 A');
    await log.getByRole('button', { name: 'Write it down' }).click();
    await log.getByRole('button', { name: 'Put it right' }).click();
    await log.getByLabel(/^In the place of/).fill('20 V, 165 A');
    await log.getByRole('button', { name: 'Write it down' }).click();
    await expect(log.getByText('20 V, 165 A')).toBeVisible();
    const survey = page.getByRole('article', { name: 'Survey the frame as it came' });
    await survey.getByRole('button', { name: 'Begin: time it' }).click();
    await expect(survey.getByText('▷ begun')).toBeVisible();
    await survey.getByRole('button', { name: 'Done' }).click();
    await expect(survey).toBeHidden();
    await log.getByRole('button', { name: 'It is not done' }).first().click();
    // What was opened again is begun, and timed, anew.
    await expect(survey.getByRole('button', { name: 'Begin: time it' })).toBeVisible();
    await page.getByLabel('Another step').fill('Ring the tank man');
    await page.getByRole('button', { name: 'Put it in' }).click();
    await expect(page.getByRole('article', { name: 'Ring the tank man' })).toBeVisible();
});

test('a weld run is written down as it was timed, and the joint says when it is cool', async ({ page }) => {
    const job = await runOf(page, 'Welded run');
    const done = async (name: RegExp) => {
        const card = page.getByRole('article', { name });
        const asked = card.getByLabel('Seen to, all of it');
        if ((await asked.count()) > 0) await asked.check();
        await card.getByRole('button', { name: 'Not as planned' }).click();
        await card.getByLabel(/^What was done instead/).fill('Done before');
        await card.getByRole('button', { name: 'Write it down' }).click();
        await expect(card).toBeHidden();
    };
    await done(/^Survey the frame/);
    await done(/^Make the vehicle safe/);
    await done(/^Level and square/);
    await done(/^Set posts/);
    await done(/^Mark, scribe/);
    await done(/^Grind/);
    await done(/^Spread the halves/);
    while ((await page.getByRole('article', { name: /^Out of the way/ }).count()) > 0)
        await done(
            new RegExp(
                `^${
                    (await page
                        .getByRole('article', { name: /^Out of the way/ })
                        .first()
                        .getAttribute('aria-label')) ?? ''
                }$`,
            ),
        );
    const tack = page.getByRole('article', { name: /tack all that mates/ });
    await tack.getByText('Weld runs and heat').click();
    const form = tack.getByRole('form', { name: 'A weld run' });
    await tack.getByRole('button', { name: 'Left rail, front joint, web' }).click();
    await form.getByLabel('Volts').fill('20.5');
    await form.getByLabel('Amperes').fill('165');
    await form.getByLabel(/^Length of the run/).fill('60');
    await form.getByRole('button', { name: 'Arc on: start the clock' }).click();
    await form.getByRole('button', { name: 'Arc off' }).click();
    await form.getByLabel('Seconds').fill('10.9');
    await form.getByRole('button', { name: 'Write the run down' }).click();
    await expect(page.getByText(/20.5 V, 165 A, 10.9 s.*kJ\/mm/)).toBeVisible();
    const web = tack.getByRole('row', { name: /^front joint, web/ });
    await expect(tack.getByRole('table', { name: 'Heat of the left rail' })).toBeVisible();
    const estimated = Number(/(\d+) °C/.exec((await web.textContent()) ?? '')?.[1]);
    await tack.getByRole('button', { name: 'Left rail, front joint, web' }).click();
    await tack
        .getByLabel('A thermometer reads there, °C')
        .fill(String(Math.round(20 + 1.2 * (estimated - 20))));
    await tack.getByRole('button', { name: 'Correct the estimate by it' }).click();
    await expect(tack.getByText(/corrected by a thermometer/)).toBeVisible();
    await page.goto(`${job}/run`);
    await expect(tack.getByLabel('Volts')).toHaveValue('20.5');
});

test('a step is moved by keys where the rules allow it, and told why where they do not', async ({ page }) => {
    await runOf(page, 'Ordered run');
    const handle = (name: RegExp) => page.getByRole('button', { name });
    await handle(/^Move Mark, scribe/).focus();
    for (const key of ['Space', 'ArrowDown', 'Space']) {
        await page.keyboard.press(key);
        // What was taken hold of glides to where it goes.
        await page.waitForTimeout(300);
    }
    await expect(
        page.getByText(/That cannot be\..*comes before|, as somebody wants it/).first(),
    ).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: /^Before its turn: .*tack all that mates/ }).click();
    await expect(page.getByRole('article', { name: /tack all that mates/ })).toBeVisible();
});

test('who works alone is read to, and the screen is kept on', async ({ page }) => {
    await page.addInitScript(() => {
        const said: string[] = [];
        Object.assign(window, { said });
        window.speechSynthesis.speak = (one) => void said.push(one.text);
        Object.defineProperty(navigator, 'wakeLock', {
            value: { request: () => Promise.resolve({ release: () => Promise.resolve() }) },
        });
    });
    await runOf(page, 'Alone');
    await page.getByRole('button', { name: /^Work alone/ }).click();
    const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said.join(' | '));
    await expect.poll(said).toContain('Next: ');
    const first = page.getByRole('article').first();
    const title = (await first.getAttribute('aria-label')) ?? '';
    await expect.poll(said).toContain(title);
    await first.getByRole('button', { name: 'Not as planned' }).click();
    await first.getByLabel(/^What was done instead/).fill('By hand');
    await first.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('article', { name: title, exact: true })).toBeHidden();
    const next = (await page.getByRole('article').first().getAttribute('aria-label')) ?? '';
    await expect.poll(said).toContain(`Next: ${next}`);
});

test('a voice note is said and kept', async ({ browser }) => {
    const page = await browser.newPage({ permissions: ['microphone'] });
    await runOf(page, 'Said run');
    const log = page.getByRole('region', { name: 'Log' });
    await page.evaluate(() => {
        // A machine without a microphone: the sound of a tone in its place.
        navigator.mediaDevices.getUserMedia = () => {
            const sound = new AudioContext();
            const into = sound.createMediaStreamDestination();
            const tone = sound.createOscillator();
            tone.connect(into);
            tone.start();
            return Promise.resolve(into.stream);
        };
    });
    await log.getByRole('button', { name: 'Say it' }).click();
    await page.waitForTimeout(600);
    await log.getByRole('button', { name: /Stop and keep it/ }).click();
    await expect(log.getByText('♪ said')).toBeVisible();
    await expect(log.getByLabel(/^Voice note of/)).toBeVisible();
    await page.close();
});

test('welds, bags and coats have pages of their own', async ({ page }) => {
    const job = await runOf(page, 'Pages of the run');
    await page.getByRole('link', { name: 'Welds', exact: true }).click();
    await expect(page.getByRole('img', { name: /^left rail: \d+ pieces/ })).toBeVisible();
    await page.getByLabel('Order of the pieces').selectOption('opposite');
    await expect(page.getByText(/● Always the opposite rail/)).toBeVisible();
    await page.getByRole('link', { name: 'Strip and coat' }).click();
    await page.getByLabel('Something else comes off').fill('Mudguards');
    await page.getByRole('button', { name: 'Put it on the list' }).click();
    await expect(page.getByText('Mudguards')).toBeVisible();
    await page.goto(`${job}/run`);
    await expect(page.getByText(/Out of the way of the heat: Mudguards/).first()).toBeVisible();
});
