import type { OwnTurns, Section } from '@/api/types'

type Touch = OwnTurns['touches'][number]

/** Two touches of one bread are never nearer than a hand can follow. */
const APART = 3
export const MOST_TOUCHES = 12

export type Addable = Exclude<Touch['action'], 'lift'>

/** What can be added to a cook's own times. */
export const ADDED: Record<Addable, string> = {
  turn: 'a turn',
  press: 'a turn and press',
  press_down: 'a press as it lies',
  wet: 'water on top',
  brush: 'a brush of fat',
}
export const addable = Object.keys(ADDED) as Addable[]

export function ownFrom(section: Section): Touch[] {
  return section.touches.map(touch => ({ action: touch.action, at_seconds: Math.round(touch.at_seconds) }))
}

/** The touches with one at another time; the others keep their order and their distance. */
export function movedTo(touches: readonly Touch[], index: number, seconds: number): Touch[] {
  const at = Math.max(APART, Math.round(seconds))
  return touches.map((touch, other) => {
    const apart = Math.abs(other - index) * APART
    if (other === index) return { ...touch, at_seconds: at }
    return {
      ...touch,
      at_seconds:
        other > index
          ? Math.max(touch.at_seconds, at + apart)
          : Math.max(1, Math.min(touch.at_seconds, at - apart)),
    }
  })
}

/** One more touch, half way between the last one and the lift. */
export function withTouch(touches: readonly Touch[], action: Addable): Touch[] {
  if (touches.length >= MOST_TOUCHES) return [...touches]
  const lift = touches[touches.length - 1]
  const last = touches[touches.length - 2]?.at_seconds ?? 0
  if (!lift) return []
  const touch: Touch = { action, at_seconds: Math.round((last + lift.at_seconds) / 2) }
  return movedTo([...touches.slice(0, -1), touch, lift], touches.length - 1, touch.at_seconds)
}

/** Without one of them; the lift stays. */
export function withoutTouch(touches: readonly Touch[], index: number): Touch[] {
  return touches.filter((touch, other) => other !== index || touch.action === 'lift')
}
