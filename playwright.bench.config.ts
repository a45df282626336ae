import { defineConfig } from '@playwright/test';
import { shared } from './playwright.shared';

export default defineConfig({ ...shared, testMatch: '*.bench.ts', workers: 1, timeout: 600_000 });
