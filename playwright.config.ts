import { defineConfig } from '@playwright/test';
import { launchOptions } from './e2e/support/chromium.mjs';

export default defineConfig({
    testDir: 'e2e',
    outputDir: process.env.E2E_OUTPUT ?? 'test-results',
    workers: 2,
    timeout: 60_000,
    expect: { timeout: 10_000 },
    forbidOnly: true,
    reporter: [['list'], ['junit', { outputFile: process.env.E2E_JUNIT ?? 'test-results/junit.xml' }]],
    use: {
        baseURL: process.env.E2E_URL ?? 'http://127.0.0.1:8000',
        viewport: { width: 1280, height: 800 },
        screenshot: 'only-on-failure',
        launchOptions,
    },
});
