import type { Batch } from '../../web/api/types'
import { expect, test } from './test'
import { expectAccessible, ownClock, signIn, signInAt, start, tool, enter } from './bench'
import { House } from './house'

test.use({ alone: true })

const NOTE = 'It is kept on this device'

for (const status of [401, 419, 429, 500, 503])
  test(`a changed plan outlives an answer of ${status} and is sent again`, async ({ page }) => {
    await ownClock(page)
    await signIn(page)
    await start(page, 'Everyday masa discs')
    let refusals = 0
    await page.route(/\/batches\/[^/]+$/, (route, request) => {
      if (request.method() !== 'PATCH' || refusals >= 2) return route.continue()
      refusals++
      const problem = {
        type: 'urn:stone-mill:problem:failure',
        title: 'Not now.',
        status,
        detail: '',
        errors: [],
      }
      return route.fulfill({ status, contentType: 'application/problem+json', body: JSON.stringify(problem) })
    })
    await page.getByRole('button', { name: 'Less: Pieces' }).click()
    await expect(page.getByText(/Your change stays on this device/)).toBeVisible()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('13 × Everyday masa discs')
    const kept = page.waitForResponse(
      answer => answer.request().method() === 'PATCH' && answer.status() === 200,
    )
    await expect(async () => {
      await page.clock.fastForward(2000)
      expect(refusals).toBe(2)
    }).toPass()
    await page.clock.fastForward(30_000)
    await kept
    expect(refusals).toBe(2)
    await page.reload()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('13 × Everyday masa discs')
  })

test('two cooks who change one batch both find their change in it', async ({ page, browser }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const id = page.url().split('/')[4] ?? ''
  const other = await browser.newContext({ storageState: await page.context().storageState() })
  const known = await other.request.get(`/api/v1/batches/${id}`)
  const batch = (await known.json()) as { version: number; request: object }
  // The other tablet is quicker, and this page has not heard of it.
  await page.route('**/news*', route => route.fulfill({ status: 204 }))
  const answer = await other.request.patch(`/api/v1/batches/${id}`, {
    data: { version: batch.version, request: { ...batch.request, hands: 2 } },
  })
  expect(answer.status()).toBe(200)
  await page.getByRole('button', { name: 'Less: Pieces' }).click()
  await expect(page.getByText(/your change was put on top of theirs/)).toBeVisible()
  await expect
    .poll(async () => {
      const now = (await (await other.request.get(`/api/v1/batches/${id}`)).json()) as Batch
      return [now.request.hands, now.plan.portion.count]
    })
    .toEqual([2, 13])
  await other.close()
})

test('a verdict given while the house is away is kept and sent once it answers', async ({ page }) => {
  await signIn(page)
  await start(page, 'Almond wraps')
  const course = page.getByRole('navigation', { name: 'Course' })
  await course.getByRole('link', { name: /Judge/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing to judge yet')
  await expect(page.getByRole('button', { name: /Save the verdict/ })).toBeHidden()
  await course.getByRole('link', { name: /Water/ }).click()
  await page.getByRole('button', { name: /^Poured/ }).click()
  await course.getByRole('link', { name: /Judge/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How did they come out?')
  await page.route('**/verdict', route => route.abort())
  for (const [group, choice] of [
    ['When folded', 'Wraps'],
    ['Puff', 'No puff'],
    ['Cracks', 'None'],
    ['Sticking', 'None'],
  ] as const)
    await page
      .getByRole('radiogroup', { name: group })
      .getByRole('radio', { name: choice, exact: true })
      .check()
  await page.getByLabel('Notes for next time').fill('Given while nobody listened.')
  await page.getByRole('button', { name: /Save the verdict/ }).click()
  await expect(page.getByText(NOTE)).toBeVisible()
  await page.reload()
  await expect(page.getByText(NOTE)).toBeVisible()
  await page.unroute('**/verdict')
  await expect(page.getByText(NOTE)).toBeHidden({ timeout: 20_000 })
  await page.goto('/record')
  await expect(page.getByText('Given while nobody listened.')).toBeVisible()
})

test.describe('with the page kept on the tablet', () => {
  test.use({ serviceWorkers: 'allow' })

  test('signing out while the house is away locks the device, and the house hears of it later', async ({
    page,
  }) => {
    test.setTimeout(240_000)
    const house = new House(8495)
    await house.start()
    try {
      await signInAt(page, house)
      await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
      const { cookies } = await page.context().storageState()
      await house.stop()
      await tool(page, 'Sign out')
      await expect(page.getByText(/You are signed out on this device/)).toBeVisible()
      await page.goto(house.address).catch(() => undefined)
      await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeHidden()
      await house.start()
      await page.goto(`${house.address}/sign-in`)
      await expect(page.getByRole('heading', { name: 'Come in' })).toBeVisible()
      await expect(page.getByText(/You are signed out on this device/)).toBeHidden({ timeout: 15_000 })
      // The house is told while the page opens.
      const held = async () => {
        const cookie = cookies.map(one => `${one.name}=${one.value}`).join('; ')
        const headers = { Accept: 'application/json', Cookie: cookie }
        return (await fetch(`${house.address}/api/v1/kitchen`, { headers })).status
      }
      await expect.poll(held).toBe(401)
    } finally {
      await house.stop()
    }
  })
})

test('a tablet an hour wrong counts by the house, and says by how much it is off', async ({ page }) => {
  await page.clock.install({ time: Date.now() - 3_600_000 })
  await page.clock.resume()
  await signIn(page)
  // A page that was just opened has heard the time before it begins anything by it.
  await page.reload()
  await start(page, 'Everyday masa discs')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  await expect(page.getByText(/clock is 60\smin behind the house/)).toBeVisible()
  await page.getByRole('button', { name: /^Poured/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is in')
  const id = page.url().split('/')[4] ?? ''
  const offByMilliseconds = async () => {
    const { started_at, events } = (await (await page.request.get(`/api/v1/batches/${id}`)).json()) as {
      started_at: string
      events: { kind: string; at: string }[]
    }
    const poured = events.find(one => one.kind === 'poured')
    const moments = [started_at, poured?.at ?? '1970-01-01T00:00:00Z']
    return Math.max(...moments.map(moment => Math.abs(Date.parse(moment) - Date.now())))
  }
  await expect.poll(offByMilliseconds).toBeLessThan(20_000)
})

test('a page older than the house opens anew where it was to lead, once, and says so where the house is away', async ({
  page,
}) => {
  await signIn(page)
  // As after the house was brought up to date: what the open page is made of is not served any more.
  let missed = 0
  await page.route('**/assets/Practice-*.js', route => {
    missed++
    return missed === 1 ? route.fulfill({ status: 404 }) : route.continue()
  })
  await page.getByRole('link', { name: 'Practice' }).click()
  await expect(page).toHaveURL(/practice$/)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  expect(missed).toBe(2)
  await page.route('**/assets/Hearth-*.js', route => route.abort())
  await page.route('**/up', route => route.abort())
  await page.getByRole('link', { name: 'Hearth' }).click()
  await expect(page.getByText('The house does not answer.')).toBeVisible()
  await expect(page).toHaveURL(/practice$/)
})

test('an address that leads nowhere says so, and the way back', async ({ page }) => {
  await signIn(page)
  // The page itself may come from the tablet; the house says what it is.
  expect((await page.request.get('/no/such/place')).status()).toBe(404)
  await page.goto('/no/such/place')
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible()
  await page.getByRole('link', { name: 'To today' }).click()
  await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
})

test('the next cook on a tablet sees nothing of the one before, who finds all again', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const address = page.url().replace('/choose', '/water')
  await page.goto(address)
  await page.route('**/events', route => route.abort())
  await page.getByRole('button', { name: /^Poured/ }).click()
  await expect(page.getByText(/kept on this device and will be sent/)).toBeVisible()
  await tool(page, 'Sign out')
  await expect(page.getByRole('heading', { name: 'Come in' })).toBeVisible()
  const shelves = await page.evaluate(async () => (await indexedDB.databases()).map(one => one.name))
  expect(shelves).toContain('mill-of-cook')
  expect(await page.evaluate(() => caches.has('mill-house'))).toBe(false)
  await page.unroute('**/events')
  await enter(page)
  await page.goto(address)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is in', { timeout: 15_000 })
})

test('a session that ended in mid-batch is begun again on the spot, and what was done meanwhile is sent', async ({
  page,
}) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const course = page.getByRole('navigation', { name: 'Course' })
  await course.getByRole('link', { name: /Water/ }).click()
  await expect(page.getByRole('button', { name: /^Poured/ })).toBeVisible()
  const address = page.url()
  // Asking for news would be told first, and its dialog would lie over the button.
  await page.route('**/news?*', route => route.fulfill({ status: 204 }))
  // The house forgets it; cookies alone would come back with an answer that is under way.
  expect((await page.request.delete('/api/v1/session')).ok()).toBe(true)
  // What was asked before that can be told first all the same: the hand is on its way to the button already.
  await page.getByRole('button', { name: /^Poured/ }).dispatchEvent('click')
  const door = page.getByRole('dialog', { name: 'Sign in again to go on' })
  await expect(door).toBeVisible()
  await page.unroute('**/news?*')
  await expect(door.getByLabel('Password')).toBeFocused()
  await expectAccessible(page)

  await page.keyboard.type('not the word')
  await page.keyboard.press('Enter')
  await expect(door.getByRole('alert')).toContainText('Name and password do not fit')
  await page.keyboard.type('masa-and-water')
  await page.keyboard.press('Enter')
  await expect(door).toBeHidden()
  expect(page.url()).toBe(address)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is in')
  // Nothing more waits: the house has the pour.
  await expect
    .poll(async () => {
      const id = /batch\/([^/]+)/.exec(address)?.[1] ?? ''
      const batch = (await (await page.request.get(`/api/v1/batches/${id}`)).json()) as Batch
      return batch.state.begun
    })
    .toBe(true)
})
