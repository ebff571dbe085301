import type { OwnTurns } from '@/api/types'

export type TouchAction = OwnTurns['touches'][number]['action']

/** What is done to a bread on the griddle, as it is called out. */
export const TOUCH_WORDS: Record<TouchAction, string> = {
  turn: 'Turn',
  press: 'Turn and press',
  press_down: 'Press',
  wet: 'Wet',
  brush: 'Brush',
  lift: 'Lift',
}

/** Whether the other face comes to lie below. */
export function turnsOver(action: TouchAction): boolean {
  return action === 'turn' || action === 'press'
}
