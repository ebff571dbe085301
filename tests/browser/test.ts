import { test as base } from '@playwright/test'
import { House } from './house'

export { expect } from '@playwright/test'

const FIRST_PORT = 8510

/** Each worker has a house of its own with the demo kitchen made new, so that tests beside each other share no kitchen. */
export const test = base.extend<object, { home: House }>({
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
  baseURL: async ({ home }, use) => use(home.address),
})
