import type { Plan } from '@/api/types'
import { clock } from '@/ui/units'

/** What the bread meets besides the griddle, in words. */
export function finishOf(plan: { griddle: Pick<Plan['griddle'], 'finish' | 'finish_seconds'> }): string {
  const time = clock(plan.griddle.finish_seconds)
  const words: Record<Plan['griddle']['finish'], string> = {
    none: '',
    covered: 'Covered all the while.',
    oven: `Then ${time} in the oven.`,
    flame: 'Then over the flame for the puff.',
    broiler_then_oven: `Then ${time} under the broiler and in the oven.`,
  }
  return words[plan.griddle.finish]
}
