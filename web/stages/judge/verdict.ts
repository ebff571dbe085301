import type { Plan, Verdict } from '@/api/types'

/** What the form starts from: the colours that the plan expects, and every piece good until said otherwise. */
export function afresh(plan: Plan, count: number): Verdict {
  const shade = (index: number) => Math.round((plan.griddle.faces[index]?.shade.value ?? 0.5) * 20) / 20
  return {
    pliability: 'folds',
    puff: 'none',
    shade_first: shade(0),
    shade_second: shade(1),
    cracks: 'none',
    sticking: 'none',
    pieces_good: count,
    pieces_second: 0,
    pieces_lost: 0,
    notes: null,
  }
}
