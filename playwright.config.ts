import { cpus } from 'node:os'
import { defineConfig } from '@playwright/test'
import { atFirst, chromium } from './tests/browser/chromium'

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'tests/browser/.results',
  workers: Math.min(4, cpus().length),
  // A shared machine can hold a page up past any patience; what fails twice is broken, what passes then is listed as flaky.
  retries: 1,
  timeout: 120_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: { ...chromium, ...atFirst },
})
