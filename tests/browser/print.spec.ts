import type { Kitchen } from '../../web/api/types'
import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { expectAccessible, signIn, start, startStyle, enter } from './bench'

/** Width of an A4 sheet between its margins, in CSS pixels. */
const SHEET = { width: 688, height: 1000 }

async function expectOnPaper(page: Page, what: string) {
  await page.emulateMedia({ media: 'print' })
  await page.setViewportSize(SHEET)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  for (const gone of ['banner', 'slider'] as const)
    await expect(page.getByRole(gone).first(), `${what}: no ${gone}`).toBeHidden()
  await expect(page.getByRole('group', { name: 'What to do now' })).toBeHidden()
  const sideways = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
  expect(sideways, `${what}: fits the sheet`).toBeLessThanOrEqual(0)
  await page.emulateMedia({ media: 'screen' })
  await page.setViewportSize({ width: 1280, height: 800 })
}

test('a batch, a bread and a page of the record go on paper without what is pressed', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await expectOnPaper(page, 'batch')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  await expectOnPaper(page, 'water')

  await page.goto('/record')
  await page
    .getByRole('main')
    .getByRole('link', { name: /Everyday masa discs/ })
    .first()
    .click()
  await expect(page.getByRole('heading', { name: 'What it taught' })).toBeVisible()
  await expectOnPaper(page, 'record')
  await expect(page.getByRole('columnheader', { name: 'Planned' })).toBeVisible()

  await page.goto('/breads')
  await page
    .getByRole('main')
    .getByRole('link', { name: /Everyday masa discs/ })
    .first()
    .click()
  await expect(page.getByRole('heading', { name: 'The formula, written in' })).toBeVisible()
  await expectOnPaper(page, 'formula')

  await page.getByRole('radio', { name: 'Label and cost' }).check()
  await page.getByRole('link', { name: /Label and portions on paper/ }).click()
  // The heaviest first: of a masa dough that is the water.
  await expect(
    page.getByText('Ingredients: water, instant nixtamalised corn flour, fine, salt.'),
  ).toBeVisible()
  await expect(page.getByRole('row', { name: /^Energy \d+\skJ, \d+\skcal \d+\skJ, \d+\skcal/ })).toBeVisible()
  await expectAccessible(page)
  await expectOnPaper(page, 'label')
})

test('a long formula shows its first lines on the screen and every line on paper', async ({ page }) => {
  await enter(page)
  await startStyle(page, 'raised-round')
  const { breads } = (await (await page.request.get('/api/v1/kitchen')).json()) as Kitchen
  await page.goto(`/breads/${breads.find(one => one.style === 'raised-round')?.id ?? ''}`)
  const lines = page.getByRole('region', { name: 'Lines of the formula' }).getByRole('listitem')
  await expect(lines).toHaveCount(4)
  await page.emulateMedia({ media: 'print' })
  await expect(lines).toHaveCount(9)
  await page.emulateMedia({ media: 'screen' })
  await page.getByRole('button', { name: 'All 9 lines' }).click()
  await expect(lines).toHaveCount(9)
})
