import { defineConfig } from '@playwright/test';
import { shared } from './playwright.shared';

export default defineConfig({ ...shared, testMatch: 'screenshots.ts', workers: 1 });
