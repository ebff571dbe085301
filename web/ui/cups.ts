import type { Kitchen } from '@/api/types'

export type Cup = NonNullable<Kitchen['cup']>

export type SpoonSet = NonNullable<Kitchen['spoon']>

export const SPOONS: { value: SpoonSet; label: string }[] = [
  { value: 'us', label: 'US, 14.8 and 4.9 mL' },
  { value: 'metric', label: 'Metric, 15 and 5 mL' },
  { value: 'au', label: 'Australian, 20 and 5 mL' },
]

export const CUPS: { value: Cup; label: string }[] = [
  { value: 'us', label: 'US, 237 mL' },
  { value: 'metric', label: 'Metric, 250 mL' },
]
