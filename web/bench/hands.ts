import { TOUCH_WORDS } from '@/ui/touches'
import type { EventKind, Griddle, GriddlePiece, Step } from '@/api/types'

export type Ring = { share: number; tone: 'early' | 'now' | 'late'; seconds: number }

export const EVENT_OF: Record<Step['action'], EventKind> = {
  lay: 'laid',
  turn: 'turned',
  press: 'turned',
  press_down: 'pressed',
  wet: 'wetted',
  brush: 'brushed',
  lift: 'lifted',
}

export const ACTION_WORDS: Record<Step['action'], string> = { lay: 'Lay', ...TOUCH_WORDS }

/** When a step is due, in milliseconds; now, before anything was laid to count from. */
export function dueAt(griddle: Griddle, seconds: number, now: number): number {
  return griddle.since === null ? now : Date.parse(griddle.since) + seconds * 1000
}

/**
 * The step that hands do now: the first in the core's order. Laying waits where a touch comes due meanwhile, and during a pause.
 *
 * @param laySeconds that laying takes, with wiping hands
 */
export function nextStep(griddle: Griddle, now: number, laySeconds: number): Step | undefined {
  const steps = griddle.paused_at ? griddle.steps.filter(step => isOn(griddle, step.piece)) : griddle.steps
  const first = steps[0]
  if (first?.action !== 'lay') return first
  const touch = steps.find(step => step.action !== 'lay' && isOn(griddle, step.piece))
  return touch && dueAt(griddle, touch.at, now) < now + laySeconds * 1000 ? touch : first
}

export function stepOf(griddle: Griddle, piece: number): Step | undefined {
  return griddle.steps.find(step => step.piece === piece)
}

/** How far a piece is on its way to the next touch: the difference of timestamps, never a count of ticks. */
export function ringOf(griddle: Griddle, piece: GriddlePiece, now: number): Ring | null {
  const step = stepOf(griddle, piece.piece)
  if (!step) return null
  const since = Date.parse(piece.touched_at)
  const due = dueAt(griddle, step.at, now)
  const from = dueAt(griddle, step.from, now)
  const to = dueAt(griddle, step.to ?? step.at, now)
  return {
    share: Math.min(1, Math.max(0, (now - since) / Math.max(1, due - since))),
    tone: now < from ? 'early' : now <= to ? 'now' : 'late',
    seconds: (due - now) / 1000,
  }
}

export interface Said {
  says: string
  count: string
  inSeconds: number
  late: boolean
}

/** What the cook reads from two metres away. A piece that waits to be laid is never late: nothing spoils by it. */
export function sayStep(griddle: Griddle, step: Step | undefined, now: number, poured = false): Said {
  if (!step)
    return {
      says: griddle.paused_at ? 'Paused' : 'All off the griddle',
      count: '',
      inSeconds: 0,
      late: false,
    }
  const inSeconds = (dueAt(griddle, step.at, now) - now) / 1000
  const all = griddle.lifted + griddle.pieces.length + griddle.to_lay
  const touches = griddle.reasons.length - 1
  const count =
    step.action === 'lay'
      ? `piece ${step.piece} of ${all}`
      : `piece ${step.piece} of ${all}, touch ${step.touch} of ${touches}`
  const to = dueAt(griddle, step.to ?? step.at, now)
  return {
    says: `${poured && step.action === 'lay' ? 'Pour' : ACTION_WORDS[step.action]} ${step.piece}`,
    count,
    inSeconds: step.action === 'lay' ? Math.max(0, inSeconds) : inSeconds,
    late: step.action !== 'lay' && now > to,
  }
}

function isOn(griddle: Griddle, piece: number): boolean {
  return griddle.pieces.some(one => one.piece === piece)
}
