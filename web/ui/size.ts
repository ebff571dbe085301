import type { Plan, PlanRequest } from '@/api/types'
import { measureOf } from './measures'

export type SizeBy = 'pieces' | 'flour' | 'dough' | 'limit'

export function sizedBy(request: PlanRequest): SizeBy {
  const scale = request.formula?.scale
  if (scale?.flour_grams !== undefined) return 'flour'
  if (scale?.dough_grams !== undefined) return 'dough'
  return scale?.limit ? 'limit' : 'pieces'
}

/**
 * The request sized another way, starting from the size it has. Where the flour or the dough decides, a number of pieces
 * and their weight together would say too much, so the number goes.
 */
export function withSize(
  request: PlanRequest,
  plan: Pick<Plan, 'ledger' | 'portion' | 'water'>,
  by: SizeBy,
): PlanRequest {
  const formula = { ...request.formula }
  delete formula.scale
  const pieces = { ...request.pieces }
  if (by === 'pieces') return { ...request, formula, pieces: { ...pieces, count: plan.portion.count } }
  delete pieces.count
  const flour = plan.ledger
    .filter(row => row.role === 'flour' || row.role === 'starch')
    .reduce((sum, row) => sum + row.grams, 0)
  const first = plan.ledger[0]
  const scale =
    by === 'flour'
      ? { flour_grams: Math.max(20, Math.round(flour)) }
      : by === 'dough'
        ? { dough_grams: Math.max(50, Math.round(plan.portion.mixed_grams.value)) }
        : {
            limit: { ingredient: first?.ingredient ?? '', grams: Math.max(1, Math.round(first?.grams ?? 1)) },
          }
  return { ...request, formula: { ...formula, scale }, pieces }
}

export type Likeness = NonNullable<NonNullable<PlanRequest['pieces']>['like']>

/** What a piece is likened to where nobody weighs it. */
export const LIKENESSES: { value: Likeness; label: string }[] = [
  { value: 'walnut', label: 'A walnut' },
  { value: 'hens_egg', label: 'A hen’s egg' },
  { value: 'small_apple', label: 'A small apple' },
  { value: 'fist', label: 'A fist' },
]

/** Pieces as large as something, in place of a weight; or by their weight again. */
export function withLikeness(request: PlanRequest, like: Likeness | 'weight'): PlanRequest {
  const pieces = { ...request.pieces }
  delete pieces.like
  delete pieces.divided_by
  if (like === 'weight') return { ...request, pieces }
  delete pieces.grams_each
  return { ...request, pieces: { ...pieces, like } }
}

/**
 * The request with another number of pieces or another weight. Where weights or a scale fix the dough, the one follows from
 * the other, so the wish before it goes.
 */
export function withPieces(
  request: PlanRequest,
  wish: { count: number } | { grams_each: number } | { eaters: number },
): PlanRequest {
  const pieces = { ...request.pieces, ...wish }
  // A number of pieces and a number of eaters both say how many: the newer word counts.
  if ('count' in wish) delete pieces.eaters
  if ('eaters' in wish) delete pieces.count
  if ('grams_each' in wish) delete pieces.like
  const isFixed = measureOf(request) !== 'percent' || request.formula?.scale !== undefined
  if (isFixed && !('grams_each' in wish)) delete pieces.grams_each
  if (isFixed && 'grams_each' in wish) {
    delete pieces.count
    delete pieces.eaters
  }
  return { ...request, pieces }
}
