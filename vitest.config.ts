import { defineConfig } from 'vitest/config';

/** What must be covered by unit tests whatever else is: the state of the page and the worker's side of it. */
const HELD = { lines: 80 };

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
    exclude: ['tests/bench/**', 'node_modules/**'],
    testTimeout: 60_000,
    coverage: {
      provider: 'v8',
      include: ['src/**/*.{ts,tsx}'],
      exclude: ['**/*.test.ts', '**/*.d.ts'],
      // The whole in a few lines; `--coverage.reporter=text` lists the files.
      reporter: ['text-summary', 'json-summary'],
      reportsDirectory: '.cache/coverage',
      thresholds: {
        'src/islands/state/**': HELD,
        'src/workers/**': HELD,
      },
    },
  },
});
