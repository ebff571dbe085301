import type { EventKind, GriddlePiece, NextAction } from '@/api/types'

export type Ring = { share: number; tone: 'early' | 'now' | 'late'; seconds: number }

/** Of the actions that the core has put in order, the first that is still in time. */
export function nextNow(actions: NextAction[], now: number): NextAction | undefined {
  return (
    actions.find(action => action.until === null || Date.parse(action.until) > now) ??
    actions[actions.length - 1]
  )
}

export const EVENT_OF: Record<NextAction['action'], EventKind> = {
  lay: 'laid',
  turn: 'turned',
  press: 'turned',
  lift: 'lifted',
}

export const ACTION_WORDS: Record<NextAction['action'], string> = {
  lay: 'Lay',
  turn: 'Turn',
  press: 'Turn and press',
  lift: 'Lift',
}

/** How far a piece is on its way to the next touch: the difference of timestamps, never a count of ticks. */
export function ringOf(piece: GriddlePiece, now: number): Ring | null {
  if (!piece.next) return null
  const since = Date.parse(piece.touched_at)
  const due = Date.parse(piece.next.due_at)
  const tone =
    now < Date.parse(piece.next.from_at) ? 'early' : now <= Date.parse(piece.next.to_at) ? 'now' : 'late'
  return {
    share: Math.min(1, Math.max(0, (now - since) / Math.max(1, due - since))),
    tone,
    seconds: (due - now) / 1000,
  }
}

/** What the cook reads from two metres away. */
export function sayNext(next: NextAction | undefined, now: number): { says: string; inSeconds: number } {
  if (!next) return { says: 'All off the griddle', inSeconds: 0 }
  const inSeconds = next.due_at ? (Date.parse(next.due_at) - now) / 1000 : 0
  return { says: `${ACTION_WORDS[next.action]} ${next.piece}`, inSeconds }
}
