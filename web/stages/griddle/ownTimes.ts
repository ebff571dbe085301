import type { OwnTurns, Section } from '@/api/types'

type Touch = OwnTurns['touches'][number]

/** Two touches of one bread are never nearer than a hand can follow. */
const APART = 3
const MOST_TOUCHES = 8

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

/** One more turn, half way between the last one and the lift. */
export function withTurn(touches: readonly Touch[]): Touch[] {
  if (touches.length >= MOST_TOUCHES) return [...touches]
  const lift = touches[touches.length - 1]
  const last = touches[touches.length - 2]?.at_seconds ?? 0
  if (!lift) return []
  const turn: Touch = { action: 'turn', at_seconds: Math.round((last + lift.at_seconds) / 2) }
  return movedTo([...touches.slice(0, -1), turn, lift], touches.length - 1, turn.at_seconds)
}

/** Without its last turn; the lift stays. */
export function withoutTurn(touches: readonly Touch[]): Touch[] {
  return touches.length < 2 ? [...touches] : [...touches.slice(0, -2), ...touches.slice(-1)]
}
