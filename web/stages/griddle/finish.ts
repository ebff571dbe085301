import type { Plan } from '@/api/types'
import { duration } from '@/ui/units'

/** What the bread meets besides the griddle, in words. */
export function finishOf(plan: {
  griddle: Pick<Plan['griddle'], 'finish' | 'finish_seconds' | 'finish_rounds'>
}): string {
  const time = duration(plan.griddle.finish_seconds)
  const rounds = plan.griddle.finish_rounds ?? []
  if (rounds.length) {
    const told = rounds.map(one => `${roundWords(one.what).toLowerCase()} for ${duration(one.seconds)}`)
    return `Then ${told.join(', ')}.`
  }
  const words: Record<Plan['griddle']['finish'], string> = {
    none: '',
    covered: 'Covered all the while.',
    oven: `Then ${time} in the oven.`,
    flame: 'Then over the flame for the puff.',
    broiler_then_oven: `Then ${time} under the broiler and in the oven.`,
  }
  return words[plan.griddle.finish]
}

type Round = NonNullable<Plan['griddle']['finish_rounds']>[number]['what']

/** One round after the griddle, as the act that it is. */
export function roundWords(what: Round): string {
  const words: Record<Round, string> = {
    broiler: 'Under the broiler',
    oven: 'Into the oven',
    topped: 'Topped, into the oven again',
  }
  return words[what]
}
