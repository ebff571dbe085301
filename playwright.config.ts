import { cpus } from 'node:os'
import { defineConfig } from '@playwright/test'
import { chromium } from './tests/browser/chromium'

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'tests/browser/.results',
  workers: Math.min(4, cpus().length),
  // A shared machine can hold a page up past any patience; what fails twice is broken, what passes then is listed as flaky.
  retries: 1,
  timeout: 120_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  // A worker that takes the page over in the middle of a test answers past what the test puts in the way; where it is what is
  // looked at, the test allows it.
  use: {
    ...chromium,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
  },
})
