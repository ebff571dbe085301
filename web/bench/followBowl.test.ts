import { describe, expect, it } from 'vitest'
import batches from '../../core/tests/Record/followed.json'
import type { BatchEvent, BatchState } from '@/api/types'
import { follow } from './follow'

/** The finest step of a kitchen's scale, in grams; of a ruler, in millimetres, far less than it shows. */
const NEAR = 0.1

function near(seen: unknown, said: unknown, what: string) {
  if (typeof said === 'number')
    expect(Math.abs(Number(seen) - said), `${what}: ${String(seen)} for ${said}`).toBeLessThan(NEAR)
  else if (Array.isArray(said)) {
    expect(seen, what).toHaveLength(said.length)
    said.forEach((one, index) => near((seen as unknown[])[index], one, `${what}[${index}]`))
  } else expect(seen, what).toEqual(said)
}

describe('what the page works out while the house is away', () => {
  for (const batch of batches)
    it(`is what the house says of it once it has heard: ${batch.style}`, () => {
      const start = { ...batch.start, griddle: null } as unknown as BatchState
      batch.steps.forEach(({ then }, index) => {
        const unsent = batch.steps.slice(0, index + 1).map(step => step.event) as unknown as BatchEvent[]
        const seen = follow(start, unsent)
        const what = `after ${unsent.map(one => one.kind).join(', ')}`
        for (const part of ['bowl', 'portion'] as const)
          for (const [field, said] of Object.entries(then[part]))
            near((seen[part] as unknown as Record<string, unknown>)[field], said, `${what}: ${part}.${field}`)
        for (const [field, said] of Object.entries(then.water))
          near(
            (seen.bowl.water as unknown as Record<string, unknown>)[field],
            said,
            `${what}: water.${field}`,
          )
        near(
          seen.extras.map(extra => extra.grams),
          then.extras_grams,
          `${what}: beside the dough`,
        )
        near(seen.shape.diameter_mm.value, then.diameter_mm, `${what}: diameter`)
      })
    })
})
