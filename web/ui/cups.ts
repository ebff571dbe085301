import type { Kitchen } from '@/api/types'

export type Cup = NonNullable<Kitchen['cup']>

export const CUPS: { value: Cup; label: string }[] = [
  { value: 'us', label: 'US, 237 mL' },
  { value: 'metric', label: 'Metric, 250 mL' },
]
