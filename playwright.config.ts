import { defineConfig } from '@playwright/test'
import { browser } from './scripts/lib/chromium.mjs'

export default defineConfig({
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
