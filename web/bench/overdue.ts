import type { BatchState } from '@/api/types'
import { later, lineLater, stagesTold } from './line'

type Line = BatchState['line']

const MINUTE_SECONDS = 60

/** How many whole minutes the next stage is overdue; none where it is not, nor where the batch was left lying. */
export function minutesOverdue(line: Line, now: number): number {
  const next = stagesTold(line)[1]
  const until = (line as Partial<Line>).waits_until
  if (!next || !until || now > Date.parse(until)) return 0
  return Math.max(0, Math.floor((now - Date.parse(next.at)) / 1000 / MINUTE_SECONDS))
}

/** The state with all that is still to come so many minutes later, and the griddle turned on as much later too. */
export function laterBy(state: BatchState, minutes: number): BatchState {
  if (minutes === 0) return state
  const seconds = MINUTE_SECONDS * minutes
  return {
    ...state,
    line: lineLater(state.line, seconds, 1),
    clocks: state.clocks.map(one =>
      one.kind === 'preheat' && one.ends_at ? { ...one, ends_at: later(one.ends_at, seconds) } : one,
    ),
  }
}
