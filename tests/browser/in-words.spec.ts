import AxeBuilder from '@axe-core/playwright'
import { enter } from './bench'
import { expect, test } from './test'

const TEXT = [
  'Makes 10',
  'For the dough:',
  '2 cups masa harina',
  '100 g flour',
  '1 ½ tsp salt, 300 ml warm water',
  'a thumb of ghee',
  'oil for the griddle',
  'Knead for five minutes and let it rest.',
].join('\n')

test('a formula from a cook’s notes is read, settled where it is doubtful, kept as a bread and begun with its own water', async ({
  page,
}) => {
  await enter(page)
  await page.goto('/breads')
  await page.getByRole('link', { name: 'Write or paste a formula' }).click()
  await page.getByRole('textbox', { name: 'Your formula' }).fill(TEXT)
  const keep = page.getByRole('button', { name: 'Settle 1 first' })
  await expect(keep).toBeDisabled()
  const parts = page.getByRole('listitem')
  await expect(parts.filter({ hasText: 'masa harina' })).toContainText(
    'Instant nixtamalised corn flour, fine',
  )
  await expect(parts.filter({ hasText: 'warm water' })).toContainText('at 43 °C')
  await expect(parts.filter({ hasText: 'oil for the griddle' })).toContainText('for the griddle')
  await expect(parts.filter({ hasText: 'Knead for' })).toContainText('kept as a note')
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(one => one.id)).toEqual([])
  await page.getByRole('combobox', { name: 'What is meant by 100 g flour' }).click()
  await page.getByRole('option', { name: 'White rice flour' }).click()
  await page.getByLabel('Name of the bread').fill('From the notebook')
  await page.getByRole('button', { name: 'Keep it as a bread' }).click()
  await page.waitForURL(/\/breads\/[0-9a-f-]{36}$/)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('From the notebook')
  const kitchen = (await (await page.request.get('/api/v1/kitchen')).json()) as {
    breads: { id: string; name: string }[]
  }
  const bread = kitchen.breads.find(one => one.name === 'From the notebook')
  const begun = (await (await page.request.get(`/api/v1/breads/${bread?.id}/prepared`)).json()) as {
    plan: { water: { grams: { value: number } }; portion: { count: number } }
  }
  expect(begun.plan.water.grams.value).toBeCloseTo(300, -1)
  expect(begun.plan.portion.count).toBe(10)
})
