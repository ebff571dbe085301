import type { Page } from '@playwright/test'
import { expectAccessible, signIn, enter } from './bench'
import { expect, test } from './test'

/** Picks one option of a select, as a keyboard would. */
async function choose(page: Page, select: string, option: string) {
  await page.getByRole('combobox', { name: select }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: option, exact: true }).click()
}

type Begun = {
  id: string
  version: number
  plan: { portion: { count: number } }
  request: { water?: { hydration_percent?: number } }
}

/** Makes the next batch of a trial and judges it: more water, more good pieces. */
async function make(page: Page, trial: string, good: (water: number) => number) {
  const begun = await page.request.post(`/api/v1/trials/${trial}/batches`, {
    data: { id: crypto.randomUUID(), at: new Date().toISOString() },
  })
  expect(begun.status(), await begun.text()).toBe(201)
  const batch = (await begun.json()) as Begun
  const poured = await page.request.post(`/api/v1/batches/${batch.id}/events`, {
    data: { events: [{ id: crypto.randomUUID(), kind: 'poured', at: new Date().toISOString(), grams: 300 }] },
  })
  expect(poured.ok(), await poured.text()).toBe(true)
  const count = batch.plan.portion.count
  const pieces_good = good(batch.request.water?.hydration_percent ?? 0)
  const judged = await page.request.put(`/api/v1/batches/${batch.id}/verdict`, {
    data: {
      version: batch.version,
      verdict: {
        pliability: 'folds',
        puff: 'patches',
        shade_first: 0.3,
        shade_second: 0.3,
        cracks: 'none',
        sticking: 'none',
        pieces_good,
        pieces_second: count - pieces_good,
        pieces_lost: 0,
      },
    },
  })
  expect(judged.ok(), await judged.text()).toBe(true)
}

test('a trial of two levels is set up, says when it knows too little, comes to its sentence, and is decided', async ({
  page,
}) => {
  await signIn(page)
  await page.getByRole('navigation').getByRole('link', { name: 'Trials' }).click()
  await expect(page.getByRole('link', { name: 'Rolled thinner or thicker?' })).toBeVisible()
  await expectAccessible(page)
  // A bread of its own: other tests have theirs in the same kitchen.
  const bread = crypto.randomUUID()
  const made = await page.request.post('/api/v1/breads', {
    data: { id: bread, name: 'Discs to try', request: { style: 'pressed-masa' } },
  })
  expect(made.status(), await made.text()).toBe(201)
  await page.goto(`/trials?bread=${bread}`)
  await page.getByRole('textbox', { name: 'What do you want to find out?' }).fill('How wet?')
  await choose(page, 'Judged by', 'share of good pieces')
  await expect(page.getByRole('spinbutton', { name: 'Level 2' })).toHaveValue(/^1\d\d$/)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Begin the trial' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How wet?')
  await expect(
    page.getByText('Nothing can be said yet: each level has to come out at least once.'),
  ).toBeVisible()

  const trial = page.url().split('/').at(-1) ?? ''
  const middle = 133
  await make(page, trial, water => (water > middle ? 13 : 8))
  await make(page, trial, water => (water > middle ? 12 : 9))
  await page.reload()
  await expect(page.getByText(/^Nothing can be said yet of .*: \d+ more of each\.$/)).toBeVisible()
  for (let more = 0; more < 6; more++)
    await make(page, trial, water => (water > middle ? 13 - (more % 2) : 8 + (more % 2)))
  await page.reload()
  await expect(page.getByText(/^136\s% beats 130\s% \(share of good pieces\), chance 99\s%\.$/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Next batch/ })).toBeHidden()
  await page.getByRole('button', { name: 'What each level changes of the bread as it stands' }).click()
  await expect(page.getByText(/Added water: more water/).first()).toBeVisible()
  await expectAccessible(page)

  await page.getByRole('button', { name: 'Decide for 136 %' }).click()
  await page.getByRole('link', { name: 'It is the newest version of the bread.' }).click()
  await expect(page).toHaveURL(/\/breads\//)
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Trials' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'How wet?' })).toBeHidden()
})

test('Today offers the next batch of a trial with its level set, and the batch says what it belongs to', async ({
  page,
}) => {
  await enter(page)
  await page.goto('/')
  await page.getByRole('button', { name: 'Next: dry' }).click()
  await expect(page).toHaveURL(/\/batch\/.+\/choose/)
  await expect(page.getByRole('note')).toHaveText('Trial: Dry metal or wiped with fat? This batch: dry.')
  await page.getByRole('link', { name: 'Dry metal or wiped with fat?' }).click()
  await expect(page.getByText('4 of 8 batches made', { exact: false })).toBeVisible()
})

test('two ways in one dough: the first half, the change, the second, each judged by itself', async ({
  page,
}) => {
  await signIn(page)
  const bread = crypto.randomUUID()
  await page.request.post('/api/v1/breads', {
    data: { id: bread, name: 'Discs in halves', request: { style: 'pressed-masa' } },
  })
  await page.goto(`/trials?bread=${bread}`)
  await page.getByRole('textbox', { name: 'What do you want to find out?' }).fill('Thin or thick?')
  await choose(page, 'What differs', 'Thickness')
  await choose(page, 'Judged by', 'score from 0 to 10')
  await page.getByText('Both in each batch', { exact: false }).click()
  await expect(page.getByText('Six doughs are the fewest that can decide', { exact: false })).toBeVisible()
  await expect(page.getByText('Keep me from knowing', { exact: false })).toBeHidden()
  await page.getByRole('button', { name: 'Begin the trial' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thin or thick?')
  await page.getByRole('button', { name: 'Next batch: both halves of one dough' }).click()
  await expect(page).toHaveURL(/\/batch\/.+\/choose/)
  await expect(page.getByRole('note')).toContainText(
    /one dough in two halves, first [\d.]+\smm, then [\d.]+\smm/,
  )

  const batch = page.url().split('/').at(-2) ?? ''
  await page.request.post(`/api/v1/batches/${batch}/events`, {
    data: { events: [{ id: crypto.randomUUID(), kind: 'poured', at: new Date().toISOString(), grams: 300 }] },
  })
  await page.goto(`/batch/${batch}/shape`)
  const strip = page.getByRole('note')
  await expect(strip).toContainText(/Now pieces 1 to 7, set to [\d.]+\smm/)
  const thickness = page.getByRole('slider', { name: 'Thickness' })
  const first = (await thickness.getAttribute('aria-valuenow')) ?? ''
  await strip.getByRole('button', { name: /^Now the second half/ }).click()
  await expect(strip).toContainText('Now pieces 8 to 14')
  await expect(thickness).not.toHaveAttribute('aria-valuenow', first)
  await expectAccessible(page)

  await page.goto(`/batch/${batch}/judge`)
  for (const [half, folds, score] of [
    [0, 'Cracks when folded', 4],
    [1, 'Wraps', 9],
  ] as const) {
    await page.getByRole('radiogroup', { name: 'Which half' }).getByRole('radio').nth(half).click()
    for (const [group, word] of [
      ['When folded', folds],
      ['Puff', 'Full puff'],
      ['Cracks', 'None'],
      ['Sticking', 'None'],
    ] as const)
      await page
        .getByRole('radiogroup', { name: group })
        .getByRole('radio', { name: word, exact: true })
        .click()
    await page.getByRole('button', { name: 'Give it a number from 0 to 10' }).click()
    const slider = page.getByRole('slider', { name: /All in all/ })
    await slider.focus()
    await page.keyboard.press('Home')
    for (let step = 0; step < score; step++) await page.keyboard.press('ArrowRight')
    await expect(slider).toHaveAttribute('aria-valuenow', String(score))
  }
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Save the verdict' }).click()
  await expect(page.getByText('See it in the record')).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/mm: Cracks when folded.*mm: Wraps/)
  await page.getByRole('link', { name: 'See it in the record' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: /mm: Wraps/ })).toBeVisible()
})
