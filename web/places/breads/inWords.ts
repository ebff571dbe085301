import type { Kitchen, PlanRequest, ReadFormula } from '@/api/types'
import { withOwn } from '@/ui/formula'

/** What was read, as a bread of this style; pieces are as many as the text says, or as is usual. */
export function requestOf(read: ReadFormula, style: string, kitchen: Kitchen | null): PlanRequest {
  const usual = kitchen?.styles.find(one => one.id === style)
  const request: PlanRequest = {
    style,
    formula: {
      lines: read.formula.lines,
      ...(read.formula.extras.length ? { extras: read.formula.extras } : {}),
    },
    pieces: {
      count: read.count ?? usual?.piece_count ?? 8,
      ...(usual ? { thickness_mm: usual.thickness_mm } : {}),
    },
    ...(read.water_celsius === null ? {} : { water: { celsius: read.water_celsius } }),
  }
  return withOwn(request, kitchen?.own_ingredients ?? [])
}
