import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { chooseFrom, expectAccessible, expectNoSidewaysScroll, ownClock, signIn, enter } from './bench'

test.use({ alone: true })

/** A bread of the test's own, and a batch of it; where its stages are. */
async function begin(page: Page, name: string, request: object): Promise<string> {
  const [bread, batch] = [crypto.randomUUID(), crypto.randomUUID()]
  const post = async (path: string, data: object) => {
    const answer = await page.request.post(`/api/v1/${path}`, { data })
    expect(answer.status(), await answer.text()).toBe(201)
  }
  await post('breads', { id: bread, name, request })
  await post('batches', { id: batch, bread, at: new Date().toISOString() })
  return `/batch/${batch}`
}

const FILLED = {
  style: 'patted-masa',
  pieces: { count: 4 },
  formula: {
    extras: [
      { ingredient: 'cheese-stretching', place: 'filling', grams_each: 20 },
      { ingredient: 'rice-white', place: 'dusting' },
      { ingredient: 'butter', place: 'after', grams_each: 3 },
    ],
  },
}

test('a filled bread: what is beside the dough is weighed, the piece opened and closed, and served as it is meant', async ({
  page,
}) => {
  await signIn(page)
  const batch = await begin(page, 'Filled rounds', FILLED)

  await page.goto(`${batch}/measure`)
  const beside = page.getByRole('region', { name: 'Beside the dough' })
  await expect(beside.getByRole('listitem')).toHaveCount(3)
  await expect(beside).toContainText('80 g')
  await beside.getByRole('button', { name: /Stretching cheese.*stands ready/ }).click()
  await expect(beside).toContainText('✓ It is ready')
  await page.getByRole('button', { name: 'Done: Whisk the dry together' }).click()
  await expect(page.getByRole('button', { name: /^Undo: whisking the dry/ })).toBeVisible()
  await expect(page.getByText('Contains milk').first()).toBeVisible()
  await expectAccessible(page)

  await page.goto(`${batch}/shape`)
  await expect(page.getByText(/^Open a piece to \d+\smm, close it over 20\sg of filling/)).toBeVisible()
  await expect(page.getByRole('img', { name: /It holds/ })).toBeVisible()
  await expect(page.getByRole('radio', { name: 'Filled', exact: true })).toHaveCount(0)
  await expectAccessible(page)

  await page.goto(`${batch}/stack`)
  const after = page.getByRole('region', { name: 'After the bread' })
  await expect(after).toContainText('Brush with 3 g butter')
  await after.getByRole('button', { name: /^Done: Brush/ }).click()
  await expect(after).toContainText('✓')
})

test('what a cook sees at the griddle moves the times, and what was seen can be undone', async ({ page }) => {
  await ownClock(page)
  await signIn(page)
  const batch = await begin(page, 'Seen discs', { style: 'pressed-masa', pieces: { count: 1 } })
  await page.goto(`${batch}/griddle`)
  await expect(page.getByText(/A soft sizzle as it lands/)).toBeVisible()
  await page.keyboard.press(' ')
  await expect(page.getByRole('heading', { name: 'Turn 1' })).toBeVisible()
  await expect(page.getByText(/slides when it is pushed/)).toBeVisible()
  await page.clock.fastForward('00:35')
  await page.getByRole('button', { name: 'Not yet' }).click()
  await expect(page.getByText(/^By what you saw, each lies \d+\s% longer/)).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: /^Undo: piece 1 looked not yet/ }).click()
  await expect(page.getByText(/^By what you saw/)).toBeHidden()
  await page.getByRole('button', { name: 'Right now' }).click()
  await expect(page.getByText('piece 1 of 1, touch 2 of 3')).toBeVisible()
  for (const width of [360, 1280]) {
    await page.setViewportSize({ width, height: 780 })
    await expectNoSidewaysScroll(page)
  }
})

test('a rise is told by the mark on its bowl, and the pieces rest once more', async ({ page }) => {
  await page.clock.install()
  await signIn(page)
  const batch = await begin(page, 'Raised rounds', {
    style: 'raised-round',
    pieces: { count: 2 },
    formula: { second_rest: { minutes: 15 } },
  })
  await page.goto(`${batch}/rest`)
  await page.getByRole('button', { name: 'Start the rise' }).click()
  const mark = page.getByRole('group', { name: 'Against the mark it stands at' })
  await expect(mark).toBeVisible()
  await mark.getByRole('button', { name: '125 %' }).click()
  await expect(page.getByText('The clock follows what you saw.')).toBeVisible()
  await expectAccessible(page)

  await page.goto(`${batch}/portion`)
  await page.getByRole('button', { name: 'Start counting down' }).click()
  for (const piece of [1, 2]) await page.getByRole('button', { name: `Piece ${piece} is off` }).click()
  await page.getByRole('button', { name: 'Cover them, 15 min' }).click()
  await expect(page.getByText(/^They rest 15\smin, covered, in the room/)).toBeVisible()
})

test('a formula says what is beside its dough, how a line goes in, how it waits and what it is for', async ({
  page,
}) => {
  await enter(page)
  await page.goto('/breads')
  await page.getByRole('link', { name: 'Everyday masa discs' }).first().click()
  await chooseFrom(page, 'How Salt goes in', 'in the water')
  await page.getByRole('radio', { name: 'Beside the dough' }).check({ force: true })
  await chooseFrom(page, 'Where it goes', 'To coat the pieces')
  await chooseFrom(page, 'What goes there', 'Sesame, whole')
  const lines = page.getByRole('list', { name: 'Beside the dough' })
  await expect(lines).toContainText('Sesame, whole')
  await expect(lines).toContainText('eaten')
  await expectAccessible(page)
  await page.getByRole('radio', { name: 'Label and cost' }).check({ force: true })
  await expect(page.getByText(/sesame/i).first()).toBeVisible()
  await page.getByRole('radio', { name: 'Use and rests' }).check({ force: true })
  await chooseFrom(page, 'What it is for', 'Crisp, as chips')
  await page.getByRole('button', { name: /^Save as version/ }).click()
  await expect(page.getByText(/Version 2\./)).toBeVisible()
})
