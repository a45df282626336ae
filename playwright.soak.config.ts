import { defineConfig } from '@playwright/test';
import { shared } from './playwright.shared';

export default defineConfig({ ...shared, testMatch: 'soak.ts', workers: 1 });
