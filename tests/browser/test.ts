import {
  request,
  test as base,
  type APIRequestContext,
  type BrowserContext,
  type CDPSession,
  type Page,
  type Request,
  type TestInfo,
} from '@playwright/test'
import { atFirst } from './chromium'
import { House } from './house'
import { follow, stopFollowing } from './settled'

export { expect } from '@playwright/test'

const FIRST_PORT = 8510
const LOOK_MS = 5000
/** A part of the house in which no script of it runs. */
const NOTHING_RUNS_HERE = '/icon.svg'

/** Of a test that failed, where its pages stood and what they waited for: a page that hung is closed before anybody looks at it. */
async function tellOf(context: BrowserContext, test: TestInfo, under: Set<Request>) {
  stopFollowing(context)
  if (test.status === test.expectedStatus) return
  for (const one of under) console.log(`-- not answered: ${one.method()} ${one.url()}`)
  for (const page of context.pages()) {
    const seen = page.locator('body').ariaSnapshot({ timeout: LOOK_MS })
    console.log(`-- ${page.url()}\n${(await seen.catch(String)).slice(0, 3000)}`)
  }
}

/** What the device knew of the cook before. */
async function forget(page: Page, home: House) {
  const door = await page.context().newCDPSession(page)
  await door.send('Storage.clearDataForOrigin', {
    origin: home.address,
    storageTypes: 'local_storage,indexeddb,cache_storage',
  })
  await door.detach()
  await page.evaluate(() => {
    sessionStorage.clear()
  })
  await page.context().clearCookies()
}

/** The page as it was before the test, and alone again. */
async function leave(page: Page) {
  const context = page.context()
  for (const other of context.pages()) if (other !== page) await other.close()
  await context.unrouteAll()
  await page.unrouteAll()
  await context.setOffline(false)
  for (const told of ['console', 'pageerror', 'request', 'requestfinished', 'requestfailed', 'dialog'])
    page.removeAllListeners(told)
  await page.goto(NOTHING_RUNS_HERE)
  await page.emulateMedia({ media: null, colorScheme: null, reducedMotion: atFirst.reducedMotion })
  await page.setViewportSize(atFirst.viewport)
}

/** Each worker has a house of its own with the demo kitchen made new, so that tests beside each other share no kitchen. */
export const test = base.extend<
  { asAtFirst: null; alone: boolean; device: CDPSession },
  { home: House; atHome: APIRequestContext; tablet: BrowserContext; standing: Page }
>({
  /** For a test that winds the clock, takes the house away or holds the page otherwise: a browser in which nothing was before. */
  alone: [false, { option: true }],
  // A browser that has compiled the page once opens it in half the time, and a page whose process stands in half of that; what is kept
  // there of the cook before is cleared away.
  tablet: [
    async ({ browser, home }, use) => {
      const context = await browser.newContext({ ...atFirst, baseURL: home.address })
      await use(context)
      await context.close()
    },
    { scope: 'worker' },
  ],
  standing: [
    async ({ tablet }, use) => {
      const page = await tablet.newPage()
      await page.goto(NOTHING_RUNS_HERE)
      await use(page)
    },
    { scope: 'worker' },
  ],
  context: async ({ context, alone, tablet, standing, home }, use, test) => {
    const own = alone ? context : tablet
    if (!alone) await forget(standing, home)
    const under = follow(own)
    await use(own)
    await tellOf(own, test, under)
    if (alone) return
    await leave(standing)
  },
  page: async ({ alone, context, standing }, use) => use(alone ? await context.newPage() : standing),
  /** What the page is shown on, to be made another; it is what it was once the test is over. */
  device: async ({ page }, use) => {
    const device = await page.context().newCDPSession(page)
    await use(device)
    await device.detach()
  },
  home: [
    // Playwright reads from the first argument what a fixture stands on: this one on nothing.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, worker) => {
      const home = new House(FIRST_PORT + worker.parallelIndex)
      await home.start()
      await use(home)
      await home.stop()
    },
    { scope: 'worker', auto: true, timeout: 180_000 },
  ],
  atHome: [
    async ({ home }, use) => {
      const context = await request.newContext({
        baseURL: home.address,
        extraHTTPHeaders: { Origin: home.address },
      })
      await context.post('/api/v1/session', { data: { name: 'cook', password: 'masa-and-water' } })
      await use(context)
      await context.dispose()
    },
    { scope: 'worker' },
  ],
  // What one test liked of units and looks is no business of the next: it goes along with the cook.
  asAtFirst: [
    async ({ atHome }, use) => {
      // A connection that lay idle through a long test may be closed at the other end.
      await atHome.put('/api/v1/me/profile', { data: {}, maxRetries: 2 })
      await use(null)
    },
    { auto: true },
  ],
  baseURL: async ({ home }, use) => use(home.address),
})
