import { defineConfig } from '@playwright/test'
import { chromium } from './tests/browser/chromium'

const PORT = 8499

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'tests/browser/.results',
  workers: 1,
  retries: 0,
  timeout: 90_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: {
    ...chromium,
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
  },
  webServer: {
    command: `bash tests/browser/serve.sh ${PORT}`,
    url: `http://127.0.0.1:${PORT}/icon.svg`,
    reuseExistingServer: false,
    timeout: 120_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
})
