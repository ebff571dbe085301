import { randomUUID as uuid } from 'node:crypto'
import type { Page } from '@playwright/test'
import { expectAccessible, signIn, start, view, enter } from './bench'
import { expect, test } from './test'

test('what a bag took is told, changes the pour, and can be left out this once or set aside for good', async ({
  page,
}) => {
  await enter(page)
  await page.goto('/larder')
  const bag = page.getByRole('listitem').filter({ hasText: 'Masa, striped paper bag' })
  await expect(bag).toContainText(
    /This bag takes \d+\.\d\spoints more than its kind, ± \d+\.\d, from \d+ batches/,
  )
  await expect(bag.getByRole('img', { name: /Masa, striped paper bag: This bag takes/ })).toBeVisible()

  await page.goto('/')
  await start(page, 'Everyday masa discs')
  await page.goto(page.url().replace(/\/[a-z]+$/, '/water'))
  const heading = page.getByRole('heading', { level: 1 })
  const learned = (await heading.textContent()) ?? ''
  await expect(page.getByText(/this bag takes .* Without it: \d+\sg of water/)).toBeVisible()
  await page.getByRole('button', { name: /^Leave it out this time: .*this bag/ }).click()
  await expect(page.getByText(/^Left out this time: .*This bag takes/)).toBeVisible()
  await expect(heading).not.toHaveText(learned)
  await page.getByRole('button', { name: /^Use it: .*This bag/ }).click()
  await expect(heading).toHaveText(learned)
  // With all of it left out, the way back still stands here.
  const leave = page.getByRole('button', { name: /^Leave it out this time/ })
  const all = await leave.count()
  for (let left = all - 1; left >= 0; left--) {
    await leave.first().click()
    await expect(leave).toHaveCount(left)
  }
  await expect(page.getByRole('button', { name: /^Use it/ })).toHaveCount(all)

  await page.goto('/larder')
  await bag.getByRole('button', { name: /^Set aside/ }).click()
  await expect(bag).toContainText('Set aside: plans do without it.')
  await page.goto('/')
  await start(page, 'Everyday masa discs')
  await page.goto(page.url().replace(/\/[a-z]+$/, '/water'))
  await expect(heading).not.toHaveText(learned)
  await expect(page.getByText(/this bag takes/i)).toBeHidden()
  await page.goto('/larder')
  await bag.getByRole('button', { name: /^Use what was learned/ }).click()
  await expect(bag).not.toContainText('Set aside: plans do without it.')
})

test('six batches with one bag move the seventh and its first pour; set aside or forgotten, they do not', async ({
  page,
}) => {
  await signIn(page)
  await forgetAll(page)
  const before = await firstPour(page)
  let last = ''
  for (let batch = 0; batch < 6; batch++) last = await thirstyBatch(page, 9)
  const after = await firstPour(page)
  expect(after.pour).toBeGreaterThan(before.pour + 15)
  expect(after.keep).toBeLessThan(0.6 * before.keep)

  await page.goto('/larder')
  const bag = page.getByRole('listitem').filter({ hasText: 'Masa, striped paper bag' })
  await expect(bag).toContainText('from 6 batches')
  // The picture comes a moment after the words and moves what stands below it.
  const settled = bag.getByRole('img', { name: /Masa, striped paper bag: This bag takes/ })
  await expect(settled).toBeVisible()
  await bag.getByRole('button', { name: /^Set aside/ }).click()
  await expect(bag).toContainText('Set aside: plans do without it.')
  expect(await firstPour(page)).toEqual(before)
  await page.goto('/larder')
  await expect(settled).toBeVisible()
  await bag.getByRole('button', { name: /^Use what was learned/ }).click()
  await expect(bag).not.toContainText('Set aside: plans do without it.')
  expect(await firstPour(page)).toEqual(after)

  // One batch forgotten: less of it, and its log stays. All of them forgotten: as if none had been.
  await page.goto(`/record/${last}`)
  await page.getByRole('button', { name: 'Leave it out of what is learned' }).click()
  await expect(page.getByText('It is left out of what is learned; its log stays.')).toBeVisible()
  await expect(page.getByText('The log, 2 entries')).toBeVisible()
  const fewer = await firstPour(page)
  expect(fewer.pour).toBeLessThanOrEqual(after.pour)
  expect(fewer.pour).toBeGreaterThan(before.pour)
  await forgetAll(page)
  expect(await firstPour(page)).toEqual(before)
  await remember(page)
})

test('what is known of griddle and hands stands at the hearth, and a plan does without what is set aside', async ({
  page,
}) => {
  await enter(page)
  await page.goto('/hearth')
  const iron = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'Black iron plate' }) })
  await expect(iron.getByRole('img', { name: /Knob at 6 comes to 22\d\s°C/ })).toBeVisible()
  await expect(iron).toContainText('by its calibration and 12 batches')
  const hands = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'second', exact: true }) })
  await expect(hands).toContainText(/Pieces of this hand differ by 5\.\d\s%/)
  await expect(hands).toContainText(/Discs of this hand come out 1\d\s% thicker than planned/)
  await expectAccessible(page)

  await page.goto('/')
  await start(page, 'Everyday masa discs')
  await page.getByRole('button', { name: /^What the record changed/ }).click()
  await expect(page.getByText(/Knob at 6 comes to 22\d\s°C.* Without it: 230\s°C/)).toBeVisible()
  await expect(page.getByText(/Discs of this hand come out \d+\s% thicker than planned/)).toBeVisible()
  const batch = page.url().replace(/\/[a-z]+$/, '')
  await page.goto(`${batch}/shape`)
  const heading = page.getByRole('heading', { level: 1 })
  const thick = (await heading.textContent()) ?? ''
  await page.getByRole('button', { name: /^Leave it out this time: Discs/ }).click()
  await expect(heading).not.toHaveText(thick)
  await page.getByRole('button', { name: /^Use it: Discs/ }).click()
  await expect(heading).toHaveText(thick)

  await page.goto('/hearth')
  await iron.getByRole('button', { name: 'Set it aside', exact: true }).first().click()
  await expect(iron).toContainText('Set aside: plans go by the heat that is usual.')
  await page.goto('/')
  await start(page, 'Everyday masa discs')
  await expect(page.getByText(/Knob at 6 comes to/)).toBeHidden()
  await page.goto('/hearth')
  await iron.getByRole('button', { name: 'Use it', exact: true }).first().click()
  await expect(iron).toContainText('Plans go by this.')
})

/** What the house answers a page that is signed in. */
function asked<Answer>(page: Page, method: string, path: string, body?: unknown): Promise<Answer> {
  return page.evaluate(
    async ([how, where, what]) => {
      const answer = await fetch(`/api/v1${where}`, {
        method: how,
        headers: { Accept: 'application/json', 'Content-Type': 'application/json' },
        ...(what === null ? {} : { body: what }),
      })
      if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`)
      return (await answer.json()) as unknown
    },
    [method, path, body === undefined ? null : JSON.stringify(body)] as const,
  ) as Promise<Answer>
}

interface Made {
  id: string
  plan: {
    water: Record<string, { value: number }> & { catalogue_grams: number }
    ledger: { grams: number }[]
  }
}

async function begun(page: Page): Promise<Made> {
  const { breads } = await asked<{ breads: { id: string; name: string }[] }>(page, 'GET', '/kitchen')
  const bread = breads.find(one => one.name === 'Everyday masa discs')?.id
  return asked<Made>(page, 'POST', '/batches', { id: uuid(), bread, at: new Date().toISOString() })
}

/** Everything teaches again, for the tests that come after in the same house. */
async function remember(page: Page) {
  const { batches } = await asked<{ batches: { id: string }[] }>(page, 'GET', '/batches?limit=200')
  for (const { id } of batches) await asked(page, 'PUT', `/batches/${id}/lesson`, { left_out: false })
}

/** Nothing that was made before teaches any more. */
async function forgetAll(page: Page) {
  const { batches } = await asked<{ batches: { id: string }[] }>(page, 'GET', '/batches?limit=200')
  for (const { id } of batches) await asked(page, 'PUT', `/batches/${id}/lesson`, { left_out: true })
}

/** A batch whose dough is ready with so many points more than its kind takes. */
async function thirstyBatch(page: Page, points: number): Promise<string> {
  const { id, plan } = await begun(page)
  const grams = plan.water.catalogue_grams + (points / 100) * (plan.ledger[0]?.grams ?? 0)
  const at = new Date().toISOString()
  await asked(page, 'POST', `/batches/${id}/events`, {
    events: [
      { id: uuid(), kind: 'poured', at, grams: Math.round(grams) },
      { id: uuid(), kind: 'felt', at, grade: 'ready' },
    ],
  })
  return id
}

/** What the page of a new batch says to pour first and to keep by, in grams. */
async function firstPour(page: Page): Promise<{ pour: number; keep: number }> {
  const { id } = await begun(page)
  await page.goto(`/batch/${id}/water`)
  const grams = async (words: RegExp) =>
    Number(words.exec((await page.locator('main').textContent()) ?? '')?.[1])
  await expect(page.getByText(/Keep \d+\sg by/)).toBeVisible()
  return { pour: await grams(/Pour (\d+)\sg/), keep: await grams(/Keep (\d+)\sg by/) }
}

test('a warning says what would mend it, and one tap does', async ({ page }) => {
  await signIn(page)
  await start(page, 'Soft rice rounds')
  await page.goto(page.url().replace(/\/[a-z]+$/, '/griddle'))
  await view(page, 'Plan the heat')
  const heat = page.getByRole('slider', { name: 'Griddle surface' })
  for (let press = 0; press < 6; press++) await heat.press('ArrowRight')
  const warning = page.getByRole('listitem').filter({ hasText: 'High heat for this style.' })
  await expect(warning).toBeVisible()
  await warning.getByRole('button', { name: 'Bake it at 230 °C' }).click()
  await expect(warning).toBeHidden()
  await expect(heat).toHaveAttribute('aria-valuetext', /230/)
})
