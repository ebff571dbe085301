import type { Plan, PlanRequest } from '@/api/types'

/** What the found order says, in lines; the numbers are the core's. */
export function lineWords(
  plan: Plan,
  time: (seconds: number) => string,
  own?: PlanRequest['pace'],
): string[] {
  const line = plan.line
  const idle = Math.min(...line.idle_seconds)
  const waits = line.shaped_ahead === 1 ? 'one shaped piece waits' : `${line.shaped_ahead} shaped pieces wait`
  return [
    line.bottleneck.words,
    `The pieces take ${time(line.cooking_seconds)}; no order of work could do it in less than ${time(line.bound_seconds)}.`,
    line.hands === 1
      ? `Your hands are free for ${time(idle)} of it.`
      : `Of ${line.hands} pairs of hands, the busiest is free for ${time(idle)} of it.`,
    line.shaped_ahead > 0 ? `At most ${waits}, for up to ${time(line.pace.dries)} before the rim dries.` : '',
    line.lots.length > 1
      ? `This dough does not wait: it is made in ${line.lots.length} lots of ${line.lots.join(', ')}.`
      : '',
    own?.shape ? `By your last batches, a piece takes you ${time(own.shape)} to shape.` : '',
    line.second_cook_from ? `Another cook saves five minutes from ${line.second_cook_from} pieces on.` : '',
    line.second_griddle_from
      ? `A second griddle saves five minutes from ${line.second_griddle_from} pieces on.`
      : '',
  ].filter(Boolean)
}
