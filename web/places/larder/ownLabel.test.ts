import { expect, it } from 'vitest'
import { emptyLabel, idFor, PARTS } from './ownLabel'

it.each([
  ['Sorghum from the hill', 'own-sorghum-from-the-hill'],
  ['  Crème de riz (fine) ', 'own-creme-de-riz-fine'],
  ['№ 5', 'own-5'],
  ['???', 'own-ingredient'],
  ['x'.repeat(90), `own-${'x'.repeat(50)}`],
])('makes of %s the name %s', (name, id) => {
  expect(idFor(name)).toBe(id)
  expect(idFor(name)).toMatch(/^own-[a-z0-9]+(-[a-z0-9]+)*$/)
})

it('starts with every row of the table, at nothing', () => {
  const label = emptyLabel()
  for (const part of PARTS) expect(label.per_100_g[part.id]).toBe(0)
})
