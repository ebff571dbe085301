import type { Unit } from '@/api/types'
import { useUnits } from './units'

/** A number that is compared with another: a dash where there is none, and whole points of an index. */
export function useTold() {
  const units = useUnits()
  return (value: number | null, unit: Unit | null) =>
    value === null ? '–' : unit === 'index' ? String(Math.round(value)) : units.text(value, unit)
}
