import type { Plan, PlanRequest } from '@/api/types'
import { linesOf, type Line } from './formula'

export type MeasureOf = 'percent' | 'grams' | 'volume'
type Volume = NonNullable<Line['volume']>
type Row = Pick<Plan['ledger'][number], 'ingredient' | 'grams' | 'percent' | 'volume'>

/** In what a formula is written; a mixed one counts as grams, which says most. */
export function measureOf(request: PlanRequest): MeasureOf {
  const lines = linesOf(request)
  if (lines.every(line => line.percent !== undefined)) return 'percent'
  return lines.some(line => line.volume !== undefined) ? 'volume' : 'grams'
}

/**
 * The same formula written another way, at the amounts that the plan has for each line. In weights or cups the lines fix
 * the dough, so that the number of pieces alone says the rest; in percent the pieces give it its size again.
 */
export function writtenIn(
  request: PlanRequest,
  measure: MeasureOf,
  plan: { ledger: Row[]; portion: { count: number; piece_grams: { value: number } } },
): PlanRequest {
  const rows = new Map(plan.ledger.map(row => [row.ingredient, row]))
  const lines = linesOf(request).map(line => {
    const row = rows.get(line.ingredient)
    return row ? measured(line, row, measure) : line
  })
  const pieces = { ...request.pieces, count: plan.portion.count }
  if (measure === 'percent') pieces.grams_each = Number(plan.portion.piece_grams.value.toFixed(1))
  else delete pieces.grams_each
  const formula = { ...request.formula, lines }
  delete formula.scale
  return { ...request, formula, pieces }
}

function measured(line: Line, row: Row, measure: MeasureOf): Line {
  const rest = { ...line }
  delete rest.percent
  delete rest.grams
  delete rest.volume
  if (measure === 'percent') return { ...rest, percent: Number(row.percent.toFixed(2)) }
  if (measure === 'grams' || !row.volume) return { ...rest, grams: Number(row.grams.toFixed(1)) }
  return { ...rest, volume: { ...row.volume, fill: 'spooned' } }
}

/** What measuring cups and spoons come in, as shares of one, in the order of size. */
const PARTS = [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4]
const WRITTEN = ['', '¼', '⅓', '½', '⅔', '¾']

/** The how manieth of all amounts that cups can measure an amount is nearest to. */
export function partOf(amount: number): number {
  const whole = Math.floor(amount)
  const off = [...PARTS, 1].map(part => Math.abs(amount - whole - part))
  return whole * PARTS.length + off.indexOf(Math.min(...off))
}

export function amountOf(part: number): number {
  return Math.floor(part / PARTS.length) + (PARTS[part % PARTS.length] ?? 0)
}

/** A number of cups or spoons as cooks say it, to the nearest quarter or third. */
export function inParts(amount: number): string {
  const part = partOf(amount)
  const whole = Math.floor(part / PARTS.length)
  const written = WRITTEN[part % PARTS.length] ?? ''
  return whole > 0 || written === '' ? `${whole}${written}` : written
}

export const VOLUME_NAMES: Record<Volume['unit'], string> = {
  ml: 'mL',
  l: 'L',
  cup: 'cups',
  cup_us: 'US cups',
  cup_metric: 'metric cups',
  tablespoon_us: 'US tablespoons',
  tablespoon_metric: 'tablespoons',
  tablespoon_au: 'tablespoons of 20 mL',
  teaspoon_us: 'US teaspoons',
  teaspoon_metric: 'teaspoons',
}
