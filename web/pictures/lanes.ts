import type { Plan } from '@/api/types'
import { timeOfDay } from '@/ui/timeOfDay'

export interface Bar {
  from: number
  until: number
  tone: 'hands' | 'griddle' | 'wait'
  title: string
}

export interface Lane {
  name: string
  /** What holds the batch up. */
  isBottleneck: boolean
  bars: Bar[]
}

type Action = Plan['line']['actions'][number]

/** The plan's actions sorted into lanes: what waits by itself, each pair of hands, each place on the griddle. */
export function lanesOf(plan: Plan): Lane[] {
  const actions = plan.line.actions
  const waiting = actions.filter(action => action.hands === null).map(action => bar(action, 'wait'))
  const pairs = Array.from({ length: plan.line.hands }, (_, index) => index + 1)
  const places = [...new Set(actions.flatMap(action => (action.place === null ? [] : [action.place])))].sort(
    (a, b) => a - b,
  )
  return [
    { name: 'Waiting', isBottleneck: false, bars: waiting },
    ...pairs.map(pair => ({
      name: plan.line.hands === 1 ? 'Hands' : `Hands ${pair}`,
      isBottleneck: plan.line.bottleneck.by === 'hands',
      bars: actions.filter(action => action.hands === pair).map(action => bar(action, 'hands')),
    })),
    ...places.map(place => ({
      name: `Place ${place}`,
      isBottleneck: plan.line.bottleneck.by === 'griddle',
      bars: stays(actions, place),
    })),
  ]
}

/** When work with the pieces begins: the part of a long day that is worth a closer look. */
export function cookingFrom(plan: Plan): number {
  const first = plan.line.actions.find(action => action.piece !== null)
  return first?.at_seconds ?? 0
}

/** Whole steps of the clock that are not too close to read. */
export function ticksOf(start: string, lengthSeconds: number): { seconds: number; label: string }[] {
  const step =
    [300, 600, 900, 1800, 3600, 7200, 14400, 43200].find(candidate => lengthSeconds / candidate <= 9) ?? 86400
  const from = Date.parse(start) / 1000
  const ticks = []
  for (let at = Math.ceil(from / step) * step; at <= from + lengthSeconds; at += step) {
    const label = timeOfDay(at * 1000)
    ticks.push({ seconds: at - from, label })
  }
  return ticks
}

/** From lay to lift, each piece holds its place. */
function stays(actions: Action[], place: number): Bar[] {
  return actions
    .filter(action => action.place === place && action.kind === 'lay')
    .map(lay => {
      const lift = actions.find(action => action.piece === lay.piece && action.kind === 'lift')
      return {
        from: lay.at_seconds,
        until: lift?.until_seconds ?? lay.until_seconds,
        tone: 'griddle' as const,
        title: `Piece ${lay.piece}`,
      }
    })
}

function bar(action: Action, tone: Bar['tone']): Bar {
  const piece = action.piece === null ? '' : ` piece ${action.piece}`
  return { from: action.at_seconds, until: action.until_seconds, tone, title: `${action.kind}${piece}` }
}
