import type { BatchState } from '@/api/types'

type Line = BatchState['line']

export function later(at: string, seconds: number): string {
  return new Date(Date.parse(at) + seconds * 1000).toISOString()
}

/** Where the work is and what comes after it; a state that this device kept from before they were told says nothing of them. */
export function stagesTold(line: Line): Line['stages'] {
  return (line as Partial<Line>).stages ?? []
}

/** The line so many seconds later, from the stage in this place on. */
export function lineLater(line: Line, seconds: number, place: number): Line {
  return {
    ...line,
    ready_at: line.ready_at && later(line.ready_at, seconds),
    late_seconds: line.late_seconds === null ? null : line.late_seconds + seconds,
    stages: line.stages.map((one, index) => (index < place ? one : { ...one, at: later(one.at, seconds) })),
  }
}
