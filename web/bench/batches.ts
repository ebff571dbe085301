import type { Verdict } from '@/api/types'

export const PLIABILITY: Record<NonNullable<Verdict['pliability']>, string> = {
  shatters: 'Shatters',
  cracks_when_folded: 'Cracks when folded',
  folds: 'Folds',
  wraps: 'Wraps',
  limp: 'Limp',
}

export const PUFF: Record<NonNullable<Verdict['puff']>, string> = {
  none: 'No puff',
  patches: 'Puffed in patches',
  full: 'Full puff',
}

const AMOUNT: Record<NonNullable<Verdict['cracks']>, string> = { none: 'no', some: 'some', much: 'many' }

/** How a batch came out, in a line. */
export function inShort(verdict: Verdict): string {
  const troubles = [
    verdict.cracks && verdict.cracks !== 'none' ? `${AMOUNT[verdict.cracks]} cracks` : '',
    verdict.sticking && verdict.sticking !== 'none' ? `${verdict.sticking} sticking` : '',
    verdict.pieces_lost ? `${verdict.pieces_lost} lost` : '',
  ].filter(Boolean)
  const head = [
    verdict.pliability ? PLIABILITY[verdict.pliability] : '',
    verdict.puff && verdict.puff !== 'none' ? PUFF[verdict.puff].toLowerCase() : '',
  ].filter(Boolean)
  // What was made before the house was there may say no more than this.
  const again = verdict.again === undefined ? '' : verdict.again ? 'to make again' : 'not like that again'
  const score = verdict.score === null ? '' : `Score ${verdict.score}`
  const said =
    [head.join(', '), troubles.join(', '), again].filter(Boolean).join('; ') ||
    (verdict.cracks === null ? score || 'Little was told' : 'No trouble')
  return said.charAt(0).toUpperCase() + said.slice(1)
}

const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const

/** A day as all pages write it: by its weekday in this year, by its year before. */
export function day(moment: string): string {
  const date = new Date(moment)
  const inYear = `${date.getDate()} ${MONTHS[date.getMonth()]}`
  return date.getFullYear() === new Date().getFullYear()
    ? `${WEEKDAYS[date.getDay()]} ${inYear}`
    : `${inYear} ${date.getFullYear()}`
}
