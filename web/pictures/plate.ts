import type { Plan, PlanRequest } from '@/api/types'

export interface Plate {
  round: boolean
  width: number
  depth: number
  /** Round ones: the griddle, or each pan of its own. */
  irons: { x: number; y: number; radius: number }[]
  /** Half as long and half as wide as a piece is. */
  piece: { rx: number; ry: number }
  viewBox: string
}

const RIM = 26

/** The griddle as it is drawn: the one of the request, or, where none is named, one just large enough. */
export function plateOf(plan: Plan, request: PlanRequest): Plate {
  const pan = plan.griddle.pans_mm
  const griddle = pan ? undefined : request.gear?.griddle
  const { diameter_mm, length_share, width_share } = plan.shape
  const piece = { rx: (diameter_mm.value * length_share) / 2, ry: (diameter_mm.value * width_share) / 2 }
  const reach =
    Math.max(...plan.griddle.places.map(({ x, y }) => 2 * Math.hypot(x, y))) + (pan ?? 2 * piece.rx)
  const round = griddle?.shape !== 'rectangle'
  const width = round ? (griddle?.diameter_mm ?? reach) : (griddle.width_mm ?? reach)
  const depth = round ? width : (griddle.depth_mm ?? reach)
  const half = {
    x: Math.max(width, reach * (round ? 1 : 0)) / 2 + RIM,
    y: Math.max(depth, reach * (round ? 1 : 0)) / 2 + RIM,
  }
  const irons = pan
    ? plan.griddle.places.map(place => ({ ...place, radius: pan / 2 }))
    : round
      ? [{ x: 0, y: 0, radius: width / 2 }]
      : []
  return { round, width, depth, irons, piece, viewBox: `${-half.x} ${-half.y} ${2 * half.x} ${2 * half.y}` }
}
