import { factsOf } from './bags'
import type { Lot, Plan, PlanRequest } from './types'

type Section = 'pieces' | 'water' | 'griddle' | 'gear'

/** The request with some wishes of one section changed; a wish of undefined goes back to what the rules find. */
export function withWish<S extends Section>(
  request: PlanRequest,
  section: S,
  wish: Partial<Exclude<PlanRequest[S], undefined>>,
): PlanRequest {
  const merged = Object.fromEntries(
    Object.entries({ ...request[section], ...wish }).filter(([, value]) => value !== undefined),
  )
  return { ...request, [section]: merged }
}

export function withMethod(
  request: PlanRequest,
  choice: NonNullable<NonNullable<PlanRequest['formula']>['method']>,
): PlanRequest {
  return { ...request, formula: { ...request.formula, method: { ...request.formula?.method, ...choice } } }
}

/** The formula with another bag behind one of its lines. */
export function withLot(request: PlanRequest, ingredient: string, lot: Lot | null): PlanRequest {
  const lines = request.formula?.lines?.map(line => {
    if (line.ingredient !== ingredient) return line
    const rest = { ...line }
    delete rest.lot
    return lot ? { ...rest, lot: lot.id } : rest
  })
  const lots = {
    ...request.lots,
    ...(lot ? { [lot.id]: factsOf(lot) } : {}),
  }
  return { ...request, lots, formula: { ...request.formula, lines } }
}

/** The request with the cup of the kitchen said. */
export function withCup(request: PlanRequest, cup: 'us' | 'metric'): PlanRequest {
  return withWish(request, 'gear', { cup })
}

type Volume = NonNullable<NonNullable<NonNullable<PlanRequest['formula']>['lines']>[number]['volume']>

/** The request with one line's cup described better: which cup it is, how it was filled. */
export function withVolume(request: PlanRequest, ingredient: string, part: Partial<Volume>): PlanRequest {
  const lines = request.formula?.lines?.map(line =>
    line.ingredient === ingredient && line.volume ? { ...line, volume: { ...line.volume, ...part } } : line,
  )
  return { ...request, formula: { ...request.formula, lines } }
}

/** The request with discs as thick as they are to come out: hands that leave them thicker are asked for thinner ones. */
export function withThickness(request: PlanRequest, plan: Plan, millimetres: number): PlanRequest {
  // A plan that this device kept from before that was told says nothing of it.
  const moved = plan.moved_by as Plan['moved_by'] | undefined
  const asked = Number((millimetres / (moved?.thickness_times ?? 1)).toFixed(3))
  return withWish(request, 'pieces', { thickness_mm: asked, diameter_mm: undefined })
}

/** What a fader stands at: what was asked for, while the plan keeps to it as nearly as whole grams can; else what the plan has. */
export function stands(asked: number | undefined, planned: number): number {
  return asked !== undefined && Math.abs(asked - planned) < 1 ? asked : Math.round(planned)
}
