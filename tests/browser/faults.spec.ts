import type { Page } from '@playwright/test'
import { expectAccessible, heading, startStyle, view, enter } from './bench'
import { expect, test } from './test'

/** The batch that the demo kitchen begins with stands at its bowl, its edges cracking. */
const AT_THE_BOWL = '/batch/d5fbebb6-7f63-57c3-b03f-a06e55e524f2'

async function toTheBowl(page: Page) {
  await enter(page)
  await page.goto(`${AT_THE_BOWL}/mix`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Too dry')
}

test('a crack at the bowl is two taps from its remedy, which is worked in and can be taken back', async ({
  page,
}) => {
  await toTheBowl(page)
  const water = page.getByRole('complementary').getByText(/^\d+\sg$/)
  const before = await water.allTextContents()
  await page.getByRole('button', { name: 'Something is wrong' }).click()
  const sheet = page.getByRole('dialog', { name: 'What is wrong?' })
  await expect(sheet.getByRole('button', { name: /^Cracks at the edge/ })).toBeVisible()
  await expect(sheet.getByText('Batter runs too thick')).toBeHidden()
  await expectAccessible(page)
  await sheet.getByRole('button', { name: /^Cracks at the edge/ }).click()

  const cause = page.getByRole('dialog', { name: 'Cracks at the edge' })
  await expect(cause.getByRole('heading', { name: 'Too little water' })).toBeVisible()
  await expect(cause.getByText(/It was felt: crumbly/)).toBeVisible()
  await expectAccessible(page)
  await cause.getByRole('button', { name: /^Work in \d+\sg of water/ }).click()
  await expect(cause.getByText('It is in the log as done. Undo takes it back.')).toBeVisible()
  await cause.getByRole('button', { name: 'Back to the work' }).click()
  expect(await heading(page)).toBe('How does it feel?')
  await expect.poll(() => water.allTextContents()).not.toEqual(before)

  await page.getByRole('button', { name: /^Undo: correction of/ }).click()
  await expect.poll(() => water.allTextContents()).toEqual(before)
  await page.getByRole('button', { name: /^Undo: remedy against cracks/ }).click()
  await page.getByRole('button', { name: /^Undo: seen: cracks/ }).click()
  await expect(page.getByRole('button', { name: /^Undo: feel/ })).toBeVisible()
})

test('with wet hands at the bench, on a tablet and on a phone, every tile is large and nothing is cut off', async ({
  page,
}) => {
  await toTheBowl(page)
  await view(page, 'Bench view')
  for (const [width, height] of [
    [820, 1180],
    [360, 780],
  ] as const) {
    await page.setViewportSize({ width, height })
    await page.getByRole('button', { name: 'Something is wrong' }).click()
    const tiles = page.getByRole('dialog').getByRole('listitem').getByRole('button')
    await expect(tiles.first()).toBeVisible()
    for (const tile of await tiles.all()) {
      const box = await tile.boundingBox()
      expect(box?.width).toBeGreaterThanOrEqual(64)
      expect(box?.height).toBeGreaterThanOrEqual(64)
      expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual(width)
    }
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
})

test('at the griddle the sheet lies over the work: Space lays nothing while it is open', async ({ page }) => {
  await toTheBowl(page)
  await page.goto(`${AT_THE_BOWL}/griddle`)
  await page.getByRole('button', { name: 'Something is wrong' }).click()
  await page.getByRole('button', { name: /^Sticks to the griddle/ }).click()
  const sheet = page.getByRole('dialog', { name: 'Sticks to the griddle' })
  await expect(sheet.getByRole('heading', { level: 3 }).first()).toBeVisible()
  await page.keyboard.press('Space')
  await page.keyboard.press('Escape')
  await expect(sheet).toBeHidden()
  await expect(page.getByRole('button', { name: /^Undo: laying/ })).toBeHidden()
  await page.getByRole('button', { name: /^Undo: seen: sticks to griddle/ }).click()
})

test('a dark batch is judged, explained without being asked, and its remedy becomes a version of the bread', async ({
  page,
}) => {
  // A batch and a bread of its own: other tests have theirs in the same kitchen.
  await enter(page)
  await startStyle(page, 'pressed-masa')
  const batch = page.url().replace(/^.*\/batch\/([^/]+).*$/, '$1')
  const poured = await page.request.post(`/api/v1/batches/${batch}/events`, {
    data: { events: [{ id: crypto.randomUUID(), kind: 'poured', at: new Date().toISOString(), grams: 340 }] },
  })
  expect(poured.ok(), await poured.text()).toBe(true)
  await page.goto(`/batch/${batch}/judge`)
  await page.getByRole('radio', { name: 'Folds', exact: true }).check()
  await page.getByRole('radio', { name: 'Puffed in patches' }).check()
  for (const face of ['First face', 'Second face']) {
    const slider = page.getByRole('slider', { name: new RegExp(face) })
    await slider.focus()
    await page.keyboard.press('End')
  }
  await page.getByRole('radiogroup', { name: 'Cracks' }).getByRole('radio', { name: 'None' }).check()
  await page.getByRole('radiogroup', { name: 'Sticking' }).getByRole('radio', { name: 'None' }).check()
  await page.getByRole('button', { name: 'Save the verdict' }).click()

  const why = page.getByRole('region', { name: 'Why it came out so' })
  await expect(why.getByRole('heading', { name: 'The metal is too hot' })).toBeVisible()
  await expect(
    why.getByText(/Bake it at \d+\s°C instead of \d+\s°C|bake it at \d+\s°C instead of \d+\s°C/),
  ).toBeVisible()
  await expectAccessible(page)
  await why.getByRole('button', { name: 'Keep as a version of the bread' }).first().click()
  await expect(why.getByText(/kept as version \d+\./)).toBeVisible()

  const { bread } = (await (await page.request.get(`/api/v1/batches/${batch}`)).json()) as {
    bread: { id: string }
  }
  const { revisions } = (await (await page.request.get(`/api/v1/breads/${bread.id}`)).json()) as {
    revisions: { number: number; request: { griddle?: { surface_celsius?: number } } }[]
  }
  expect(revisions.map(one => one.number)).toEqual([2, 1])
  expect(revisions[0]?.request.griddle?.surface_celsius).toBeLessThan(230)

  await page.goto(`/record/${batch}`)
  await expect(page.getByRole('heading', { name: 'What went wrong' })).toBeVisible()
  await expect(page.getByText(/Bake it at \d+\s°C instead of \d+\s°C/)).toBeVisible()
})
