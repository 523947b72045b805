import { defineConfig } from '@playwright/test';
import { launchOptions } from './e2e/support/chromium.mjs';

export default defineConfig({
    testDir: 'e2e',
    outputDir: process.env.E2E_OUTPUT ?? 'test-results',
    workers: 2,
    timeout: 90_000,
    expect: { timeout: 15_000 },
    forbidOnly: true,
    // Machines pause; a journey that fails once and then passes is listed as flaky.
    retries: process.env.CI ? 1 : 0,
    reporter: [['list'], ['junit', { outputFile: process.env.E2E_JUNIT ?? 'test-results/junit.xml' }]],
    use: {
        baseURL: process.env.E2E_URL ?? 'http://127.0.0.1:8000',
        viewport: { width: 1280, height: 800 },
        screenshot: 'only-on-failure',
        // What a journey cuts off is cut off for the page too; those that go without a network let the worker in.
        serviceWorkers: 'block',
        launchOptions,
    },
});
