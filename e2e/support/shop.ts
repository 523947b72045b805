import { readFileSync } from 'node:fs';
import { expect, type Cookie, type Page } from '@playwright/test';

const PASSWORD = 'slate-yard-42';

type Who = 'technician' | 'second' | 'inspector' | 'owner';

/** Sessions of this worker; logging in anew for every test would meet the brake on guessing. */
const sessions: Partial<Record<Who, Cookie[]>> = {};

export async function logIn(page: Page, who: Who = 'technician', anew = false): Promise<void> {
    const known = sessions[who];
    if (known && !anew) {
        await page.context().addCookies(known);
        await page.goto('/jobs');
    } else {
        await enter(page, who);
    }
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
    sessions[who] = await page.context().cookies();
}

/** The same for a test that opens a page of its own next: where this worker has a session already, no page is opened for it. */
export async function known(page: Page, who: Who = 'technician'): Promise<void> {
    const session = sessions[who];
    if (session) await page.context().addCookies(session);
    else await logIn(page, who);
}

/** Logs in by the door, in a session that no other test goes on with: it may be ended. */
export async function enter(page: Page, who: Who = 'technician'): Promise<void> {
    await page.goto('/login');
    await page.getByLabel('Mail address').fill(`${who}@slate-yard.example`);
    await page.getByLabel('Password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Log in' }).click();
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
}

/** A copy of the demo job under a title of its own, so that tests do not meet in one survey. */
export async function openCopy(page: Page, title: string, of = 'mobile-library'): Promise<string> {
    const job = readFileSync(`database/demo/${of}.job.json`, 'utf8').replace(
        /"title": *"[^"]*"/,
        `"title": ${JSON.stringify(title)}`,
    );
    await page.goto('/jobs/new');
    await page
        .getByLabel('Job file', { exact: true })
        .setInputFiles({ name: 'copy.job.json', mimeType: 'application/json', buffer: Buffer.from(job) });
    await page.getByRole('button', { name: 'Take in the file' }).click();
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
    return page.url();
}

export function line(page: Page) {
    return page.getByRole('textbox', { name: 'Reading' });
}

/** Types a reading and waits for what the program says of it. */
export async function call(page: Page, text: string): Promise<string> {
    const answer = page.getByTestId('answer');
    const before = await answer.textContent();
    await line(page).fill(text);
    await line(page).press('Enter');
    await expect(answer).not.toHaveText(before ?? '');
    await expect(answer).not.toHaveText('Storing…');
    return (await answer.textContent()) ?? '';
}

/** A copy of the demo job, stretched by 640; the address of the job. */
export async function openStretched(page: Page, title: string): Promise<string> {
    await known(page);
    const job = (await openCopy(page, title)).replace(/\/(bench|reference|surveys).*$/, '');
    await page.goto(`${job}/plan`);
    await page.getByRole('button', { name: 'Add a stretch' }).click();
    await page.getByLabel(/^Length/).fill('640');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(page.getByText('3940.0 mm').first()).toBeVisible();
    return job;
}
