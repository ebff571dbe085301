import type { Section } from '@/api/types'
import { turnsOver } from '@/ui/touches'

/** Which face lies on the metal, from when to when. Off the metal once lifted. */
export interface Span {
  from: number
  until: number
  face: 'first' | 'second' | 'off'
}

export function spansOf(section: Section): Span[] {
  const spans: Span[] = []
  let from = 0
  let second = false
  for (const touch of section.touches) {
    spans.push({ from, until: touch.at_seconds, face: second ? 'second' : 'first' })
    from = touch.at_seconds
    if (turnsOver(touch.action)) second = !second
  }
  if (section.seconds > section.lifted_at_seconds + 0.5)
    spans.push({ from: section.lifted_at_seconds, until: section.seconds, face: 'off' })
  return spans
}

/** The temperatures at one time, between two moments by a straight line; within a touch as it stood after it. */
export function profileAt(section: Section, seconds: number): number[] {
  const next = section.times.findIndex(time => time > seconds)
  const after = next === -1 ? section.times.length - 1 : next
  const before = Math.max(0, after - 1)
  const from = section.times[before] ?? 0
  const until = section.times[after] ?? from
  const share = until > from ? Math.min(1, Math.max(0, (seconds - from) / (until - from))) : 1
  const earlier = section.celsius[before] ?? []
  const later = section.celsius[after] ?? []
  return earlier.map((celsius, layer) => celsius + share * ((later[layer] ?? celsius) - celsius))
}

/** The picture's cells in columns of equal width, as shares of width and height. */
export function cellsOf(
  section: Section,
  columns: number,
): { x: number; y: number; width: number; height: number; celsius: number }[] {
  const edges = section.layer_edges
  return Array.from({ length: columns }, (_, column) =>
    profileAt(section, ((column + 0.5) / columns) * section.seconds).map((celsius, layer) => ({
      x: column / columns,
      // The face that was laid first is drawn below.
      y: 1 - (edges[layer + 1] ?? 1),
      width: 1 / columns,
      height: (edges[layer + 1] ?? 1) - (edges[layer] ?? 0),
      celsius,
    })),
  ).flat()
}

/** Ticks of a time axis, at kitchen numbers of seconds. */
export function ticksOf(seconds: number, most = 8): number[] {
  const step = [5, 10, 15, 20, 30, 60, 120, 300, 600].find(one => seconds / one <= most) ?? 900
  return Array.from({ length: Math.floor(seconds / step) + 1 }, (_, index) => index * step)
}
