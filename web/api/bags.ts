import type { Lot, PlanRequest } from './types'

type Bags = NonNullable<PlanRequest['lots']>

/** A bag as a plan request names it. */
export function factsOf(lot: Lot): Bags[string] {
  return {
    certified_gluten_free: lot.certified_gluten_free,
    ...(lot.price_per_kg === null ? {} : { price_per_kg: lot.price_per_kg }),
    ...(lot.left_grams === null ? {} : { left_grams: lot.left_grams }),
    ...waterOf(lot),
  }
}

/** What was learned of a bag, unless the cook has set it aside. */
function waterOf(lot: Lot): Pick<Bags[string], 'water'> {
  if (!lot.water || lot.set_aside) return {}
  const { points, deviation, batches } = lot.water
  return { water: { points, deviation, batches } }
}
