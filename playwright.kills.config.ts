import { defineConfig } from '@playwright/test';
import { shared } from './playwright.shared';

export default defineConfig({ ...shared, testMatch: 'kills.ts', workers: 1 });
