import { chromium } from '@playwright/test';

/** How Debian's Chromium starts on a machine without a screen and without the outside. */
export const launchOptions = {
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
};

/** Where Geodex runs: the address named on the command line, or that of bin/start. */
export const url = process.argv.find((word) => word.startsWith('http')) ?? 'http://127.0.0.1:8000';

export const launch = () => chromium.launch(launchOptions);

export async function logIn(page, who) {
    await page.goto(`${url}/login`);
    await page.getByLabel('Mail address').fill(`${who}@slate-yard.example`);
    await page.getByLabel('Password').fill('slate-yard-42');
    await page.getByRole('button', { name: 'Log in' }).click();
    await page.getByRole('heading', { name: 'Jobs' }).waitFor();
}
