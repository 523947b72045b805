// Measures Enter in the reading line to the redrawn frame, in the browser. Prints one line of figures; `--write` puts it
// into docs/benchmarks.md. Wants a running server with the demo: node e2e/latency.mjs [URL] [--write]
import { readFileSync, writeFileSync } from 'node:fs';
import { launch, logIn } from './support/chromium.mjs';

const ROUNDS = 40;
const HEIGHTS = { A: 548, B: 530, C: 512, D: 500, E: 500, F: 500, G: 500, H: 500 };
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

await logIn(page, 'technician');
const job = readFileSync('database/demo/mobile-library.job.json', 'utf8').replace(
    '"Mobile library"',
    '"Latency"',
);
await page.getByRole('button', { name: 'New job' }).click();
await page
    .getByLabel('Job file', { exact: true })
    .setInputFiles({ name: 'l.job.json', mimeType: 'application/json', buffer: Buffer.from(job) });
await page.getByRole('button', { name: 'Take in the file' }).click();
await page.getByRole('heading', { name: 'Latency' }).waitFor();

const times = [];
for (let round = 0; round < ROUNDS; round++) {
    const row = 'ABCDEFGH'[round % 8];
    await page
        .getByRole('textbox', { name: 'Reading' })
        .fill(`h ${row}${round % 16 < 8 ? 'L' : 'R'} ${HEIGHTS[row] + (round % 3) - 1}`);
    await page.evaluate(() => {
        window.took = new Promise((resolve) => {
            let start = 0;
            document.addEventListener('keydown', () => (start = performance.now()), {
                once: true,
                capture: true,
            });
            new MutationObserver((_, observer) => {
                observer.disconnect();
                requestAnimationFrame(() => resolve(performance.now() - start));
            }).observe(document.querySelector('svg[data-revision]'), {
                attributes: true,
                attributeFilter: ['data-revision'],
            });
        });
    });
    await page.keyboard.press('Enter');
    times.push(await page.evaluate(() => window.took));
}
times.sort((a, b) => a - b);
const keyed = await mountByKeys();
await page.goto(`${new URL(page.url()).origin}/jobs/1/surveys/before`);
await page.reload();
const load = await page.evaluate(() => performance.getEntriesByType('navigation')[0].loadEventEnd);
const script = await page.evaluate(
    () => performance.getEntriesByType('resource').filter((entry) => entry.name.endsWith('.js')).length,
);
await browser.close();
const at = (share, of = times) => of[Math.min(of.length - 1, Math.floor(share * of.length))].toFixed(0);
const line = `| Enter to redrawn frame, ${ROUNDS} readings into a survey of 62 | median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms, largest ${at(1)} ms | 200 ms at the 95th percentile |\n| Load of that survey, ${script} scripts, warm cache | ${load.toFixed(0)} ms | 1000 ms |\n| Arrow key to all numbers redrawn, a mount of four links with driveline, ${ROUNDS} times | median ${at(0.5, keyed)} ms, 95th percentile ${at(0.95, keyed)} ms, largest ${at(1, keyed)} ms | 150 ms at the 95th percentile |\n`;
console.log(line);
if (process.argv.includes('--write')) {
    const text = readFileSync('docs/benchmarks.md', 'utf8');
    writeFileSync(
        'docs/benchmarks.md',
        text.replace(/(<!-- screen -->\n[^\n]*\n[^\n]*\n)[\s\S]*?(<!-- \/screen -->)/, `$1${line}$2`),
    );
}

/** From an arrow key to the numbers of the mount that it moved. */
async function mountByKeys() {
    await page.goto(`${new URL(page.url()).origin}/jobs/2/gear/links`);
    await page.getByRole('button', { name: 'Move a mount and see' }).click();
    await page.getByRole('row', { name: /^At ride, anti-squat/ }).waitFor();
    const took = [];
    for (let round = 0; round < ROUNDS; round++) {
        await page.evaluate(() => {
            const cell = [...document.querySelectorAll('tr')]
                .find((row) => row.textContent.includes('Links, centre to centre LL'))
                .querySelectorAll('td')[1];
            window.took = new Promise((resolve) => {
                let start = 0;
                document.addEventListener('keydown', () => (start = performance.now()), {
                    once: true,
                    capture: true,
                });
                new MutationObserver((_, observer) => {
                    observer.disconnect();
                    requestAnimationFrame(() => resolve(performance.now() - start));
                }).observe(cell, { characterData: true, childList: true, subtree: true });
            });
        });
        await page.keyboard.press(round % 8 < 4 ? 'ArrowLeft' : 'ArrowRight');
        took.push(await page.evaluate(() => window.took));
    }
    return took.sort((a, b) => a - b);
}
