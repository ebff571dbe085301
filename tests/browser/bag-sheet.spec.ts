import AxeBuilder from '@axe-core/playwright'
import { signIn } from './bench'
import { expect, test } from './test'

const SHEET = 'Mehl,Menge,Gekauft\nMasa harina,5 kg,2026-11-03\nflour,2 kg,2026-11-04\nteff,1 kg,03/04/2026\n'
const ENGLISH = SHEET.replace('Mehl,Menge,Gekauft', 'Flour,Weight,Bought')

test('bags come out of a sheet that a cook keeps: columns are told, rows settled, and all of it is taken back', async ({
  page,
}) => {
  await signIn(page)
  const shelf = async () =>
    (
      (await (await page.request.get('/api/v1/kitchen')).json()) as { lots: { archived: boolean }[] }
    ).lots.filter(one => !one.archived).length
  const before = await shelf()
  await page.goto('/larder')
  await page.getByRole('link', { name: 'Bags from a sheet' }).click()
  await page
    .getByLabel('A CSV file')
    .setInputFiles({ name: 'bags.csv', mimeType: 'text/csv', buffer: Buffer.from(SHEET) })
  await expect(page.getByRole('button', { name: 'Keep 0 bags' })).toBeDisabled()
  for (const [head, field] of [
    ['Mehl', 'What it is'],
    ['Menge', 'How much was bought'],
    ['Gekauft', 'Bought on'],
  ] as const) {
    await page.getByRole('combobox', { name: `What ${head} says` }).click()
    await page.getByRole('option', { name: field, exact: true }).filter({ visible: true }).click()
  }
  await expect(page.getByRole('button', { name: 'Keep 2 bags' })).toBeEnabled()
  await expect(page.getByRole('row').filter({ hasText: 'teff' })).toContainText('day first')
  await expect(page.getByRole('row').filter({ hasText: 'Masa harina' })).toContainText('5000 g')
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(one => one.id)).toEqual([])
  // What means many things is said by the cook.
  await page.getByRole('combobox', { name: 'What flour is' }).click()
  await page.getByRole('option', { name: 'White rice flour' }).filter({ visible: true }).first().click()
  await page.getByRole('button', { name: 'Keep 3 bags' }).click()
  await expect(page.getByText('3 bags are in the larder.')).toBeVisible()
  expect(await shelf()).toBe(before + 3)
  // Read again, it is known: nothing of it is kept a second time, unless the cook says so.
  await page
    .getByLabel('A CSV file')
    .setInputFiles({ name: 'bags.csv', mimeType: 'text/csv', buffer: Buffer.from(ENGLISH) })
  await expect(page.getByText('The larder has this bag already.')).toHaveCount(3)
  await expect(page.getByRole('button', { name: 'Keep 0 bags' })).toBeDisabled()
  await page.getByRole('button', { name: 'Put them away again' }).click()
  await expect(page.getByText('3 bags are in the larder.')).toBeHidden()
  expect(await shelf()).toBe(before)
})
