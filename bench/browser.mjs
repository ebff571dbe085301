/* What every figure of the browser starts from: the server under measurement, and a browser that has never been there. */
import { readFileSync } from 'node:fs'
import { chromium } from '@playwright/test'

export const base = process.argv[2] ?? 'http://127.0.0.1:8499'

/** The browser that the tests use. */
const options = JSON.parse(readFileSync(new URL('../tests/browser/chromium.json', import.meta.url)))
export const launched = () => chromium.launch(options)

/** A page of a browser without anything kept; what is told of it is as newContext takes it. */
export async function freshPage(browser, told = { reducedMotion: 'reduce' }) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    ...told,
  })
  return context.newPage()
}

export const signIn = page =>
  page.request.post(`${base}/api/v1/session`, { data: { name: 'cook', password: 'masa-and-water' } })

/** Begins a batch; the address of its stages, without the stage. */
export async function beginBatch(page) {
  await signIn(page)
  await page.goto(base)
  await page.getByRole('button', { name: 'Start Everyday masa discs' }).click()
  await page.waitForURL(/choose/)
  return page.url().replace('choose', '')
}

/** The value that such a share of them lies under. */
export function quantile(values, share) {
  const sorted = [...values].sort((one, other) => one - other)
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]
}

export const median = values => quantile(values, 0.5)
