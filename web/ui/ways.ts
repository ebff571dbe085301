import type { Plan } from '@/api/types'

export type Way = Plan['ledger'][number]['goes_in']

/** How a line comes into the dough, in the order of the work. */
export const WAYS: { value: Way; label: string }[] = [
  { value: 'dry', label: 'with the dry' },
  { value: 'rubbed_in', label: 'rubbed in' },
  { value: 'in_the_water', label: 'in the water' },
  { value: 'warm', label: 'warmed' },
  { value: 'melted', label: 'melted' },
  { value: 'browned', label: 'browned' },
  { value: 'whisked', label: 'whisked' },
  { value: 'in_stages', label: 'in three goes' },
  { value: 'kneaded_in', label: 'kneaded in' },
  { value: 'at_the_end', label: 'at the end' },
]

/** Of a line that does not go into the bowl with the flour, how it goes; nothing for the others. */
export function wayWords(way: Way | undefined): string {
  return way === undefined || way === 'dry' ? '' : (WAYS.find(one => one.value === way)?.label ?? '')
}
