import { defineConfig } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './scripts/lib/chromium.mjs'

export default defineConfig({
  testDir: 'e2e',
  outputDir: '.scratch/browser',
  globalSetup: './e2e/support/lay-demo.ts',
  workers: 2,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: '.scratch/reports/browser.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_ARGS },
    locale: 'en-GB',
    screenshot: 'only-on-failure',
  },
})
