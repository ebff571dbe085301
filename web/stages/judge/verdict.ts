import type { Plan, Verdict } from '@/api/types'

type Told = 'pliability' | 'puff' | 'cracks' | 'sticking'

/** A verdict in the making: what only the cook can tell is open until it has been told. */
export type Draft = Omit<Verdict, Told> & Partial<Pick<Verdict, Told>>

/** What the form starts from: the colours that the plan expects, and every piece good until said otherwise. */
export function afresh(plan: Pick<Plan, 'griddle'>, count: number): Draft {
  const shade = (index: number) => Math.round((plan.griddle.faces[index]?.shade.value ?? 0.5) * 20) / 20
  return {
    pliability: undefined,
    puff: undefined,
    cracks: undefined,
    sticking: undefined,
    shade_first: shade(0),
    shade_second: shade(1),
    pieces_good: count,
    pieces_second: 0,
    pieces_lost: 0,
    notes: null,
  }
}

/** The verdict, once everything has been told. */
export function complete(draft: Draft): Verdict | null {
  const { pliability, puff, cracks, sticking } = draft
  if (!pliability || !puff || !cracks || !sticking) return null
  return { ...draft, pliability, puff, cracks, sticking, notes: draft.notes?.trim() || null }
}
