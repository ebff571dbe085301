import type { FeelAnswer, Plan } from '@/api/types'

const TOP = 10
const BOTTOM = 410
const BELL_LEFT = 160
const BELL_WIDTH = 70
const LABEL_GAP = 17

export interface Column {
  pouredY: number
  firstY: number
  allY: number
  bell: string
  /** Where practice ends; null for a plan from before that was looked at. */
  usual: { top: number; bottom: number } | null
  grades: { grade: FeelAnswer['grade']; name: string; y: number }[]
}

/** Where everything stands on the water column. It shows the part of the scale where the decision lies, down to the driest grade. */
export function columnOf(
  plan: Plan,
  poured: number,
  answers: Pick<FeelAnswer, 'grade' | 'name' | 'offset_points'>[],
): Column {
  const flour = (100 * plan.water.grams.value) / Math.max(1e-6, plan.water.hydration_percent.value)
  const at = (points: number) => plan.water.grams.value + (points * flour) / 100
  const least = Math.max(0, Math.min(at(-20), plan.water.first_pour_grams.value - 0.04 * flour))
  const most = at(18)
  const y = (grams: number) =>
    Math.min(BOTTOM, Math.max(TOP, BOTTOM - ((grams - least) / (most - least)) * (BOTTOM - TOP)))
  return {
    pouredY: poured > 0 ? y(poured) : BOTTOM,
    firstY: y(plan.water.first_pour_grams.value),
    allY: y(plan.water.grams.value),
    bell: bell(plan.water.grams.value, plan.water.need_deviation_grams, y),
    usual: plan.water.usual_grams
      ? { top: y(plan.water.usual_grams.high), bottom: y(plan.water.usual_grams.low) }
      : null,
    grades: spreadOut(
      answers.map(answer => ({ grade: answer.grade, name: answer.name, y: y(at(answer.offset_points)) })),
    ),
  }
}

/** The outline of how likely each amount is to be the right one, as wide as it is likely. */
function bell(mean: number, deviation: number, y: (grams: number) => number): string {
  const points = []
  for (let step = -30; step <= 30; step++) {
    const z = step / 10
    const grams = Math.max(0, mean + z * deviation)
    points.push(`${(BELL_LEFT + BELL_WIDTH * Math.exp((-z * z) / 2)).toFixed(1)} ${y(grams).toFixed(1)}`)
  }
  return `M${BELL_LEFT} ${y(Math.max(0, mean - 3 * deviation)).toFixed(1)} L${points.join(' L')} L${BELL_LEFT} ${y(mean + 3 * deviation).toFixed(1)} Z`
}

/** Moves labels that would touch each other apart, from the driest up. */
function spreadOut<T extends { y: number }>(labels: T[]): T[] {
  const lowestFirst = [...labels].sort((a, b) => b.y - a.y)
  lowestFirst.forEach((label, index) => {
    const below = lowestFirst[index - 1]
    if (below) label.y = Math.min(label.y, below.y - LABEL_GAP)
  })
  return lowestFirst
}
