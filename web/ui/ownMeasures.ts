import { useLocalStorage } from '@vueuse/core'
import { CUPS, SPOONS, type Cup, type SpoonSet } from './cups'

/** Whose cups and spoons somebody measures with: those of the kitchen, or a set of their own. */
export const ownCup = useLocalStorage<Cup | 'kitchen'>('mill.cup', 'kitchen')
export const ownSpoon = useLocalStorage<SpoonSet | 'kitchen'>('mill.spoon', 'kitchen')

const KITCHEN = { value: 'kitchen' as const, label: "The kitchen's" }
export const OWN_CUPS = [KITCHEN, ...CUPS]
export const OWN_SPOONS = [KITCHEN, ...SPOONS]

/** What somebody measures with in a kitchen; null where nobody said. */
export function measuresOf(kitchen: { cup: Cup | null; spoon: SpoonSet | null } | null): {
  cup: Cup | null
  spoon: SpoonSet | null
} {
  return {
    cup: ownCup.value === 'kitchen' ? (kitchen?.cup ?? null) : ownCup.value,
    spoon: ownSpoon.value === 'kitchen' ? (kitchen?.spoon ?? null) : ownSpoon.value,
  }
}
