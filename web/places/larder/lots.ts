import type { Lot, LotChange, Unit } from '@/api/types'
import { toLocal } from '@/bench/serving'
import { day } from '@/bench/batches'

/** A bag as a change to send: everything but its identifier, at the version that was seen. */
export function changeOf(lot: Lot): LotChange {
  const told: (keyof Lot)[] = ['id', 'water', 'archived', 'is_past', 'left_grams']
  return Object.fromEntries(
    Object.entries(lot).filter(([field]) => !told.includes(field as keyof Lot)),
  ) as LotChange
}

export function newLot(ingredient: string): LotChange {
  return {
    version: 0,
    ingredient,
    label: '',
    certified_gluten_free: false,
    bought_on: null,
    opened_on: null,
    emptied_on: null,
    price_per_kg: null,
    grams: null,
    notes: null,
    set_aside: false,
    starts_anew: false,
    best_before: null,
    weighed_grams: null,
    weighed_at: null,
  }
}

/** Days of the calendar as the core wants them: nothing rather than an empty text. */
export function tidied(change: LotChange): LotChange {
  return {
    ...change,
    bought_on: change.bought_on || null,
    opened_on: change.opened_on || null,
    emptied_on: change.emptied_on || null,
    best_before: change.best_before || null,
    notes: change.notes?.trim() || null,
  }
}

/** Bags that are open first, the newest of them first; empty ones last. */
export function inOrder(lots: Lot[]): Lot[] {
  const rank = (lot: Lot) => (lot.emptied_on ? 2 : lot.opened_on ? 0 : 1)
  return [...lots].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      (b.opened_on ?? '').localeCompare(a.opened_on ?? '') ||
      a.label.localeCompare(b.label),
  )
}

/** A day without a time is that day in every time zone. */
export const onDay = (date: string) => day(`${date}T12:00`)

/** The day that it is here, as the calendar of the core has it. */
export const today = (): string => toLocal(new Date()).slice(0, 10)

/** What is left of what was bought; of an empty one just the latter. */
function contents(lot: Lot, text: (value: number, unit: Unit) => string): string {
  const bought = lot.grams === null ? '' : text(lot.grams, 'g')
  if (lot.left_grams === null || lot.emptied_on) return bought
  const left = `${text(lot.left_grams, 'g')} left`
  return bought ? `${left} of ${bought}` : left
}

/** What has become of a bag, in one line: what is left, bought, opened, emptied. */
export function historyOf(lot: Lot, text: (value: number, unit: Unit) => string): string {
  const said = [
    contents(lot, text),
    lot.bought_on ? `bought ${onDay(lot.bought_on)}` : '',
    lot.opened_on ? `open since ${onDay(lot.opened_on)}` : '',
    lot.emptied_on ? `empty since ${onDay(lot.emptied_on)}` : '',
  ].filter(Boolean)
  return said.join(', ')
}
