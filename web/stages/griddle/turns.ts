import type { Plan } from '@/api/types'

export const TURN_NAMES: Record<Plan['method']['turns'], string> = {
  two_turns: 'Two turns',
  three_with_press: 'Three lies, pressed',
  continuous: 'Turned all the time',
  covered_slow: 'Covered and slow',
  brown_then_oven: 'Browned, then oven',
  flame_finish: 'Two turns, then flame',
  broiler_then_oven: 'Broiler, then oven',
}
