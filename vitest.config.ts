import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
    exclude: ['tests/bench/**', 'node_modules/**'],
    testTimeout: 60_000,
  },
});
