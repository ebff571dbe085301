import { watchDebounced } from '@vueuse/core'
import { computed, watch } from 'vue'
import { api, Refusal, Unreachable } from '@/api/client'
import type { Profile } from '@/api/types'
import { forgetPrepared } from './begin'
import { own } from './person'
import { useHouse } from './house'
import { useAppearance } from '@/ui/appearance'
import { ownCup, ownSpoon } from '@/ui/ownMeasures'
import { hours } from '@/ui/timeOfDay'
import { useUnits } from '@/ui/units'
import { weekStart } from '@/ui/week'

const SETTLES_MS = 800
const UNTOLD = 'profile'

/**
 * How somebody reads units and sees the pages goes along with them: what the house knows is shown on each device, and what is changed on
 * one is told to the house. A device that nobody has signed in on keeps its own.
 */
export function useProfile(): void {
  const house = useHouse()
  const appearance = useAppearance()
  const units = useUnits()
  let known = ''

  const shown = (): Profile => ({
    ...units.choice,
    clock: hours.value,
    week_start: weekStart.value,
    cup: ownCup.value,
    spoon: ownSpoon.value,
    ...(appearance.chosenTheme && { theme: appearance.chosenTheme }),
    view: appearance.view,
    muted: appearance.muted,
    spoken: appearance.spoken,
    simulated: appearance.simulated,
  })
  const now = computed(() => JSON.stringify(shown()))

  function show({
    mass,
    temperature,
    length,
    energy,
    clock,
    week_start,
    cup,
    spoon,
    theme,
    ...looks
  }: Profile) {
    if (clock) hours.value = clock
    if (week_start) weekStart.value = week_start
    if (cup) ownCup.value = cup
    if (spoon) ownSpoon.value = spoon
    Object.assign(units.choice, {
      ...(mass && { mass }),
      ...(temperature && { temperature }),
      ...(length && { length }),
      ...(energy && { energy }),
    })
    if (theme) appearance.chosenTheme = theme
    Object.assign(appearance, looks)
  }

  watch(
    () => house.session?.user?.id,
    id => {
      if (!id) return
      // What was changed here and not told yet is newer than what the house knows.
      const untold = localStorage.getItem(own(UNTOLD))
      show(untold ? (JSON.parse(untold) as Profile) : (house.session?.user?.profile ?? {}))
      known = untold ? '' : now.value
      if (untold) void tell(now.value)
    },
    { immediate: true },
  )
  const isNew = () => Boolean(house.session?.user) && now.value !== known
  watch(now, value => {
    if (isNew()) localStorage.setItem(own(UNTOLD), value)
  })
  watchDebounced(
    now,
    value => {
      if (isNew()) void tell(value)
    },
    { debounce: SETTLES_MS },
  )

  async function tell(said: string) {
    try {
      await api.keepProfile(JSON.parse(said) as Profile)
      known = said
      // What a batch would begin with is told by the cook's own cup.
      forgetPrepared()
      if (localStorage.getItem(own(UNTOLD)) === said) localStorage.removeItem(own(UNTOLD))
    } catch (failure) {
      // It stays on this device, and is told on the next visit.
      if (!(failure instanceof Unreachable || failure instanceof Refusal)) throw failure
    }
  }
}
