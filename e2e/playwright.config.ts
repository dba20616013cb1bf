import { defineConfig } from '@playwright/test';

const { PELVO_URL = 'http://127.0.0.1:4300', PELVO_REPORT = 'test-results/report.json', TEST_PARALLEL_INDEX = '0' } = process.env;
const schools = PELVO_URL.split(' ');

/** Drives Debian's Chromium against running demo schools, a worker each. Tests of one share its database, so they run one after the other. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  workers: schools.length,
  fullyParallel: false,
  retries: 0,
  timeout: 300_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: PELVO_REPORT }]],
  use: {
    baseURL: schools[Number(TEST_PARALLEL_INDEX)],
    // A button that never comes is told by its name, long before the whole walk runs out of time.
    actionTimeout: 60_000,
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
