import type { PlanRequest } from '@/api/types'

export type Purpose = NonNullable<PlanRequest['purpose']>

/** What a bread is for, as a cook would say it. */
export const PURPOSES: { value: Purpose; label: string }[] = [
  { value: 'wrap', label: 'To wrap with' },
  { value: 'fold', label: 'To fold' },
  { value: 'fill', label: 'Filled' },
  { value: 'split', label: 'To split and fill' },
  { value: 'dip', label: 'To tear and dip' },
  { value: 'top', label: 'To top and bake' },
  { value: 'crisp', label: 'Crisp, as chips' },
]

export function withPurpose(request: PlanRequest, purpose: Purpose | 'usual'): PlanRequest {
  return { ...request, purpose: purpose === 'usual' ? undefined : purpose }
}
