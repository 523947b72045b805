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
    while ((await page.getByRole('article', { name: /^Out of the way/ }).count()) > 0) {
        const many = await page.getByRole('article', { name: /^Out of the way/ }).count();
        await page
            .getByRole('article', { name: /^Out of the way/ })
            .first()
            .getByRole('button', { name: 'Done' })
            .click();
        await expect(page.getByRole('article', { name: /^Out of the way/ })).toHaveCount(many - 1);
    }
    const tack = page.getByRole('article', { name: /tack all that mates/ });
    const target = Number(/At the end ([\d.]+)/.exec((await tack.textContent()) ?? '')?.[1]);
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
    await survey.getByRole('button', { name: 'Done' }).click();
    await expect(survey).toBeHidden();
    await log.getByRole('button', { name: 'It is not done' }).click();
    await expect(survey).toBeVisible();
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
