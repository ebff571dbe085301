import type { Lot, LotChange, Unit } from '@/api/types'
import { day } from '../batches'

/** A bag as a change to send: everything but its identifier, at the version that was seen. */
export function changeOf(lot: Lot): LotChange {
  const change: LotChange & { id?: string; water?: Lot['water']; archived?: boolean } = { ...lot }
  delete change.id
  delete change.water
  delete change.archived
  return change
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
  }
}

/** Days of the calendar as the core wants them: nothing rather than an empty text. */
export function tidied(change: LotChange): LotChange {
  return {
    ...change,
    bought_on: change.bought_on || null,
    opened_on: change.opened_on || null,
    emptied_on: change.emptied_on || null,
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

/** What has become of a bag, in one line: bought, opened, emptied. */
/** A day without a time is that day in every time zone. */
const onDay = (date: string) => day(`${date}T12:00`)

export function historyOf(lot: Lot, text: (value: number, unit: Unit) => string): string {
  const said = [
    lot.grams === null ? '' : text(lot.grams, 'g'),
    lot.bought_on ? `bought ${onDay(lot.bought_on)}` : '',
    lot.opened_on ? `open since ${onDay(lot.opened_on)}` : '',
    lot.emptied_on ? `empty since ${onDay(lot.emptied_on)}` : '',
  ].filter(Boolean)
  return said.join(', ')
}
