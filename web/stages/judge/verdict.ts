import type { Batch, BatchState, Plan, Verdict, VerdictToGive } from '@/api/types'

type Told = 'pliability' | 'puff' | 'cracks' | 'sticking'

/** A verdict in the making: what only the cook can tell is open until it has been told. */
export type Draft = Omit<Verdict, Told> & { [Name in Told]?: NonNullable<Verdict[Name]> | undefined }

/** What was said before, to be mended. */
export function again(verdict: Verdict): Draft {
  return { ...verdict, pliability: verdict.pliability ?? undefined, puff: verdict.puff ?? undefined }
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
export function complete(draft: Draft, asked: BatchState['judged_by']): Verdict | null {
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
  if (!levels) return [{ name: '', count, draft: batch.verdict ? again(batch.verdict) : afresh(plan, count) }]
  return levels.map((half, index) => {
    const said = batch.verdict?.halves?.[index]
    const pieces = halves[index] ?? 0
    return { name: half.level, count: pieces, draft: said ? again(said) : afresh(plan, pieces) }
  })
}

/** What is sent, once each part has been told in full. */
export function told(parts: Part[], asked: BatchState['judged_by']): VerdictToGive | null {
  const all = parts.map(one => complete(one.draft, asked)).filter(one => one !== null)
  if (all.length < parts.length) return null
  return all.length === 1 ? (all[0] ?? null) : { halves: all }
}

/** A verdict that is on its way, as the page shows it; what is said of the whole dough the house says. */
export const shown = (given: VerdictToGive): Verdict | null => {
  if (!('shade_first' in given)) return given.halves[0] ? { ...given.halves[0], halves: given.halves } : null
  return given
}
