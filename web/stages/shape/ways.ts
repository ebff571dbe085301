import type { Plan, ShapeQuestion } from '@/api/types'

/** The ways in which a dough becomes pieces, as far as the shape stage works them out. */
export type Way = 'disc' | 'cut' | 'stuffed' | 'batter' | 'wedges' | 'sheet'

export const WAYS: { value: Way; label: string }[] = [
  { value: 'disc', label: 'Discs' },
  { value: 'cut', label: 'Cut from a sheet' },
  { value: 'stuffed', label: 'Filled' },
  { value: 'batter', label: 'Batter' },
  { value: 'wedges', label: 'Wedges' },
  { value: 'sheet', label: 'Spread by hand' },
]

export interface Measures {
  cutter: number
  board: number
  filling: number
  filledThickness: number
  pan: number
  rim: number
  other: number
  depth: number
  wedges: number
  sheetWidth: number
  sheetDepth: number
}

/** The way that the method of the formula asks for. */
export function usualWay(plan: Plan): Way {
  const way: Partial<Record<Plan['method']['shape'], Way>> = {
    cutter: 'cut',
    pour: 'batter',
    fingers: 'sheet',
  }
  return way[plan.method.shape] ?? 'disc'
}

export function usualMeasures(plan: Plan, panMillimetres: number | undefined): Measures {
  const thickness = plan.shape.thickness_mm.value
  const pan = Math.round(panMillimetres ?? 240)
  return {
    cutter: Math.round(plan.shape.diameter_mm.value),
    board: 400,
    filling: 45,
    filledThickness: Math.max(5, Math.round(2 * thickness)),
    pan,
    rim: Math.round(pan * 1.15),
    other: pan + 40,
    depth: Math.round(thickness * 10) / 10,
    wedges: 4,
    sheetWidth: 300,
    sheetDepth: 300,
  }
}

/** What is asked of the core for one way. */
export function questionOf(way: Way, measures: Measures): Omit<ShapeQuestion, 'request'> {
  switch (way) {
    case 'cut':
      return { cut: { cutter_mm: Math.min(measures.cutter, measures.board), board_mm: measures.board } }
    case 'stuffed':
      return { stuffed: { filling_percent: measures.filling, thickness_mm: measures.filledThickness } }
    case 'batter':
      return {
        batter: {
          pan: { shape: 'round', base_mm: measures.pan, rim_mm: Math.max(measures.pan, measures.rim) },
          other: { shape: 'round', base_mm: measures.other },
          depth_mm: measures.depth,
        },
      }
    case 'wedges':
      return { wedges: { pan_mm: measures.pan, count: measures.wedges } }
    case 'sheet':
      return { sheet: { width_mm: measures.sheetWidth, depth_mm: measures.sheetDepth } }
    case 'disc':
      return {}
  }
}
