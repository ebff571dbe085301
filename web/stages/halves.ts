import type { Batch, PlanRequest } from '@/api/types'

export interface Half {
  level: string
  /** Pieces that it is made of, as said to a cook: 1 to 7. */
  pieces: string
  patch: Record<string, unknown>
}

export interface Halves {
  both: [Half, Half]
  /** The half that the plan stands for now. */
  now: 0 | 1
  /** Whether all of the first half is laid while the plan still stands for it. */
  isTurn: boolean
}

/** The two ways in which one dough is made for a trial; null for any other batch. */
export function halvesOf(batch: Batch, request: PlanRequest): Halves | null {
  const [one, other] = batch.trial?.halves ?? []
  if (!one || !other) return null
  const { count, halves } = batch.state.portion
  const first = halves[0] ?? 0
  const now = holds(request, other.patch) ? 1 : 0
  return {
    both: [
      { ...one, pieces: range(1, first) },
      { ...other, pieces: range(first + 1, count) },
    ],
    now,
    isTurn: now === 0 && count - batch.state.griddle.to_lay >= first && batch.state.griddle.to_lay > 0,
  }
}

const range = (from: number, to: number) =>
  to > from ? `pieces ${from} to ${to}` : to === from ? `piece ${from}` : 'no piece'

/** Whether a document says all that a merge patch would set. */
function holds(document: unknown, patch: unknown): boolean {
  if (patch === null) return document === undefined || document === null
  if (typeof patch !== 'object') return document === patch
  return Object.entries(patch).every(([key, value]) =>
    holds((document as Record<string, unknown> | undefined)?.[key], value),
  )
}
