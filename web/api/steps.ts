import type { components } from './schema'

export type StepRow = components['schemas']['StepRow']

/** One thing that hands do next; seconds from the moment that the griddle counts from. */
export interface Step {
  action: StepRow[0]
  piece: number
  place: number
  /** 0 for laying, then the first touch, the second, and so on */
  touch: number
  at: number
  from: number
  /** Null where nothing spoils by waiting. */
  to: number | null
  /** When a piece is shaped that is still to be laid. */
  shape_from: number | null
}

const stepOf = ([action, piece, place, touch, at, from, to, shape_from]: StepRow): Step => ({
  action,
  piece,
  place,
  touch,
  at,
  from,
  to,
  shape_from,
})

/** An answer in which steps came as rows, with steps in their place; one that was kept from before they did has them already. */
export function withSteps<Answer>(answer: Answer): Answer {
  const griddle = (answer as { state?: { griddle?: { steps: unknown } } } | null)?.state?.griddle
  if (griddle)
    griddle.steps = (griddle.steps as (StepRow | Step)[]).map(one => (Array.isArray(one) ? stepOf(one) : one))
  return answer
}
