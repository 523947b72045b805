// Kills server, database and browser in turn while a log is written, and says what was lost: node bin/lib/log-kills.mjs HOW-MANY.
// Started by bin/kills log, which says in the environment where they are and how each is started again.
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { launchOptions } from '../../e2e/support/chromium.mjs';

const many = Number(process.argv[2] ?? 200);
const base = process.env.E2E_URL ?? '';
const profile = mkdtempSync(join(tmpdir(), 'geodex-kills-'));
const again = (what) => execFileSync('bash', [process.env.KILLS_AGAIN ?? '', what], { stdio: 'ignore' });
const sleep = (ms) => new Promise((done) => setTimeout(done, ms));
// The same kills on every machine.
let state = 20261127;
const chance = () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648;

function freePort() {
    return new Promise((resolve) => {
        const probe = createServer().listen(0, '127.0.0.1', () => {
            const { port } = probe.address();
            probe.close(() => resolve(port));
        });
    });
}

async function openBrowser() {
    const port = await freePort();
    const args = [
        `--remote-debugging-port=${port}`,
        `--user-data-dir=${profile}`,
        '--headless=new',
        '--no-first-run',
        ...(launchOptions.args ?? []),
    ];
    const child = spawn(launchOptions.executablePath, args, { detached: true, stdio: 'ignore' });
    for (let waited = 0; waited < 100; waited++) {
        try {
            const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
            const context = browser.contexts()[0];
            return { child, browser, page: context.pages()[0] ?? (await context.newPage()) };
        } catch {
            await sleep(100);
        }
    }
    throw new Error('The browser does not come up.');
}

function killGroup(pid) {
    try {
        process.kill(-pid, 'SIGKILL');
    } catch {
        // It is gone already.
    }
}

const kill = {
    server: () => killGroup(Number(readFileSync(process.env.KILLS_SERVER ?? '', 'utf8'))),
    database: () => process.kill(Number(readFileSync(process.env.KILLS_DATABASE ?? '', 'utf8')), 'SIGKILL'),
};

const run = `${base}/jobs/2/run`;
const field = () => open.page.getByLabel('Something to note');

/** A browser that was killed may have lost its session, not what waits in it. */
async function openRun() {
    await open.page.goto(run);
    const mail = open.page.getByLabel('Mail address');
    await field().or(mail).first().waitFor();
    if (await mail.isVisible()) {
        await mail.fill('technician@slate-yard.example');
        await open.page.getByLabel('Password').fill('slate-yard-42');
        await open.page.getByRole('button', { name: 'Log in' }).click();
        await open.page.waitForURL((to) => !to.pathname.includes('login'));
        await open.page.goto(run);
        await field().waitFor();
    }
}

let open = await openBrowser();
// Whatever ends this ends the browser too.
process.on('exit', () => killGroup(open.child.pid));
await openRun();
await open.page.waitForFunction(() => navigator.serviceWorker.controller !== null);
await sleep(2000);

const taken = [];
const killed = { server: 0, database: 0, browser: 0 };
for (let i = 0; i < many; i++) {
    const note = `Note ${i} of the kills`;
    const victim = ['server', 'database', 'browser'][i % 3];
    await field().fill(note);
    const written = open.page
        .getByRole('button', { name: 'Write it down' })
        .first()
        .click({ timeout: 5000 })
        .then(() =>
            open.page.waitForFunction(() => document.querySelector('section[aria-labelledby="log"] input')?.value === '', null, {
                timeout: 20_000,
            }),
        )
        .then(() => taken.push(note))
        .catch(() => undefined);
    await sleep(chance() * 350);
    killed[victim]++;
    if (victim === 'browser') {
        killGroup(open.child.pid);
        await written;
        open = await openBrowser();
        await openRun();
    } else {
        kill[victim]();
        await sleep(chance() * 800);
        again(victim);
        await written;
    }
    if (i % 20 === 19) console.log(`${i + 1} kills, ${taken.length} notes taken`);
}
await sleep(15_000);
await openRun();
const isEmpty = async () => (await open.page.getByText(/wait(s)? to be sent/).count()) === 0;
for (let waited = 0; waited < 60 && !(await isEmpty()); waited++) await sleep(1000);
const stored = JSON.parse(
    await open.page.evaluate(async () =>
        JSON.stringify(
            (await (await fetch(`${location.pathname}/state`, { headers: { Accept: 'application/json' } })).json()).log.map(
                (one) => one.text,
            ),
        ),
    ),
);
const lost = taken.filter((note) => !stored.includes(note));
const twice = stored.filter((note, i) => note.startsWith('Note ') && stored.indexOf(note) !== i);
killGroup(open.child.pid);
console.log(
    JSON.stringify({
        killed,
        taken: taken.length,
        stored: stored.filter((note) => note.startsWith('Note ')).length,
        lost,
        twice,
    }),
);
process.exit(lost.length + twice.length === 0 ? 0 : 1);
