import { factsOf } from '@/api/bags'
import type { Kitchen, Lot, OwnIngredient, OwnLabel, PlanRequest, School } from '@/api/types'

export type Line = NonNullable<NonNullable<PlanRequest['formula']>['lines']>[number]

/** The formula's own lines, in the order in which they stand. */
export function linesOf(request: PlanRequest): Line[] {
  return request.formula?.lines ?? []
}

export function withLines(request: PlanRequest, lines: Line[]): PlanRequest {
  return { ...request, formula: { ...request.formula, lines } }
}

/** One line with another amount; what it was measured in stays. */
export function withAmount(request: PlanRequest, ingredient: string, amount: number): PlanRequest {
  return withLines(
    request,
    linesOf(request).map(line => {
      if (line.ingredient !== ingredient) return line
      if (line.volume) return { ...line, volume: { ...line.volume, amount } }
      return line.percent === undefined ? { ...line, grams: amount } : { ...line, percent: amount }
    }),
  )
}

/** A line ground as it is: at home and how fine, or as shops sell it. */
export function withGrind(
  request: PlanRequest,
  ingredient: string,
  grind: NonNullable<Line['grind']>,
): PlanRequest {
  return withLines(
    request,
    linesOf(request).map(line => (line.ingredient === ingredient ? { ...line, grind } : line)),
  )
}

/** A line that comes into the dough in such a way. */
export function withWay(
  request: PlanRequest,
  ingredient: string,
  goes_in: NonNullable<Line['goes_in']>,
): PlanRequest {
  return withLines(
    request,
    linesOf(request).map(line => (line.ingredient === ingredient ? { ...line, goes_in } : line)),
  )
}

export function withOrder(request: PlanRequest, order: 'water_into_flour' | 'flour_into_water'): PlanRequest {
  return { ...request, formula: { ...request.formula, order } }
}

export function withWorked(request: PlanRequest, worked: 'hand' | 'machine'): PlanRequest {
  return { ...request, formula: { ...request.formula, worked } }
}

export function without(request: PlanRequest, ingredient: string): PlanRequest {
  return withLines(
    request,
    linesOf(request).filter(line => line.ingredient !== ingredient),
  )
}

/** The request with one more line, in the measure that the formula is in. */
export function withMore(request: PlanRequest, ingredient: string, amount: number): PlanRequest {
  const lines = linesOf(request)
  const inPercent = lines.every(line => line.percent !== undefined)
  return withLines(request, [...lines, { ingredient, [inPercent ? 'percent' : 'grams']: amount }])
}

/**
 * Flours make up 100 % together: when one of them moves, the others share what is left in the ratio in which they stand.
 */
export function withFlourShare(
  request: PlanRequest,
  ingredient: string,
  percent: number,
  isFlour: (ingredient: string) => boolean,
): PlanRequest {
  const lines = linesOf(request)
  const others = lines.filter(line => line.ingredient !== ingredient && isFlour(line.ingredient))
  const left = others.reduce((sum, line) => sum + (line.percent ?? 0), 0)
  if (others.length === 0 || left === 0) return request
  return withLines(
    request,
    lines.map(line => {
      if (line.ingredient === ingredient) return { ...line, percent: round(percent) }
      if (!isFlour(line.ingredient)) return line
      return { ...line, percent: round(((line.percent ?? 0) * (100 - percent)) / left) }
    }),
  )
}

/** Own ingredients that the lines name go along with the request, so that it can be planned anywhere. */
export function withOwn(request: PlanRequest, own: OwnIngredient[]): PlanRequest {
  const named = new Set(
    [...linesOf(request), ...(request.formula?.extras ?? [])].map(line => line.ingredient),
  )
  const used = own.map(one => one.document).filter(document => named.has(document.id))
  const rest = { ...request }
  delete rest.own_ingredients
  return used.length ? { ...rest, own_ingredients: used } : rest
}

/** The request weighed from the bags that a batch would be weighed from, which the house names, and by the kitchen's own cup. */
export function withBags(
  request: PlanRequest,
  kitchen: Pick<Kitchen, 'lots' | 'bags_taken' | 'cup'> | null,
): PlanRequest {
  const lots = new Map(kitchen?.lots.map(lot => [lot.id, lot]))
  const bags: NonNullable<PlanRequest['lots']> = {}
  const fromBag = <One extends { ingredient: string }>(line: One): One => {
    const lot = lots.get(kitchen?.bags_taken[line.ingredient] ?? '')
    if (!lot) return line
    bags[lot.id] = factsOf(lot)
    return { ...line, lot: lot.id }
  }
  const lines = linesOf(request).map(fromBag)
  const extras = request.formula?.extras?.map(fromBag)
  const formula = { ...request.formula, lines, ...(extras ? { extras } : {}) }
  const bagged = Object.keys(bags).length ? { ...request, formula, lots: bags } : request
  return kitchen?.cup ? { ...bagged, gear: { ...bagged.gear, cup: kitchen.cup } } : bagged
}

/** The formula with its fat exchanged for the one that was chosen, at as much fat as there was; without any where none was chosen. */
export function withFat(
  request: PlanRequest,
  chosen: School['options'][number] | undefined,
  kitchen: Pick<Kitchen, 'ingredients'> | null,
): PlanRequest {
  const fats = new Set(kitchen?.ingredients.filter(one => one.role === 'fat').map(one => one.id))
  const kept = linesOf(request).filter(line => !fats.has(line.ingredient))
  const before = linesOf(request).filter(line => fats.has(line.ingredient))
  if (!chosen?.line) return withLines(request, kept)
  const percent = before.reduce((sum, line) => sum + (line.percent ?? 0), 0) || chosen.line.percent
  return withLines(request, [...kept, { ingredient: chosen.line.ingredient, percent }])
}

/** What the larder holds: each ingredient with a bag that is not empty. */
export function atHand(lots: Lot[]): string[] {
  return [...new Set(lots.filter(lot => !lot.emptied_on).map(lot => lot.ingredient))]
}

/** The kitchen's own ingredients as a question takes them along. */
export function ownDocuments(kitchen: Kitchen | null): OwnLabel[] {
  return (kitchen?.own_ingredients ?? []).map(one => one.document)
}

/** Names of everything that a line can say: what ships and what is the kitchen's own. */
export function namesOf(kitchen: Kitchen | null): Map<string, string> {
  return new Map([
    ...(kitchen?.ingredients ?? []).map(one => [one.id, one.name] as const),
    ...(kitchen?.own_ingredients ?? []).map(one => [one.document.id, one.document.name] as const),
  ])
}

function round(percent: number): number {
  return Number(percent.toFixed(2))
}
