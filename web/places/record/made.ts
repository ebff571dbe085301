import type { Batch } from '@/api/types'
import { eventWords } from '@/ui/eventWords'
import type { useUnits } from '@/ui/units'

export interface Row {
  what: string
  planned: string
  done: string
}

type Text = ReturnType<typeof useUnits>['text']

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1)

/** A batch that is over, planned against done, in the order of the work; what was not done or not said has no row. */
export function plannedAndDone(batch: Batch, text: Text): Row[] {
  const { plan, state } = batch
  const rows: (Row | null)[] = [
    row('Water', text(plan.water.grams.value, 'g'), state.bowl.water_grams, value => text(value, 'g')),
    row(
      'Hydration',
      text(plan.water.hydration_percent.value, 'percent'),
      state.bowl.hydration_percent,
      value => text(value, 'percent'),
    ),
    state.bowl.feel ? { what: 'Feel', planned: 'Ready', done: capital(state.bowl.feel) } : null,
    row('Dough', text(plan.mix.celsius.value, 'celsius'), state.bowl.celsius, value =>
      text(value, 'celsius'),
    ),
    {
      what: 'Pieces',
      planned: `${plan.portion.count} × ${text(plan.portion.piece_grams.value, 'g')}`,
      done: `${state.portion.count} × ${text(state.bowl.piece_grams, 'g')}`,
    },
    state.portion.spread_percent === null
      ? null
      : {
          what: 'Evenness',
          planned: 'as even as the scale',
          done: `± ${text(state.portion.spread_percent, 'percent')}`,
        },
    row('Griddle, empty', text(plan.griddle.tool.celsius, 'celsius'), state.griddle.read.empty, value =>
      text(value, 'celsius'),
    ),
    row(
      'Griddle, under bread',
      text(plan.griddle.stride?.bare_celsius ?? plan.griddle.surface_celsius.value, 'celsius'),
      state.griddle.read.under_bread,
      value => text(value, 'celsius'),
    ),
    touches(batch),
  ]
  return rows.filter(one => one !== null)
}

function row(
  what: string,
  planned: string,
  done: number | null,
  said: (value: number) => string,
): Row | null {
  return done === null || done === 0 ? null : { what, planned, done: said(done) }
}

function touches(batch: Batch): Row | null {
  const { on_time, early, late } = batch.state.griddle.kept
  const all = on_time + early + late
  return all === 0
    ? null
    : {
        what: 'Turns and lifts',
        planned: 'each in its time',
        done: `${on_time} of ${all} in time, ${early} early, ${late} late`,
      }
}

/** The log as people read it: who did what when. */
export function logOf(
  batch: Batch,
  cooks: { id: string; name: string }[],
  text: Text,
): { id: string; at: string; who: string; what: string }[] {
  const names = new Map(batch.plan.ledger.map(line => [line.ingredient, line.name]))
  return (batch.events ?? []).map(event => ({
    id: event.id,
    at: event.at,
    who: cooks.find(cook => cook.id === event.cook)?.name ?? '',
    what: eventWords(event, names, text),
  }))
}
