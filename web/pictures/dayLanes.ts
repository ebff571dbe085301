import type { Clash, Day } from '@/api/types'

export interface DayBar {
  from: number
  until: number
}

export interface DayRow {
  id: string
  name: string
  canMove: boolean
  whole: DayBar
  hands: DayBar[]
  griddle: DayBar
}

const bar = (from: string, until: string): DayBar => ({ from: Date.parse(from), until: Date.parse(until) })

/** Every batch of the day as a row: its whole length, when it wants hands, when it wants the griddle; in milliseconds. */
export function rowsOf(day: Day): DayRow[] {
  return day.batches.map(batch => ({
    id: batch.id,
    name: batch.name,
    canMove: batch.can_move,
    whole: bar(batch.starts_at, batch.ready_at),
    hands: batch.blocks.map(block => bar(block.from, block.until)),
    griddle: bar(batch.on_griddle[0] ?? batch.starts_at, batch.on_griddle[1] ?? batch.ready_at),
  }))
}

/** The stretch that holds all rows, and now; nothing where there is no row. */
export function spanOf(rows: DayRow[]): DayBar | null {
  if (!rows.length) return null
  const margin = 10 * 60_000
  return {
    from: Math.min(...rows.map(row => row.whole.from)) - margin,
    until: Math.max(...rows.map(row => row.whole.until)) + margin,
  }
}

export function clashBars(day: Day, batch: string): DayBar[] {
  return day.clashes
    .filter((clash: Clash) => clash.batches.includes(batch))
    .map(clash => bar(clash.from, clash.until))
}
