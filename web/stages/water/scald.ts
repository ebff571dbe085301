import type { Plan } from '@/api/types'

/** How the water meets the flour in each school. */
export const SCALD_STEPS: Record<Plan['method']['scald'], string> = {
  none: 'Pour it into the flour while you stir.',
  pour_over: 'Pour it boiling over the flour, stir with a spoon, cover.',
  half_in_pot: 'Bring it to the boil, stir half the flour into the pot, then knead in the rest.',
  all_in_pot: 'Bring it to the boil, stir all the flour into the pot, cover off the heat.',
}
