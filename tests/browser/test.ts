import { request, test as base, type APIRequestContext } from '@playwright/test'
import { House } from './house'

export { expect } from '@playwright/test'

const FIRST_PORT = 8510

/** Each worker has a house of its own with the demo kitchen made new, so that tests beside each other share no kitchen. */
export const test = base.extend<{ asAtFirst: null }, { home: House; atHome: APIRequestContext }>({
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
