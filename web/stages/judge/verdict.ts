import type { Batch, BatchState, Plan, Verdict, VerdictGiven, VerdictToGive } from '@/api/types'

type Told = 'pliability' | 'puff' | 'cracks' | 'sticking'

/** A verdict in the making: what only the cook can tell is open until it has been told. */
export type Draft = Omit<VerdictGiven, Told> & {
  [Name in Told]?: NonNullable<VerdictGiven[Name]> | undefined
}

/** What was said before, to be mended; what was never told starts as it does for a new one. */
export function again(verdict: Verdict, start: Draft): Draft {
  return {
    pliability: verdict.pliability ?? undefined,
    puff: verdict.puff ?? undefined,
    cracks: verdict.cracks ?? undefined,
    sticking: verdict.sticking ?? undefined,
    shade_first: verdict.shade_first ?? start.shade_first,
    shade_second: verdict.shade_second ?? start.shade_second,
    pieces_good: verdict.pieces_good ?? start.pieces_good,
    pieces_second: verdict.pieces_second ?? start.pieces_second,
    pieces_lost: verdict.pieces_lost ?? start.pieces_lost,
    score: verdict.score,
    notes: verdict.notes,
  }
}

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
    score: null,
    notes: null,
  }
}

/** The verdict, once everything has been told that can be told of such a bread. */
export function complete(draft: Draft, asked: BatchState['judged_by']): VerdictGiven | null {
  const { pliability = null, puff = null, cracks, sticking } = draft
  if ((asked.fold && !pliability) || (asked.puff && !puff) || !cracks || !sticking) return null
  return { ...draft, pliability, puff, cracks, sticking, notes: draft.notes?.trim() || null }
}

/** What is still to be told, as a sentence. */
export function openWords(asked: BatchState['judged_by'], inHalves = false): string {
  const parts = [asked.fold ? 'folds' : '', asked.puff ? 'puffed' : '', 'cracked'].filter(Boolean)
  return `Say how ${inHalves ? 'each half' : 'it'} ${parts.join(', ')} and stuck first.`
}

/** What is judged by itself: the whole batch, or a half of its dough. */
export interface Part {
  name: string
  count: number
  draft: Draft
}

export function drafts(batch: Batch, plan: Pick<Plan, 'griddle'>): Part[] {
  const { count, halves } = batch.state.portion
  const levels = batch.trial?.halves
  const draft = (said: Verdict | null | undefined, pieces: number) =>
    said ? again(said, afresh(plan, pieces)) : afresh(plan, pieces)
  if (!levels) return [{ name: '', count, draft: draft(batch.verdict, count) }]
  return levels.map((half, index) => {
    const pieces = halves[index] ?? 0
    return { name: half.level, count: pieces, draft: draft(batch.verdict?.halves?.[index], pieces) }
  })
}

/** What is sent, once each part has been told in full. */
export function told(parts: Part[], asked: BatchState['judged_by']): VerdictToGive | null {
  const all = parts.map(one => complete(one.draft, asked)).filter(one => one !== null)
  if (all.length < parts.length) return null
  return all.length === 1 ? (all[0] ?? null) : { halves: all }
}

const whole = (given: VerdictGiven): Verdict => ({
  ...given,
  pliability: given.pliability ?? null,
  puff: given.puff ?? null,
  score: given.score ?? null,
  notes: given.notes ?? null,
})

/** A verdict that is on its way, as the page shows it; what is said of the whole dough the house says. */
export const shown = (given: VerdictToGive): Verdict | null => {
  if ('shade_first' in given) return whole(given)
  const halves = given.halves.map(whole)
  return halves[0] ? { ...halves[0], halves } : null
}
