import type { Plan, PlanRequest } from '@/api/types'
import { linesOf, withLines, type Line } from './formula'

export type MeasureOf = 'percent' | 'grams' | 'volume'
type Volume = NonNullable<Line['volume']>
type Row = Pick<Plan['ledger'][number], 'ingredient' | 'grams' | 'percent' | 'millilitres'>

const CUP = 250
const TABLESPOON = 15
const TEASPOON = 5

/** In what a formula is written; a mixed one counts as grams, which says most. */
export function measureOf(request: PlanRequest): MeasureOf {
  const lines = linesOf(request)
  if (lines.every(line => line.percent !== undefined)) return 'percent'
  return lines.some(line => line.volume !== undefined) ? 'volume' : 'grams'
}

/** The same formula written another way, at the amounts that the plan has for each line. */
export function writtenIn(request: PlanRequest, measure: MeasureOf, ledger: Row[]): PlanRequest {
  const rows = new Map(ledger.map(row => [row.ingredient, row]))
  return withLines(
    request,
    linesOf(request).map(line => {
      const row = rows.get(line.ingredient)
      if (!row) return line
      const rest = { ...line }
      delete rest.percent
      delete rest.grams
      delete rest.volume
      if (measure === 'percent') return { ...rest, percent: Number(row.percent.toFixed(2)) }
      if (measure === 'grams') return { ...rest, grams: Number(row.grams.toFixed(1)) }
      return { ...rest, volume: inSpoons(row.millilitres) }
    }),
  )
}

/** A volume in the largest measure that it fills at least a quarter of, to the quarter. */
export function inSpoons(millilitres: number): Volume {
  const quarters = (of: number) => Math.max(0.25, Math.round((4 * millilitres) / of) / 4)
  if (millilitres >= CUP / 4) return { amount: quarters(CUP), unit: 'cup_metric', fill: 'spooned' }
  if (millilitres >= TABLESPOON)
    return { amount: quarters(TABLESPOON), unit: 'tablespoon_metric', fill: 'spooned' }
  return { amount: quarters(TEASPOON), unit: 'teaspoon_metric', fill: 'spooned' }
}

export const VOLUME_NAMES: Record<Volume['unit'], string> = {
  ml: 'mL',
  l: 'L',
  cup_us: 'US cups',
  cup_metric: 'cups',
  tablespoon_us: 'US tablespoons',
  tablespoon_metric: 'tablespoons',
  tablespoon_au: 'tablespoons of 20 mL',
  teaspoon_us: 'US teaspoons',
  teaspoon_metric: 'teaspoons',
}
