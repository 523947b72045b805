import { chromium } from '@playwright/test';
const [, , url, out, w = '1280', h = '800', ...steps] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: +w, height: +h } });
page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
await page.goto('http://127.0.0.1:8000/login');
await page.getByLabel('Mail address').fill('technician@slate-yard.example');
await page.getByLabel('Password').fill('slate-yard-42');
await page.getByRole('button', { name: /log in/i }).click();
await page.waitForURL('**/jobs');
await page.goto('http://127.0.0.1:8000' + url);
await page.waitForTimeout(1200);
for (const s of steps) {
    await eval(`(async()=>{${s}})()`);
    await page.waitForTimeout(500);
}
await page.screenshot({ path: out });
await browser.close();
