import type { BatchState } from '@/api/types'

type Line = BatchState['line']

const MINUTE_MS = 60_000

/** How many whole minutes the next stage is overdue; none where it is not, nor where the batch was left lying. */
export function minutesOverdue(line: Line, now: number): number {
  // A state that this device kept from before they were told says nothing of them.
  const { stages = [], waits_until = null } = line as Partial<Line>
  const next = stages[1]
  if (!next || waits_until === null || now > Date.parse(waits_until)) return 0
  return Math.max(0, Math.floor((now - Date.parse(next.at)) / MINUTE_MS))
}

/** The state with all that is still to come so many minutes later, and the griddle turned on as much later too. */
export function laterBy(state: BatchState, minutes: number): BatchState {
  if (minutes === 0) return state
  const { line } = state
  const moved = (at: string) => new Date(Date.parse(at) + minutes * MINUTE_MS).toISOString()
  return {
    ...state,
    line: {
      ...line,
      ready_at: line.ready_at && moved(line.ready_at),
      late_seconds: line.late_seconds === null ? null : line.late_seconds + 60 * minutes,
      stages: line.stages.map((one, index) => (index === 0 ? one : { ...one, at: moved(one.at) })),
    },
    clocks: state.clocks.map(one =>
      one.kind === 'preheat' && one.ends_at ? { ...one, ends_at: moved(one.ends_at) } : one,
    ),
  }
}
