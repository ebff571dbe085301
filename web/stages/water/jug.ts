import type { Plan, Unit } from '@/api/types'

type Text = (value: number, unit: Unit) => string
const FROM = { ice: 'ice', tap: 'from the tap', kettle: 'off the boil' }

/** What goes into the jug for water of that temperature, said as it is poured. */
export function jugOf(parts: Plan['water']['parts'], text: Text): string {
  const said = parts.map(part =>
    part.kind === 'ice'
      ? `${text(part.grams, 'g')} ice`
      : `${text(part.grams, 'g')} ${FROM[part.kind]}${part.kind === 'tap' ? ` at ${text(part.celsius, 'celsius')}` : ''}`,
  )
  const [only] = parts
  if (!only) return ''
  // One source needs no grams: they stand in the heading.
  if (parts.length === 1)
    return only.kind === 'tap'
      ? `all from the tap at ${text(only.celsius, 'celsius')}.`
      : `all ${FROM[only.kind]}.`
  return `${said.slice(0, -1).join(', ')} and ${said.at(-1)}.`
}
