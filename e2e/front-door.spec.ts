import { spawn, execFileSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { call, line } from './support/shop';

/** What bin/test starts beside the one server: a second web machine on the same database. */
const SECOND = process.env.E2E_SECOND_URL ?? '';
const FIRST = process.env.E2E_URL ?? '';

async function enter(page: Page, at: string): Promise<void> {
    await page.goto(`${at}/login`);
    await page.getByLabel('Mail address').fill('technician@slate-yard.example');
    await page.getByLabel('Password').fill('slate-yard-42');
    await page.getByRole('button', { name: 'Log in' }).click();
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
}

function freePort(): Promise<number> {
    return new Promise((resolve) => {
        const probe = createServer().listen(0, '127.0.0.1', () => {
            const address = probe.address();
            probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
        });
    });
}

test.describe('with TLS in front, as the documentation sets it up', () => {
    let proxy: ChildProcess;
    let address = '';

    test.beforeAll(async () => {
        const dir = mkdtempSync(join(tmpdir(), 'geodex-tls-'));
        const port = await freePort();
        execFileSync('openssl', [
            ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', '/CN=geodex.example'],
            ...['-keyout', join(dir, 'key'), '-out', join(dir, 'crt')],
        ]);
        const documented = readFileSync('docs/deploy/tls.conf', 'utf8')
            .replace('listen 443 ssl', `listen 127.0.0.1:${port} ssl`)
            .replace('/etc/ssl/geodex.crt', join(dir, 'crt'))
            .replace('/etc/ssl/geodex.key', join(dir, 'key'))
            .replace('http://127.0.0.1:8000', FIRST)
            .replace('X-Forwarded-Port 443', `X-Forwarded-Port ${port}`);
        const temporary = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']
            .map((name) => `${name}_temp_path ${dir}/${name};`)
            .join(' ');
        writeFileSync(
            join(dir, 'nginx.conf'),
            `daemon off; pid ${dir}/pid; error_log ${dir}/log; events {} http { access_log off; ${temporary} ${documented} }`,
        );
        proxy = spawn('nginx', ['-c', join(dir, 'nginx.conf'), '-e', join(dir, 'log')], { stdio: 'ignore' });
        address = `https://geodex.example:${port}`;
    });

    test.afterAll(() => {
        proxy.kill();
    });

    test('a page comes whole, cookies keep to https, and so does the browser', async ({ playwright }) => {
        expect(FIRST && SECOND, 'bin/test sets the servers up').not.toBe('');
        const port = new URL(address).port;
        const browser = await playwright.chromium.launch({
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', `--host-resolver-rules=MAP geodex.example:${port} 127.0.0.1:${port}`],
        });
        const context = await browser.newContext({ ignoreHTTPSErrors: true });
        const page = await context.newPage();
        const broken: string[] = [];
        page.on('console', (message) => message.type() === 'error' && broken.push(message.text()));
        page.on('requestfailed', (request) => broken.push(request.url()));
        await enter(page, address);
        await expect(page).toHaveURL(/^https:\/\/geodex\.example/);
        expect(broken).toEqual([]);
        const cookies = await context.cookies();
        expect(cookies.map((cookie) => cookie.secure)).toEqual(cookies.map(() => true));
        const answer = await page.goto(`${address}/jobs`);
        expect(answer?.headers()['strict-transport-security']).toContain('max-age=');
        expect(answer?.headers()['server']).toBe('nginx');
        expect(answer?.headers()['x-powered-by']).toBeUndefined();
        await browser.close();
    });
});

test('two web machines in front of one database: logged in on one is logged in on the other, and what is read here stands there', async ({
    page,
    context,
}) => {
    expect(SECOND, 'bin/test sets the servers up').not.toBe('');
    await enter(page, FIRST);
    await page.goto(`${FIRST}/jobs/new`);
    const job = readFileSync('database/demo/mobile-library.job.json', 'utf8').replace(
        '"Mobile library"',
        '"Two machines"',
    );
    await page
        .getByLabel('Job file', { exact: true })
        .setInputFiles({ name: 'two.job.json', mimeType: 'application/json', buffer: Buffer.from(job) });
    await page.getByRole('button', { name: 'Take in the file' }).click();
    await expect(line(page)).toBeVisible();
    const other = await context.newPage();
    await other.goto(page.url().replace(FIRST, SECOND));
    await expect(other.getByText('62 readings')).toBeVisible();
    expect(await call(page, 'JL JR 829.5')).toContain('Stored 63');
    await expect(other.getByText('63 readings')).toBeVisible();
    expect(await call(other, 'h JL 502')).toContain('Stored 64');
    await expect(page.getByText('64 readings')).toBeVisible();
});

test('an unknown name is refused, and every answer has its headers', async ({ request }) => {
    expect(FIRST, 'bin/test sets the server up').not.toBe('');
    const refused = await request.get(`${FIRST}/login`, { headers: { Host: 'evil.example' } });
    expect(refused.status()).toBeGreaterThanOrEqual(400);
    expect(await refused.text()).not.toContain('evil.example');
    for (const path of ['/login', '/nothing-here', '/up', '/jobs/1', '/instrument/wanted']) {
        const answer = await request.get(`${FIRST}${path}`, { maxRedirects: 0 });
        expect(answer.headers()['content-security-policy'], path).toContain("default-src 'self'");
        expect(answer.headers()['x-content-type-options'], path).toBe('nosniff');
        expect(answer.headers()['x-powered-by'], path).toBeUndefined();
    }
    expect(await (await request.get(`${FIRST}/up`)).text()).toBe('up\n');
});
