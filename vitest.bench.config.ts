import { defineConfig } from 'vitest/config';

// Measured, not asserted: speeds are ratios within one run on a noisy machine.
export default defineConfig({
  test: {
    execArgv: ['--expose-gc'],
    include: ['tests/bench/**/*.bench.ts'],
    testTimeout: 600_000,
    fileParallelism: false,
  },
});
