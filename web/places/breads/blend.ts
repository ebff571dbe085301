import type { Allergen, Blend, BlendQuestion, Kitchen, PlanRequest } from '@/api/types'
import { atHand, linesOf, ownDocuments, withLines, type Line } from '@/ui/formula'

type Goal = NonNullable<BlendQuestion['goal']>

export interface Wishes {
  from: 'all' | 'larder'
  goal: Goal
  without: Allergen[]
  least: Record<string, number>
  net_carbohydrate_most?: number | undefined
  protein_least?: number | undefined
  fibre_least?: number | undefined
  price_most?: number | undefined
}

export const GOALS: { value: Goal; label: string }[] = [
  { value: 'least_binder', label: 'Least binder' },
  { value: 'least_net_carbohydrate', label: 'Least carbohydrate' },
  { value: 'most_protein', label: 'Most protein' },
  { value: 'most_fibre', label: 'Most fibre' },
  { value: 'cheapest', label: 'Least cost' },
]

const BLENDED = ['flour', 'starch', 'binder']

/** The wishes as the core is asked: what was not wished for is left out. */
export function questionOf(style: string, wishes: Wishes, kitchen: Kitchen | null): BlendQuestion {
  const lots = kitchen?.lots ?? []
  const prices = kitchen?.prices ?? {}
  const binders = (kitchen?.ingredients ?? []).filter(one => one.role === 'binder').map(one => one.id)
  const larder = [...new Set([...atHand(lots), ...binders])]
  const question: BlendQuestion = { style, goal: wishes.goal, without: wishes.without }
  if (wishes.from === 'larder') question.larder = larder
  if (kitchen?.own_ingredients.length) question.own_ingredients = ownDocuments(kitchen)
  if (Object.keys(prices).length) question.prices = prices
  if (Object.keys(wishes.least).length) question.at_least = wishes.least
  for (const wish of ['net_carbohydrate_most', 'protein_least', 'fibre_least'] as const) {
    const value = wishes[wish]
    if (value !== undefined) question[wish] = value
  }
  // Without a single price nothing can be dear; the core would refuse the wish.
  if (wishes.price_most !== undefined && question.prices) question.price_most = wishes.price_most
  return question
}

/** The formula with its flours, starches and binders replaced by the blend; salt, fat, egg and the rest stay. */
export function withBlend(request: PlanRequest, lines: Blend['lines'], kitchen: Kitchen | null): PlanRequest {
  const roles = new Map((kitchen?.ingredients ?? []).map(one => [one.id, one.role]))
  const kept = linesOf(request).filter(
    line =>
      line.percent !== undefined &&
      !BLENDED.includes(roles.get(line.ingredient) ?? '') &&
      !line.ingredient.startsWith('own-'),
  )
  const total = lines
    .filter(line => roles.get(line.ingredient) !== 'binder')
    .reduce((sum, line) => sum + line.percent, 0)
  const blended: Line[] = lines.map(line => ({
    ingredient: line.ingredient,
    percent: Number(
      (roles.get(line.ingredient) === 'binder' ? line.percent : (line.percent * 100) / total).toFixed(2),
    ),
  }))
  return withLines(request, [...blended, ...kept])
}
