import { onScopeDispose, ref, shallowRef } from 'vue'
import type { LineDevice } from './lines'
import { parseHeatLine, watchHeat } from './thermometer'

/** A thermometer or probe in use: which one, and what it shows; null while it shows nothing. */
export function useHeat(parse = parseHeatLine, taken: (celsius: number) => void = () => undefined) {
  const device = shallowRef<LineDevice | null>(null)
  const celsius = ref<number | null>(null)
  let stop: (() => void) | null = null
  onScopeDispose(() => stop?.())

  function use(chosen: LineDevice | null) {
    if (!chosen) return
    device.value = chosen
    stop = watchHeat(
      chosen,
      reading => {
        celsius.value = reading.celsius
        if (reading.celsius !== null) taken(reading.celsius)
      },
      parse,
    )
  }

  function leave() {
    stop?.()
    stop = null
    device.value = null
    celsius.value = null
  }

  return { device, celsius, use, leave }
}
