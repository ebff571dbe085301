import {
  request,
  test as base,
  type APIRequestContext,
  type BrowserContext,
  type Request,
  type TestInfo,
} from '@playwright/test'
import { atFirst } from './chromium'
import { House } from './house'
import { follow, stopFollowing } from './settled'

export { expect } from '@playwright/test'

const FIRST_PORT = 8510
const LOOK_MS = 5000

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

/** Each worker has a house of its own with the demo kitchen made new, so that tests beside each other share no kitchen. */
export const test = base.extend<
  { asAtFirst: null; alone: boolean },
  { home: House; atHome: APIRequestContext; tablet: BrowserContext }
>({
  /** For a test that winds the clock, takes the house away or holds the page otherwise: a browser in which nothing was before. */
  alone: [false, { option: true }],
  // A browser that has compiled the page once opens it in half the time; what it kept of the cook before is cleared away.
  tablet: [
    async ({ browser, home }, use) => {
      const context = await browser.newContext({ ...atFirst, baseURL: home.address })
      await use(context)
      await context.close()
    },
    { scope: 'worker' },
  ],
  context: async ({ context, alone, tablet, home }, use, test) => {
    if (alone) {
      const under = follow(context)
      await use(context)
      await tellOf(context, test, under)
      return
    }
    const page = await tablet.newPage()
    const door = await tablet.newCDPSession(page)
    await door.send('Storage.clearDataForOrigin', {
      origin: home.address,
      storageTypes: 'local_storage,indexeddb,cache_storage',
    })
    await page.close()
    await tablet.clearCookies()
    const under = follow(tablet)
    await use(tablet)
    await tellOf(tablet, test, under)
    await tablet.unrouteAll()
    await tablet.setOffline(false)
    for (const left of tablet.pages()) await left.close()
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
