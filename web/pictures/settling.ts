import type { Settling as Steps } from '@/api/types'

export const SETTLING = { width: 320, height: 150, left: 44, right: 10, top: 10, bottom: 24 } as const

export interface Settling {
  zero: number
  /** Where bags of its kind lie, eight in ten, before anything is known of this one. */
  kind: { top: number; bottom: number }
  ticks: { y: number; points: number }[]
  said: { x: number; y: number; top: number; bottom: number }[]
  band: string
  known: string
}

/** The need of a bag settling batch by batch: what each one said, and the band of what was known after it. */
export function settlingOf(steps: Steps, kindReach = 0): Settling {
  const { width, height, left, right, top, bottom } = SETTLING
  const edges = [
    0,
    kindReach,
    -kindReach,
    ...steps.flatMap(step => [
      step.points - step.reach,
      step.points + step.reach,
      step.known.low,
      step.known.high,
    ]),
  ]
  const [low, high] = [Math.min(-4, ...edges) - 1, Math.max(4, ...edges) + 1]
  const y = (points: number) => top + ((high - points) / (high - low)) * (height - top - bottom)
  const x = (index: number) => left + ((index + 0.5) / Math.max(1, steps.length)) * (width - left - right)
  const at = (index: number, points: number) => `${x(index).toFixed(1)},${y(points).toFixed(1)}`
  const upper = steps.map((step, index) => at(index, step.known.high))
  const lower = steps.map((step, index) => at(index, step.known.low)).reverse()
  return {
    zero: y(0),
    kind: { top: y(kindReach), bottom: y(-kindReach) },
    ticks: ticksOf(low, high).map(points => ({ y: y(points), points })),
    said: steps.map((step, index) => ({
      x: x(index),
      y: y(step.points),
      top: y(step.points + step.reach),
      bottom: y(step.points - step.reach),
    })),
    band: [...upper, ...lower].join(' '),
    known: steps.map((step, index) => at(index, step.known.points)).join(' '),
  }
}

function ticksOf(low: number, high: number): number[] {
  const step = high - low > 40 ? 20 : high - low > 16 ? 10 : 5
  const first = Math.ceil(low / step)
  return Array.from({ length: Math.floor(high / step) - first + 1 }, (_, index) => (first + index) * step)
}
