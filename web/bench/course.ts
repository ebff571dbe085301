import type { Batch, Figure, Plan, Stage, Unit } from '@/api/types'
import { timeOfDay } from '@/ui/timeOfDay'
import { clock, duration } from '@/ui/units'
import { stagesTold } from './line'

export const STAGE_NAMES: Record<Stage, string> = {
  choose: 'Choose',
  measure: 'Measure',
  water: 'Water',
  mix: 'Mix',
  rest: 'Rest',
  portion: 'Portion',
  shape: 'Shape',
  griddle: 'Griddle',
  stack: 'Stack',
  judge: 'Judge',
}

const ORDER = Object.keys(STAGE_NAMES) as Stage[]

export interface Stop {
  stage: Stage
  name: string
  time: string
  number: string
}

type Text = (value: number, unit: Unit | null) => string

/** The stages that this batch goes through; one that its style does not need is not there. */
export function stagesOf(plan: Plan): Stage[] {
  const needed: Partial<Record<Stage, boolean>> = {
    rest: plan.rest.seconds > 0,
    // A plan that this device kept from before paces were told says nothing of it.
    portion: ((plan.line.pace as Plan['line']['pace'] | undefined)?.portion ?? 1) > 0,
  }
  return ORDER.filter(stage => needed[stage] ?? true)
}

/** Where a batch stands that is sent to a stage: there, or at the next that its bread has. */
export function standingAt(stage: Stage, plan: Plan): Stage {
  const stages = stagesOf(plan)
  return ORDER.slice(ORDER.indexOf(stage)).find(one => stages.includes(one)) ?? 'judge'
}

/** The stops of the course: each with its clock time and its one number. */
export function courseOf(batch: Batch, plan: Plan, text: Text): Stop[] {
  const times = timesOf(batch, plan)
  return stagesOf(plan).map(stage => ({
    stage,
    name: STAGE_NAMES[stage],
    time: times.get(stage) ?? '',
    number: [stage === 'griddle' ? heatWords(batch, plan) : '', numberOf(stage, batch, plan, text)]
      .filter(Boolean)
      .join(', '),
  }))
}

/** When the griddle has to be switched on, by how far the work is; before it began as planned, and nothing once it is hot. */
export function heatFrom(batch: Batch, plan: Plan): string {
  const by = batch.state.clocks.find(one => one.kind === 'preheat')?.ends_at
  if (by) return timeOfDay(by)
  if (hasBegun(batch) || batch.state.griddle.since !== null) return ''
  return plannedTimes(batch, plan).get('preheat') ?? ''
}

export type Standing = 'done' | 'passed over' | 'to come'

/** What has become of a stop: done by what the log says, passed over without it, or still to come. Looking back takes nothing back. */
export function standingOf(stage: Stage, batch: Batch, plan: Plan): Standing {
  if (isDone(stage, batch)) return 'done'
  const stages = stagesOf(plan)
  const furthest = batch.finished_at
    ? stages.length
    : Math.max(0, ...batch.state.entered.map(one => stages.indexOf(one)))
  return stages.indexOf(stage) < furthest ? 'passed over' : 'to come'
}

function isDone(stage: Stage, batch: Batch): boolean {
  const { bowl, begun, rest, portion, griddle, stack, entered } = batch.state
  const done: Record<Stage, () => boolean> = {
    choose: () => entered.some(one => one !== 'choose'),
    measure: () => bowl.lines.every(line => line.measured),
    water: () => begun,
    mix: () => bowl.feel === 'ready' || (bowl.corrections > 0 && entered.includes('rest')),
    rest: () => rest.started_at !== null,
    portion: () => portion.start_grams !== null && portion.left === 0,
    // Shaping leaves no line of its own: what was laid had been shaped.
    shape: () => griddle.pieces.length + griddle.lifted > 0,
    griddle: () => griddle.lifted > 0 && griddle.lifted >= portion.count,
    stack: () => stack.started_at !== null,
    judge: () => batch.verdict !== null,
  }
  return done[stage]()
}

function heatWords(batch: Batch, plan: Plan): string {
  const from = heatFrom(batch, plan)
  return from ? `on at ${from}` : ''
}

export function beforeStage(stage: Stage, plan: Plan): Stage | undefined {
  const stages = stagesOf(plan)
  return stages[stages.indexOf(stage) - 1]
}

export function afterStage(stage: Stage, plan: Plan): Stage | undefined {
  const stages = stagesOf(plan)
  return stages[stages.indexOf(stage) + 1]
}

/** When each stage begins: as things stand once the work has begun, what is behind having no time any more; before that as planned. */
function timesOf(batch: Batch, plan: Plan): Map<string, string> {
  const told = stagesTold(batch.state.line)
  return told.length
    ? new Map(told.map(({ stage, at }) => [stage, timeOfDay(at)]))
    : plannedTimes(batch, plan)
}

function plannedTimes(batch: Batch, plan: Plan): Map<string, string> {
  const start = Date.parse(plan.line.starts_at ?? batch.started_at)
  const planned = [...plan.line.stages, { stage: 'judge', at_seconds: plan.line.length_seconds }]
  return new Map(planned.map(one => [one.stage, timeOfDay(start + one.at_seconds * 1000)]))
}

/** Whether anything is in the bowl. */
function hasBegun(batch: Batch): boolean {
  return batch.state.begun || batch.state.bowl.lines.some(line => line.measured)
}

/** How wide a disc of the pieces as they are; while another plan is tried out, of that one's. */
export function discOf(batch: Batch, plan: Plan): Figure {
  return plan.shape === batch.plan.shape ? batch.state.shape.diameter_mm : plan.shape.diameter_mm
}

/** How wide a round is, or how long and how wide. */
export function sizeWords(diameter: number, plan: Plan, text: Text): string {
  const { length_share: long, width_share: wide } = plan.shape
  return long > 1
    ? `${text(diameter * long, 'mm')} × ${text(diameter * wide, 'mm')}`
    : `${text(diameter, 'mm')} wide`
}

/** Pieces and what each weighs: of the plan until something is in the bowl, then of the dough as it is. */
export function piecesOf(batch: Batch, plan: Plan, text: Text): string {
  const { bowl, portion } = batch.state
  return hasBegun(batch)
    ? `${portion.count} × ${text(bowl.piece_grams, 'g')}`
    : `${plan.portion.count} × ${text(plan.portion.piece_grams.value, 'g')}`
}

function numberOf(stage: Stage, batch: Batch, plan: Plan, text: Text): string {
  const { water, mix, portion, griddle } = plan
  const numbers: Record<Stage, () => string> = {
    choose: () => (portion.count === 1 ? '1 piece' : `${portion.count} pieces`),
    measure: () => `${text(dryOf(batch, plan), 'g')} dry`,
    water: () => `${text(water.grams.value, 'g')} at ${text(water.celsius.value, 'celsius')}`,
    mix: () => `dough at ${text(mix.celsius.value, 'celsius')}`,
    rest: () => duration(plan.rest.seconds),
    portion: () => piecesOf(batch, plan, text),
    shape: () => sizeWords(discOf(batch, plan).value, plan, text),
    griddle: () =>
      griddle.turns[0]
        ? `turn at ${clock(griddle.turns[0].at_seconds)}`
        : `lift at ${clock(griddle.lift.at_seconds)}`,
    stack: () => duration(plan.stack.seconds),
    judge: () => '',
  }
  return numbers[stage]()
}

/** What is weighed: each line as it is in the bowl, or as it is planned. */
function dryOf(batch: Batch, plan: Plan): number {
  const inBowl = new Map(batch.state.bowl.lines.map(line => [line.ingredient, line]))
  return plan.ledger.reduce((sum, row) => {
    const line = inBowl.get(row.ingredient)
    return sum + (line?.measured ? line.grams : row.grams)
  }, 0)
}
