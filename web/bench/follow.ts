import type { BatchEvent, BatchState, Griddle } from '@/api/types'
import { corrected, felt, measured, portioned, poured, scaleSet } from './followBowl'
import { later, lineLater, stagesTold } from './line'

/**
 * What the server has not heard yet, put on top of what it said: the order of work came from the core, and here it is
 * only ticked off. Numbers that the core alone can tell stay as they were until it answers.
 */
export function follow(state: BatchState, unsent: BatchEvent[]): BatchState {
  const undone = new Set(unsent.flatMap(event => (event.kind === 'undone' ? [event.event] : [])))
  return unsent
    .filter(event => event.kind !== 'undone' && !undone.has(event.id))
    .reduce(
      (so, event) =>
        reshaped(
          so,
          after({ ...so, clocks: running(so.clocks, event), line: broughtOn(so.line, event) }, event),
        ),
      state,
    )
}

/** At one thickness the area of a disc goes with what a piece weighs. */
function reshaped(before: BatchState, now: BatchState): BatchState {
  if (now.bowl === before.bowl && now.portion.start_grams === before.portion.start_grams) return now
  const share = Math.sqrt(pieceGrams(now) / Math.max(1e-6, pieceGrams(before)))
  if (Math.abs(share - 1) < 1e-9) return now
  const wide = now.shape.diameter_mm
  const diameter_mm = { ...wide, value: wide.value * share, low: wide.low * share, high: wide.high * share }
  return { ...now, shape: { ...now.shape, diameter_mm } }
}

function pieceGrams({ portion, bowl }: BatchState): number {
  return portion.start_grams === null ? bowl.piece_grams : portion.start_grams / portion.count
}

/** The clocks that such an entry begins, begun; that of a step which is done, put away. */
function running(clocks: BatchState['clocks'], event: BatchEvent): BatchState['clocks'] {
  return clocks.map(one => {
    if ((one.step ?? null) !== (event.step ?? null)) return one
    if (one.started_by === event.kind) return { ...one, ends_at: later(event.at, one.seconds) }
    return event.kind === 'step_done' ? { ...one, ends_at: null } : one
  })
}

/** Where such an entry begins a stage that was still to come, the rest of the line keeps its distance from it; what lies before has no time any more. */
function broughtOn(line: BatchState['line'], event: BatchEvent): BatchState['line'] {
  const told = stagesTold(line)
  const here = told.findIndex((one, index) => index > 0 && one.begun_by === event.kind)
  const begun = told[here]
  if (!begun) return line
  const seconds = (Date.parse(event.at) - Date.parse(begun.at)) / 1000
  return lineLater({ ...line, stages: told.slice(here) }, seconds, 0)
}

function ticked(step: BatchState['steps'][number], event: BatchEvent): BatchState['steps'][number] {
  if (step.id !== event.step) return step
  return event.kind === 'step_done' ? { ...step, done_at: event.at } : { ...step, begun_at: event.at }
}

function stoodReady(extra: BatchState['extras'][number], event: BatchEvent): BatchState['extras'][number] {
  const isIt = extra.place === event.extra && extra.ingredient === event.ingredient
  return isIt ? { ...extra, grams: event.grams ?? null } : extra
}

function after(state: BatchState, event: BatchEvent): BatchState {
  switch (event.kind) {
    case 'entered':
      return event.stage ? { ...state, stage: event.stage, entered: [...state.entered, event.stage] } : state
    case 'measured':
      return { ...state, bowl: measured(state.bowl, event, state.portion) }
    case 'step_begun':
    case 'step_done':
      return { ...state, steps: state.steps.map(one => ticked(one, event)) }
    case 'extra_weighed':
      return { ...state, extras: state.extras.map(one => stoodReady(one, event)) }
    case 'poured':
      return { ...state, begun: true, bowl: poured(state.bowl, event, state.portion) }
    case 'felt':
      return { ...state, bowl: felt(state.bowl, event, state.portion) }
    case 'corrected': {
      const { count, left } = state.portion
      const wished = event.pieces ?? count
      const portion = { ...state.portion, count: wished, left: left + wished - count }
      return { ...state, bowl: corrected(state.bowl, event, state.feel_answers, portion), portion }
    }
    case 'scale_set':
      return { ...state, portion: scaleSet(state.portion, event) }
    case 'rest_started':
      return { ...state, rest: started(state.rest, event.at) }
    case 'second_rest_started':
      return { ...state, second_rest: started(state.second_rest, event.at) }
    case 'growth_seen':
      return { ...state, grown: { growth: event.growth ?? 1, at: event.at } }
    case 'stacked':
      return { ...state, stack: started(state.stack, event.at) }
    case 'portioned':
      return { ...state, portion: portioned(state.portion, event) }
    case 'wetted':
    case 'brushed':
    case 'pressed':
      // Done on the side, it is no touch of the plan.
      return event.touch === undefined ? state : { ...state, griddle: touched(state.griddle, event) }
    case 'laid':
    case 'turned':
    case 'lifted':
      return { ...state, griddle: touched(state.griddle, event) }
    case 'temperature_taken':
      return { ...state, bowl: { ...state.bowl, celsius: event.celsius ?? null } }
    case 'surface_taken':
      return {
        ...state,
        griddle: {
          ...state.griddle,
          surface: { celsius: event.celsius ?? 0, at: event.at },
          hot_until: hotUntil(state.griddle.since ?? event.at, state.griddle.steps),
        },
      }
    case 'fault_seen':
    case 'remedied':
      return { ...state, faults: seen(state.faults, event) }
    case 'noted':
      return { ...state, notes: [...state.notes, noteOf(event)] }
    case 'oven_in':
      return { ...state, oven: state.oven && started(state.oven, event.at) }
    case 'oven_out':
      // Which round comes next the house alone can tell.
      return { ...state, oven: null }
    case 'paused':
      return { ...state, griddle: { ...state.griddle, paused_at: event.at } }
    case 'resumed':
      return { ...state, griddle: { ...state.griddle, paused_at: null } }
    default:
      return state
  }
}

function seen(faults: BatchState['faults'], event: BatchEvent): BatchState['faults'] {
  const { symptom } = event
  if (!symptom) return faults
  const before = faults.find(one => one.symptom === symptom)
  // Its name comes from the house; until then it goes by what it is called in the log.
  const fault = before ?? {
    symptom,
    name: symptom.replaceAll('_', ' '),
    piece: event.piece ?? null,
    cause: null,
    done: null,
  }
  const now = event.cause === undefined ? fault : { ...fault, cause: event.cause, done: event.text ?? null }
  return before ? faults.map(one => (one === before ? now : one)) : [...faults, now]
}

function noteOf(event: BatchEvent): BatchState['notes'][number] {
  return { at: event.at, stage: event.stage ?? null, piece: event.piece ?? null, text: event.text ?? '' }
}

function started<Clock extends { seconds: number }>(
  clock: Clock,
  at: string,
): Clock & { started_at: string; ends_at: string } {
  return { ...clock, started_at: at, ends_at: later(at, clock.seconds) }
}

/** Ticks one step off; what follows for that piece keeps its distance from it. */
function touched(griddle: Griddle, event: BatchEvent): Griddle {
  const own = griddle.steps.filter(step => step.piece === event.piece)
  const done = event.kind === 'lifted' ? own.at(-1) : own[0]
  if (!done) return griddle
  // Before anything was laid there is no moment to count from: the first piece makes it.
  const since = griddle.since ?? new Date(Date.parse(event.at) - done.at * 1000).toISOString()
  const happened = (Date.parse(event.at) - Date.parse(since)) / 1000
  const moved = happened - done.at
  const steps = griddle.steps
    .filter(step => step !== done && !(event.kind === 'lifted' && step.piece === event.piece))
    .map(step =>
      step.piece === event.piece
        ? {
            ...step,
            at: step.at + moved,
            from: step.from + moved,
            to: step.to === null ? null : step.to + moved,
          }
        : step,
    )
    .sort((one, other) => one.at - other.at)
  return {
    ...griddle,
    before: null,
    since,
    hot_until: hotUntil(since, steps),
    steps,
    pieces: piecesAfter(griddle.pieces, event, own.length - 1),
    lifted: griddle.lifted + (event.kind === 'lifted' ? 1 : 0),
    to_lay: griddle.to_lay - (event.kind === 'laid' ? 1 : 0),
  }
}

const hotUntil = (since: string, steps: Griddle['steps']) =>
  steps.length ? later(since, Math.max(...steps.map(one => one.at))) : null

function piecesAfter(pieces: Griddle['pieces'], event: BatchEvent, touches: number): Griddle['pieces'] {
  if (event.kind === 'laid' && event.piece && event.place)
    return [
      ...pieces,
      {
        piece: event.piece,
        place: event.place,
        laid_at: event.at,
        touched_at: event.at,
        touches: 0,
        touches_planned: touches,
      },
    ]
  if (event.kind === 'lifted') return pieces.filter(piece => piece.piece !== event.piece)
  return pieces.map(piece =>
    piece.piece === event.piece ? { ...piece, touched_at: event.at, touches: piece.touches + 1 } : piece,
  )
}
