import type { Page } from '@playwright/test'
import { settled } from './settled'
import { expect, test } from './test'
import { expectAccessible, listenForComplaints, ownClock, signIn, signInAt, start, tool, view } from './bench'
import { House } from './house'

test.use({ alone: true })

const says = (page: Page) => page.getByRole('heading', { level: 1 })
const count = (page: Page) => page.getByText(/\d+ off, \d+ on, \d+ to lay/)

async function toTheGriddle(page: Page) {
  await page
    .getByRole('navigation', { name: 'Course' })
    .getByRole('link', { name: /Griddle/ })
    .click()
  await expect(says(page)).toHaveText('Lay 1')
}

async function fewer(page: Page, pieces: number) {
  for (let piece = 14; piece > pieces; piece--)
    await page.getByRole('button', { name: 'Less: Pieces' }).click()
  await expect(says(page)).toContainText(`${pieces} ×`)
}

/** Space, and until the house has written down what it did. */
async function space(page: Page) {
  const written = page.waitForResponse(answer => answer.url().endsWith('/events') && answer.ok())
  await page.keyboard.press('Space')
  await written
  await settled(page)
}

/** Space while the house is away: what is unsent grows by one. */
async function spaceAway(page: Page, unsent: number) {
  await page.keyboard.press('Space')
  await expect(
    page.getByText(unsent === 1 ? /One entry is kept/ : new RegExp(`${unsent} entries are kept`)),
  ).toBeVisible()
}

interface Told {
  kind: string
  id: string
  piece?: number
}

async function logOf(page: Page): Promise<Told[]> {
  const id = /batch\/([^/]+)/.exec(page.url())?.[1]
  const answer = await page.request.get(new URL(`/api/v1/batches/${id}`, page.url()).href)
  return ((await answer.json()) as { events: Told[] }).events
}

test('twelve pieces on a griddle for three, all by Space', async ({ page }) => {
  const complaints = listenForComplaints(page)
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await fewer(page, 12)
  await toTheGriddle(page)
  for (let touches = 0; touches < 12 * 4; touches++) await space(page)
  await expect(says(page)).toHaveText('All off the griddle')
  await expect(count(page)).toHaveText('12 off, 0 on, 0 to lay.')
  await expect.poll(async () => (await logOf(page)).filter(one => one.kind === 'lifted').length).toBe(12)
  const log = await logOf(page)
  expect(log.filter(one => one.kind === 'laid')).toHaveLength(12)
  expect(log.filter(one => one.kind === 'turned')).toHaveLength(24)
  expect(complaints).toEqual([])
})

test('late turns are taken as they happen, said, and what follows is planned anew', async ({ page }) => {
  await ownClock(page)
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await fewer(page, 2)
  await toTheGriddle(page)
  await space(page)
  await expect(count(page)).toHaveText('0 off, 1 on, 1 to lay.')
  // The window of each turn has long closed.
  for (const touch of ['Turn 1', 'Turn and press 1']) {
    await page.clock.runFor(65_000)
    await expect(says(page)).toHaveText(touch)
    await expect(page.locator('.say-due')).toContainText('late')
    await space(page)
  }
  await expect(page.getByText(/Touches: 0\sin time.*(2 late|1 late, 1 missed|2 missed)/)).toBeVisible()
  await expect(page.getByText(/Furthest off: piece 1/)).toBeVisible()
  for (let left = 0; left < 5; left++) {
    await page.clock.runFor(12_000)
    await space(page)
  }
  await expect(says(page)).toHaveText('All off the griddle')
})

test.describe('with the page kept on the tablet', () => {
  test.use({ serviceWorkers: 'allow' })

  test('the house is switched off in the middle: work goes on, and everything arrives once', async ({
    page,
  }) => {
    test.setTimeout(240_000)
    const house = new House(8497)
    await house.start()
    try {
      await signInAt(page, house)
      await start(page, 'Everyday masa discs')
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => true))
      await fewer(page, 6)
      await toTheGriddle(page)
      await page.reload()
      await expect(says(page)).toHaveText('Lay 1')
      for (let touches = 0; touches < 8; touches++) await space(page)
      expect((await logOf(page)).filter(one => one.piece)).toHaveLength(8)

      await house.stop()
      for (let unsent = 1; unsent <= 7; unsent++) await spaceAway(page, unsent)
      await expect(page.getByText(/Offline: the house does not answer.*7 entries are kept/)).toBeVisible()
      // The page opens without the house, and nothing that was done is gone.
      const before = await count(page).textContent()
      await page.reload()
      await expect(count(page)).toHaveText(before ?? '')
      await expect(page.getByText(/7 entries are kept/)).toBeVisible()
      await spaceAway(page, 8)

      await house.start()
      await expect(page.getByText(/Offline/)).toBeHidden({ timeout: 20_000 })
      for (let touches = 16; touches < 24; touches++) await space(page)
      await expect(says(page)).toHaveText('All off the griddle')
      await expect.poll(async () => (await logOf(page)).filter(one => one.kind === 'lifted').length).toBe(6)
      const log = (await logOf(page)).filter(one => one.piece)
      expect(log).toHaveLength(24)
      expect(new Set(log.map(one => one.id)).size).toBe(24)
      for (let piece = 1; piece <= 6; piece++)
        expect(log.filter(one => one.piece === piece).map(one => one.kind)).toEqual([
          'laid',
          'turned',
          'turned',
          'lifted',
        ])
    } finally {
      await house.stop()
    }
  })
})

test('two tablets see the same griddle, and a turn that both enter counts once', async ({
  page,
  context,
}) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await toTheGriddle(page)
  const other = await context.newPage()
  await other.goto(page.url())
  await expect(says(other)).toHaveText('Lay 1')
  await space(page)
  await expect(count(other)).toHaveText('0 off, 1 on, 13 to lay.')
  await space(other)
  await expect(count(page)).toHaveText('0 off, 2 on, 12 to lay.')
  const turn = (tablet: Page) => tablet.getByRole('button', { name: 'Piece 1: turn' })
  await Promise.all([turn(page).click(), turn(other).click()])
  await expect.poll(async () => (await logOf(page)).filter(one => one.kind === 'turned').length).toBe(1)
})

test('a pedal does the next thing, and during a pause nothing new is laid', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await toTheGriddle(page)
  await page.getByRole('button', { name: 'Use a foot pedal' }).click()
  await page.keyboard.press('F9')
  await expect(page.getByRole('button', { name: 'Pedal sends F9' })).toBeVisible()
  await expect(count(page)).toHaveText('0 off, 0 on, 14 to lay.')
  await page.keyboard.press('F9')
  await expect(count(page)).toHaveText('0 off, 1 on, 13 to lay.')
  await page.getByRole('button', { name: 'Pause' }).click()
  await expect(page.getByText(/Paused since .*What lies there still cooks/)).toBeVisible()
  await expect(says(page)).toHaveText('Turn 1')
  for (let touches = 0; touches < 4; touches++) {
    await page.keyboard.press('F9')
    await settled(page)
  }
  await expect(says(page)).toHaveText('Paused')
  await page.keyboard.press('F9')
  await expect(count(page)).toHaveText('1 off, 0 on, 13 to lay.')
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(says(page)).toHaveText('Lay 2')
})

test('the plan follows a griddle that drifts', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await toTheGriddle(page)
  await tool(page, 'Simulated devices')
  await page.getByRole('button', { name: 'Simulated thermometer' }).click()
  await expect(page.getByText('The griddle is as hot as the plan has it.')).toBeVisible()
  await page.getByRole('button', { name: 'Burner up' }).click()
  await page.getByRole('button', { name: 'Burner up' }).click()
  await view(page, 'Plan the heat')
  const planned = page.getByText(/Each piece: .* at \d+\s°C/)
  await expect
    .poll(async () => Number(/at (\d+)\s°C/.exec((await planned.textContent()) ?? '')?.[1]), {
      timeout: 30_000,
    })
    .toBeGreaterThan(235)
  await expect.poll(async () => (await logOf(page)).some(one => one.kind === 'surface_taken')).toBe(true)
})

test('the serving time is dragged, what does not fit says what would, and the text can be taken along', async ({
  page,
}) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await view(page, 'When')
  const flag = page.getByRole('slider', { name: 'Serving time' })
  await flag.focus()
  for (let presses = 0; presses < 3; presses++) {
    const before = await flag.getAttribute('aria-valuetext')
    await page.keyboard.press('PageUp')
    await expect(flag).not.toHaveAttribute('aria-valuetext', before ?? '')
  }
  await expect(page.getByLabel('Served at')).not.toHaveValue('')
  const soon = new Date(Date.now() + 20 * 60_000)
  const month = soon.toLocaleString('en', { month: 'short' })
  const time = soon.toTimeString().slice(0, 5)
  await page.getByLabel('Served at').fill(`${soon.getDate()} ${month} ${soon.getFullYear()}, ${time}`)
  await page.keyboard.press('Enter')
  await expect(page.getByText(/min too few/)).toBeVisible()
  await page.getByRole('button', { name: /^Serve at/ }).click()
  await expect(page.getByText(/min too few/)).toBeHidden()
  await expect(page.getByText(/no order of work could do it in less/)).toBeVisible()
  const text = await page.request.get(
    new URL((await page.getByRole('link', { name: 'Plain text' }).getAttribute('href')) ?? '', page.url())
      .href,
  )
  expect(await text.text()).toMatch(/\d\d:\d\d {2}Serve/)
})

for (const [width, height] of [
  [360, 740],
  [1280, 800],
] as const)
  test(`griddle, line and day are accessible and fit at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height })
    await signIn(page)
    await start(page, 'Soft rice rounds')
    await expectAccessible(page)
    await toTheGriddle(page)
    await space(page)
    await space(page)
    await page.getByRole('button', { name: 'Pause' }).click()
    await expect(page.getByText(/Paused since/)).toBeVisible()
    await expectAccessible(page)
    await tool(page, 'Bench view')
    await expectAccessible(page)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
    await tool(page, 'Bench view')
    await page.goto('/')
    await expect(page.getByRole('heading', { name: 'The day' })).toBeVisible()
    await expectAccessible(page)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
  })
