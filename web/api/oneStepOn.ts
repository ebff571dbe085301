import type { Slide } from '@/ui/slid'

type Path = string[]

/** Finer than any step of a fader, coarser than what floats leave of it. */
const DIGITS = 6

/**
 * What will be asked if the fader that made `now` of `before` goes one step on the same way; null where it cannot go on, or where
 * it is not just one number that it changed or brought.
 */
export function oneStepOn<Question>(before: Question, now: Question, slide: Slide): Question | null {
  if (slide.next === null || slide.to === slide.from) return null
  const were = new Map(leaves(before).map(([path, value]) => [path.join('/'), value]))
  const [changed, ...others] = leaves(now).filter(([path, value]) => were.get(path.join('/')) !== value)
  if (!changed || others.length > 0) return null
  const [path, value] = changed
  const stepped = steppedOn(were.get(path.join('/')), value, { ...slide, next: slide.next })
  return stepped === null ? null : withLeaf(now, path, stepped)
}

/** The number that follows; one that a question says in another unit than its fader moves in proportion. */
function steppedOn(before: unknown, now: unknown, slide: Slide & { next: number }): number | null {
  if (now === slide.to) return slide.next
  if (typeof before !== 'number' || typeof now !== 'number') return null
  return Number((now + ((now - before) * (slide.next - slide.to)) / (slide.to - slide.from)).toFixed(DIGITS))
}

function leaves(part: unknown, path: Path = []): [Path, unknown][] {
  if (typeof part !== 'object' || part === null) return part === undefined ? [] : [[path, part]]
  return Object.entries(part).flatMap(([key, value]) => leaves(value, [...path, key]))
}

function withLeaf<Part>(part: Part, [key, ...rest]: Path, value: number): Part {
  if (key === undefined) return value as Part
  const copy = (Array.isArray(part) ? [...(part as unknown[])] : { ...part }) as Record<string, unknown>
  copy[key] = withLeaf(copy[key], rest, value)
  return copy as Part
}
