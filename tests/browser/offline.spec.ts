import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { House } from './house'
import { expectAccessible, signInAt } from './bench'

test.use({ serviceWorkers: 'allow', alone: true })

/** What each place says while the house is away, and that it stands. */
const PLACES = [
  { name: 'Breads', says: /Looking for another and keeping one wait/ },
  { name: 'Larder', says: /A new one and a changed one wait/ },
  { name: 'Hearth', says: /a calibration wait/ },
  { name: 'Record', says: /Looking through the record waits/ },
  { name: 'Practice', says: /worked out by the house: it waits/ },
]

test('a batch is begun while the house is away, worked on, and told as it was begun', async ({ page }) => {
  test.setTimeout(70_000)
  const complaints: string[] = []
  page.on('pageerror', error => complaints.push(error.message))
  const house = new House(8494)
  await house.start()
  try {
    await signInAt(page, house)
    await expect(page.getByRole('button', { name: 'Start Soft rice rounds' })).toBeVisible()
    for (const place of PLACES) await page.getByRole('link', { name: place.name, exact: true }).click()
    await expectPrepared(page, house)
    await house.stop()

    await page.getByRole('button', { name: 'Start Soft rice rounds' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('10 × Soft rice rounds')
    const batch = page.url().split('/').at(-2) ?? ''
    await page.getByRole('button', { name: /On to measure/ }).click()
    for (let left = 3; left > 0; left--) {
      await expect(page.getByRole('button', { name: /^(In the bowl|Ready)$/ })).toHaveCount(left)
      await page
        .getByRole('button', { name: /^(In the bowl|Ready)$/ })
        .first()
        .click()
    }
    await page.getByRole('button', { name: /On to water/ }).click()
    await page.getByRole('button', { name: /^Poured/ }).click()
    const bowl = page.getByRole('complementary', { name: 'The bowl' })
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^29\d\sg is in, that is 10\d\s%$/)
    await page.getByRole('button', { name: /On to mix/ }).click()
    await page.getByRole('button', { name: /^Tacky/ }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Too wet: work in')
    await page
      .getByRole('button', { name: /^Worked in/ })
      .first()
      .click()
    await page.getByRole('button', { name: /^Ready/ }).click()
    await page.getByRole('button', { name: /On to rest/ }).click()
    await page.getByRole('button', { name: /On to portion/ }).click()
    await page.getByRole('button', { name: 'Start counting down' }).click()
    await page.getByRole('button', { name: 'Piece 1 is off' }).click()
    await expect(page.getByRole('button', { name: 'Piece 2 is off' })).toBeVisible()
    const seen = async () => [
      await page.getByRole('heading', { level: 1 }).textContent(),
      await bowl.locator('dl').textContent(),
      await page
        .getByRole('navigation', { name: 'Course' })
        .getByRole('link', { name: /^Shape/ })
        // The clock goes on meanwhile.
        .textContent()
        .then(words => words?.replace(/\d\d:\d\d/, '')),
    ]
    const offline = await seen()
    await expect(page.getByText(/Offline: the house does not answer/)).toBeVisible()

    for (const place of PLACES) {
      await page.getByRole('link', { name: place.name, exact: true }).click()
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
      await expect(page.getByText(place.says)).toBeVisible()
    }
    await expectAccessible(page)
    await page.getByRole('link', { name: 'Today', exact: true }).click()
    await expect(page.getByText('The house has not heard of it yet.')).toBeVisible()
    await page.reload()
    await expect(page.getByText('The house has not heard of it yet.')).toBeVisible()

    await house.start()
    await page.reload()
    await expect(page.getByText('The house has not heard of it yet.')).toBeHidden({ timeout: 20_000 })
    const told = async () => {
      const answer = await page.request.get(`${house.address}/api/v1/batches/${batch}`)
      return answer.ok() ? ((await answer.json()) as { events: { kind: string }[] }) : { events: [] }
    }
    await expect
      .poll(async () => (await told()).events.filter(one => one.kind === 'measured').length, {
        timeout: 20_000,
      })
      .toBe(3)
    await expect
      .poll(async () => (await told()).events.filter(one => one.kind === 'poured').length, {
        timeout: 20_000,
      })
      .toBe(1)
    await page.getByRole('link', { name: /Soft rice rounds Stands at Portion/ }).click()
    await expect(page.getByRole('button', { name: 'Piece 2 is off' })).toBeVisible()
    expect(await seen(), 'what was worked out without the house is what the house says').toEqual(offline)
    await expect(page.getByText('The house does not answer.')).toBeHidden()
    expect(complaints).toEqual([])
  } finally {
    await house.stop()
  }
})

test('a batch begun while the house is away and left lying open is told of as soon as the house is back', async ({
  page,
}) => {
  test.setTimeout(60_000)
  const house = new House(8498)
  await house.start()
  try {
    await signInAt(page, house)
    await expect(page.getByRole('button', { name: 'Start Soft rice rounds' })).toBeVisible()
    await expectPrepared(page, house)
    await house.stop()
    await page.getByRole('button', { name: 'Start Soft rice rounds' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('10 × Soft rice rounds')
    const batch = page.url().split('/').at(-2) ?? ''
    await expect(page.getByText(/Offline: the house does not answer/)).toBeVisible()

    await house.start()
    await expect(page.getByText(/Offline: the house does not answer/)).toBeHidden({ timeout: 20_000 })
    await expect
      .poll(async () => (await page.request.get(`${house.address}/api/v1/batches/${batch}`)).status(), {
        timeout: 20_000,
      })
      .toBe(200)
    await expect(page.getByRole('alert').filter({ hasText: /./ })).toHaveCount(0)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('10 × Soft rice rounds')
  } finally {
    await house.stop()
  }
})

/** Today, with what it needs while the house is away: the page itself, and what was prepared of each bread. */
async function expectPrepared(page: Page, house: House) {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true))
  await page.goto(house.address)
  await expect(page.getByRole('button', { name: 'Start Soft rice rounds' })).toBeVisible()
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<number>(found => {
            const asked = indexedDB.open('mill-of-cook')
            asked.onsuccess = () => {
              const count = asked.result.transaction('prepared').objectStore('prepared').count()
              count.onsuccess = () => {
                asked.result.close()
                found(count.result)
              }
            }
          }),
      ),
    )
    .toBe(4)
}
