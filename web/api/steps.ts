import type { components } from './schema'
import type { Batch, BatchChange } from './types'

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

type Schemas = components['schemas']

/** The client knows of a row what may stand in it, not in which order. */
type Told<Answer extends { state: Schemas['BatchStateParts'] }> = Omit<Answer, 'state'> & {
  state: Omit<Answer['state'], 'griddle'> & {
    griddle?: Omit<Schemas['GriddleState'], 'steps'> & { steps: StepRow[number][][] }
  }
}
type ToldBatch = Told<Schemas['Batch']>
type ToldChange = Told<Schemas['BatchChange']>

/**
 * An answer about a batch with its steps by their names, where they came as rows; one that was kept from before they did has them already.
 * A whole batch comes with all parts of its state.
 */
export function withSteps(answer: ToldBatch): Batch
export function withSteps(answer: ToldChange): BatchChange
export function withSteps(answer: ToldBatch | ToldChange): Batch | BatchChange
export function withSteps(answer: ToldBatch | ToldChange): Batch | BatchChange {
  const griddle: { steps: (StepRow[number][] | Step)[] } | undefined = answer.state.griddle
  if (griddle) griddle.steps = griddle.steps.map(one => (Array.isArray(one) ? stepOf(one as StepRow) : one))
  return answer as unknown as Batch | BatchChange
}
