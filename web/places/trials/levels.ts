import type { Plan, TrialToBegin } from '@/api/types'

type Factor = TrialToBegin['factor']

/** By how much the next level lies beside the last, so that a hand would feel it. */
const STEPS: Partial<Record<Factor, number>> = {
  hydration: 6,
  water_celsius: 15,
  binder: 1,
  fat: 2,
  thickness: 0.3,
  heat: 15,
  balance: 0.15,
}

/** What the button to the next batch says. */
export const nextWords = (next: { halves: boolean; level: string | null }): string =>
  next.level ?? (next.halves ? 'both halves of one dough' : 'its level is set')

export const stepOf = (factor: Factor): number => STEPS[factor] ?? 1

/** Two levels to begin with: as the bread is planned now, and a step beside it. */
export function besides(factor: Factor, plan: Plan): number[] {
  const now = standing(factor, plan)
  return [now, Number((now + stepOf(factor)).toFixed(2))]
}

function standing(factor: Factor, plan: Plan): number {
  switch (factor) {
    case 'hydration':
      return Math.round(plan.water.hydration_percent.value)
    case 'water_celsius':
      return Math.round(plan.water.celsius.value)
    case 'thickness':
      return Number(plan.shape.thickness_mm.value.toFixed(1))
    case 'heat':
      return Math.round(plan.griddle.surface_celsius.value)
    case 'binder':
      return share(plan, 'binder') || 1
    case 'fat':
      return share(plan, 'fat') || 2
    default:
      return 1
  }
}

/** Of the line of that role that there is most of, in % of the flour. */
function share(plan: Plan, role: string): number {
  const most = Math.max(0, ...plan.ledger.filter(row => row.role === role).map(row => row.percent))
  return Number(most.toFixed(1))
}
