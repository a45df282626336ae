// What every browser run shares: Debian's Chromium, no host but our own, a server of its own port.
import type { PlaywrightTestConfig } from '@playwright/test';
import { existsSync } from 'node:fs';

/** Debian's Chromium without the parts that only a screen needs, which costs a third less time; the whole one elsewhere. */
const HEADLESS = '/usr/bin/chromium-headless-shell';
const CHROMIUM = existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium';

export const PORT = Number(process.env['COWSLIP_TEST_PORT'] ?? 4391);

export const shared: PlaywrightTestConfig = {
  testDir: 'e2e',
  timeout: 90_000,
  // A busy machine may stand still for seconds; what is waited for is still waited for.
  expect: { timeout: 20_000 },
  fullyParallel: true,
  workers: 2,
  forbidOnly: Boolean(process.env['CI']),
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    permissions: ['clipboard-read', 'clipboard-write'],
    // Each test is a first visit; keeping all files for later would only cost its time.
    serviceWorkers: 'block',
    // Nothing is waited for that only moves; what moves is looked at by hand.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE localhost, EXCLUDE 127.0.0.1',
      ],
    },
  },
  webServer: {
    command: 'node dist/server/serve.mjs',
    url: `http://127.0.0.1:${PORT}/help`,
    reuseExistingServer: false,
    env: { PORT: String(PORT), HOST: '127.0.0.1' },
  },
};
