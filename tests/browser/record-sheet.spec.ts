import AxeBuilder from '@axe-core/playwright'
import { chooseFrom, signIn, enter } from './bench'
import { expect, test } from './test'

const RECORD =
  'Day;What I made;Flour (g);Water (ml);How it felt;Again?;Weather\n03.11.2026;Corn rounds;250;335;right;yes;rain\n07.11.2026;Corn rounds;300;380;too dry;no;sun\n09.11.2026;Corn rounds;300;390;;maybe;sun\n'
const WEIGHED = 'Day;What I made;Step;Weight\n07.11.2026 09:14;Corn rounds;warm water;378\n'

test('batches come out of the record that a cook kept until now: columns are told, breads said once, and all of it is taken out again', async ({
  page,
}) => {
  await signIn(page)
  const made = async () =>
    (
      (await (await page.request.get('/api/v1/batches?limit=200')).json()) as {
        batches: { from_sheet?: boolean; is_good: boolean | null; hydration_percent: number | null }[]
      }
    ).batches.filter(one => one.from_sheet)
  const before = (await made()).length
  await page.goto('/record')
  await page.getByRole('link', { name: 'Batches from a sheet of your own' }).click()
  await page.getByLabel('The record as a CSV file').setInputFiles({
    name: 'record.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(RECORD),
  })
  await expect(page.getByRole('button', { name: 'Keep 0 batches' })).toBeDisabled()
  for (const [head, field] of [
    ['What I made', 'Bread'],
    ['How it felt', 'How the dough felt'],
  ] as const) {
    await page.getByRole('combobox', { name: `What ${head} says`, exact: true }).click({ force: true })
    await page.getByRole('option', { name: field, exact: true }).filter({ visible: true }).click()
  }
  await page.getByText('What was weighed stands in a sheet of its own').click()
  await page.getByLabel('The weighings as a CSV file').setInputFiles({
    name: 'weighed.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(WEIGHED),
  })
  await chooseFrom(page, 'What What I made says of the weighings', 'Bread')
  await expect(page.getByRole('row').filter({ hasText: '7 Nov' })).toContainText('1 weighed')
  await chooseFrom(page, 'Which bread Corn rounds of Tue 3 Nov is', 'Everyday masa discs')
  // Said of one row, it is said of all that call their bread so.
  await expect(page.getByRole('button', { name: 'Keep 3 batches' })).toBeEnabled()
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(one => one.id)).toEqual([])
  await page.getByRole('button', { name: 'Keep 3 batches' }).click()
  await expect(page.getByText('3 batches are in the record.')).toBeVisible()
  const kept = await made()
  expect(kept.length).toBe(before + 3)
  expect(kept.map(one => one.is_good)).toEqual(expect.arrayContaining([true, false, null]))
  await page.getByRole('button', { name: 'Take them out again' }).click()
  await expect(page.getByText('3 batches are in the record.')).toBeHidden()
  expect((await made()).length).toBe(before)
})

test('a table of measurements is weighed as a trial would be', async ({ page }) => {
  await enter(page)
  await page.goto('/trials')
  await page.getByRole('link', { name: 'A table of your own' }).click()
  await page.getByRole('button', { name: 'Try it with an example' }).click()
  await expect(page.getByRole('status').filter({ hasText: '60 min' })).toBeVisible()
  await page.getByText('Less is better').click()
  await expect(page.getByRole('status').filter({ hasText: '20 min' })).toBeVisible()
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(one => one.id)).toEqual([])
  await page.getByLabel('Your table').fill('Rest;Score\n20 min;6\n60 min;soft\n')
  await expect(page.getByRole('alert')).toContainText('line 3')
})
