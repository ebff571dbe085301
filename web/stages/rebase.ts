import type { PlanRequest } from '@/api/types'

/**
 * A cook's change put on top of what another made of the same batch meanwhile: what this cook touched is as this cook has it,
 * all else as the other left it.
 */
export function rebase(before: PlanRequest, mine: PlanRequest, theirs: PlanRequest): PlanRequest {
  const fields = new Set([...Object.keys(before), ...Object.keys(mine), ...Object.keys(theirs)]) as Set<
    keyof PlanRequest
  >
  const merged = [...fields].map((field): [string, unknown] => [
    field,
    same(before[field], mine[field]) ? theirs[field] : mine[field],
  ])
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined)) as PlanRequest
}

/** Whether two parts of a request say the same. */
export function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other)
}
