import type { Portrait } from '@/api/types'
import view from '../../resources/views/bread-view.json'

const {
  /** How far a round that is looked at from above the table's edge is foreshortened. */
  tilt: TILT,
  /** A rim of two millimetres could not be seen; all are drawn so many times as thick. */
  thicker: THICKER,
  /** What a puffed bread rises to, in its diameters. */
  dome: DOME,
  /** A dome's top is narrower than what it stands on. */
  dome_top: DOME_TOP,
} = view

/** The window that a bread is looked at through: all to one scale, and what is wider than most fills it. */
export function breadWindow(diameter: number): string {
  const width = Math.max(view.widest_mm, diameter + view.margin_mm)
  const height = view.height_share * width
  return `${-width / 2} ${-height / 2} ${width} ${height}`
}

export interface BreadShape {
  /** The side, and over it the face, in millimetres around the middle of the picture. */
  side: string
  face: string
  /** All of them in one outline: a page full of breads is drawn quickly. */
  spots: string
}

/** The numbers of a portrait, laid on a table and looked at from the front. */
export function breadShape(portrait: Portrait): BreadShape {
  const half = portrait.diameter_mm / 2
  const rise = portrait.puffs ? DOME * portrait.diameter_mm : THICKER * portrait.thickness_mm
  const top = portrait.puffs ? DOME_TOP : 1
  const at = (share: number, index: number, lift: number): [number, number] => {
    const round = (2 * Math.PI * index) / portrait.rim.length
    return [half * share * Math.cos(round), half * share * Math.sin(round) * TILT - lift]
  }
  const face = portrait.rim.map((share, index) => at(share * top, index, rise / 2))
  const foot = portrait.rim.map((share, index) => at(share, index, -rise / 2))
  return {
    side: smooth(hull([...face, ...foot])),
    face: smooth(face),
    spots: portrait.spots
      .map(([x = 0, y = 0, wide = 0]) => round(x * half * top, y * half * TILT * top - rise / 2, wide * half))
      .join(''),
  }
}

/** A round spot, foreshortened as the bread is. */
function round(x: number, y: number, radius: number): string {
  const [wide, high] = [round2(radius), round2(radius * TILT)]
  return `M${round2(x - radius)} ${round2(y)}a${wide} ${high} 0 1 0 ${2 * wide} 0a${wide} ${high} 0 1 0 ${-2 * wide} 0Z`
}

const round2 = (value: number) => Math.round(value * 100) / 100

/** A closed curve through the middles of its edges, so that no corner shows. */
function smooth(points: [number, number][]): string {
  const middle = (one: [number, number], other: [number, number]) =>
    `${round2((one[0] + other[0]) / 2)} ${round2((one[1] + other[1]) / 2)}`
  const first = points[0]
  const last = points.at(-1)
  if (!first || !last) return ''
  const curves = points.map((point, index) => {
    const next = points[(index + 1) % points.length] ?? first
    return `Q${round2(point[0])} ${round2(point[1])} ${middle(point, next)}`
  })
  return `M${middle(last, first)}${curves.join('')}Z`
}

/** The smallest outline around all points, by Andrew's monotone chain. */
function hull(points: [number, number][]): [number, number][] {
  const sorted = [...points].sort((one, other) => one[0] - other[0] || one[1] - other[1])
  const half = (from: [number, number][]) => {
    const chain: [number, number][] = []
    for (const point of from) {
      while (chain.length > 1 && !turnsLeft(chain.at(-2), chain.at(-1), point)) chain.pop()
      chain.push(point)
    }
    return chain.slice(0, -1)
  }
  return [...half(sorted), ...half(sorted.reverse())]
}

function turnsLeft(
  a: [number, number] = [0, 0],
  b: [number, number] = [0, 0],
  c: [number, number] = [0, 0],
): boolean {
  return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]) > 0
}
