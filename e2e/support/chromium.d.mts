import type { Browser, LaunchOptions, Page } from '@playwright/test';

export const launchOptions: LaunchOptions;
export const url: string;
export function launch(): Promise<Browser>;
export function logIn(page: Page, who: string): Promise<void>;
