import type { GriddleHeat } from '@/api/types'

export const HEAT_CURVE = { width: 340, height: 190, left: 48, right: 12, top: 12, bottom: 40 } as const

type Seen = GriddleHeat['seen'][number]

export interface HeatCurve {
  ticks: { y: number; celsius: number }[]
  settings: { x: number; name: string; y: number; top: number; bottom: number }[]
  seen: { x: number; y: number; how: Seen['how'] }[]
  line: string
}

/** What calibrations and the record say of each setting of a griddle: what was seen, and the estimate with its band. */
export function heatCurveOf(heat: GriddleHeat): HeatCurve {
  const { width, height, left, right, top, bottom } = HEAT_CURVE
  const names = heat.settings.map(one => one.name)
  const seen = heat.seen.filter(one => one.setting !== null && names.includes(one.setting))
  const edges = [...heat.settings.flatMap(one => [one.low, one.high]), ...seen.map(one => one.celsius)]
  const low = Math.floor((Math.min(...edges) - 6) / 10) * 10
  const high = Math.ceil((Math.max(...edges) + 6) / 10) * 10
  const y = (celsius: number) => top + ((high - celsius) / (high - low)) * (height - top - bottom)
  const step = (width - left - right) / Math.max(1, names.length)
  const x = (name: string) => left + (names.indexOf(name) + 0.5) * step
  const settings = heat.settings.map(one => ({
    x: x(one.name),
    name: one.name,
    y: y(one.celsius),
    top: y(one.high),
    bottom: y(one.low),
  }))
  const every = high - low > 80 ? 20 : 10
  return {
    ticks: Array.from(
      { length: Math.floor((high - low) / every) + 1 },
      (_, index) => low + index * every,
    ).map(celsius => ({ y: y(celsius), celsius })),
    settings,
    seen: seen.map((one, index) => ({
      x: x(one.setting ?? '') + (((index * 7) % 11) - 5) * Math.min(5, step / 16),
      y: y(one.celsius),
      how: one.how,
    })),
    line: settings.map(one => `${one.x.toFixed(1)},${one.y.toFixed(1)}`).join(' '),
  }
}
