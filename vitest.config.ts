import { defineConfig } from 'vitest/config';

/** What must be covered by unit tests whatever else is: the state of the page and the worker's side of it. */
const HELD = { lines: 80 };
const CORE = 'src/core/**/*.test.ts';
const common = {
  testTimeout: 180_000,
  hookTimeout: 180_000,
  exclude: ['tests/bench/**', 'node_modules/**'],
};

export default defineConfig({
  test: {
    // All processors: by default one is left to the developer, and of two that is half.
    maxWorkers: '100%',
    projects: [
      // The core keeps nothing between two calls, so that its tests may share what they have loaded.
      { extends: true, test: { ...common, name: 'core', include: [CORE], isolate: false } },
      {
        extends: true,
        test: {
          ...common,
          name: 'page, workers, server',
          include: ['src/**/*.test.ts', 'tests/**/*.test.ts'],
          exclude: [...common.exclude, CORE],
        },
      },
    ],
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
