import type { TrialResult } from '@/api/types'

type Background = { at: number; value: number }

export const TRIAL = { width: 640, left: 150, right: 24, row: 64, top: 14, foot: 34 } as const

/** Where the points of a trial lie: a row for each level, what came out from left to right; points that fall on one place are piled up. */
export function trialOf(levels: TrialResult['levels'], background: Background[] = []) {
  const values = [...levels.flatMap(level => level.points), ...background.map(one => one.value)]
  const [least, most] = values.length ? [Math.min(...values), Math.max(...values)] : [0, 1]
  const margin = (most - least || 1) * 0.08
  const [low, high] = [least - margin, most + margin]
  const { width, left, right, row, top, foot } = TRIAL
  const x = (value: number) => left + ((value - low) / (high - low)) * (width - left - right)
  return {
    height: top + row * levels.length + foot,
    base: top + row * levels.length,
    ticks: ticks(low, high).map(value => ({ value, x: x(value) })),
    rows: levels.map((level, index) => {
      const y = top + row * index + row / 2
      return {
        name: level.name,
        y,
        mean: level.mean === null ? null : x(level.mean),
        points: piled(level.points).map(one => ({ x: x(one.value), y: y - 11 * one.over })),
        before: background
          .filter(one => level.value !== null && nearest(levels, one.at) === index)
          .map(one => ({ x: x(one.value), y: y + 16 })),
      }
    }),
  }
}

/** The level that lies nearest on the scale. */
function nearest(levels: TrialResult['levels'], at: number): number {
  const away = levels.map(level => Math.abs((level.value ?? Infinity) - at))
  return away.indexOf(Math.min(...away))
}

function piled(values: number[]): { value: number; over: number }[] {
  const before = new Map<number, number>()
  return values.map(value => {
    const over = before.get(value) ?? 0
    before.set(value, over + 1)
    return { value, over }
  })
}

/** A few round numbers between. */
function ticks(low: number, high: number): number[] {
  const rough = (high - low) / 5
  const size = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map(one => one * size).find(one => one >= rough) ?? rough
  const first = Math.ceil(low / step)
  return Array.from({ length: Math.floor(high / step) - first + 1 }, (_, index) =>
    Number(((first + index) * step).toPrecision(6)),
  )
}
