import { defineConfig, type PlaywrightTestOptions, type PlaywrightWorkerOptions } from '@playwright/test'
import { browser } from './scripts/lib/chromium.mjs'

export default defineConfig<PlaywrightTestOptions, PlaywrightWorkerOptions & { isShared: boolean }>({
  testDir: 'e2e',
  outputDir: '.scratch/browser',
  globalSetup: './e2e/support/lay-gardens.ts',
  workers: 2,
  fullyParallel: true,
  // Generous, for a machine that is slow or busy; a second try is counted and named by `npm test`.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  retries: 1,
  reporter: [['list'], ['json', { outputFile: '.scratch/reports/browser.json' }]],
  projects: [
    { name: 'one' },
    // The main paths once more, on two servers that share a database server and a photo store.
    { name: 'two', grep: /@shared/, use: { isShared: true } },
  ],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: browser(),
    contextOptions: { reducedMotion: 'reduce' },
    actionTimeout: 30_000,
    locale: 'en-GB',
    screenshot: 'only-on-failure',
    // A server that is stopped in a test is to be missed; what stands in for it has tests of its own.
    serviceWorkers: 'block',
  },
})
