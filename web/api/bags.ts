import type { Lot, PlanRequest } from './types'

type Bags = NonNullable<PlanRequest['lots']>

/** A bag as a plan request names it. */
export function factsOf(lot: Lot): Bags[string] {
  return {
    certified_gluten_free: lot.certified_gluten_free,
    ...(lot.price_per_kg === null ? {} : { price_per_kg: lot.price_per_kg }),
  }
}
