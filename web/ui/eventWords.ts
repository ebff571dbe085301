import type { BatchEvent, Unit } from '@/api/types'

type Text = (value: number, unit: Unit | null) => string

/** Steps on the way into the dough, as something that is done. */
const STEPS: Record<string, string> = {
  brown: 'browning',
  melt: 'melting',
  warm: 'warming',
  dry: 'whisking the dry',
  rub: 'rubbing in',
  whisk: 'whisking',
  bloom: 'waking the yeast',
  dissolve: 'dissolving',
  rain: 'raining in the flour',
  wet: 'stirring in the wet',
  stages: 'adding in goes',
  together: 'mixing',
  'knead-in': 'kneading in',
  end: 'folding in',
  brush: 'brushing',
  'serve-with': 'serving',
  wrap: 'wrapping',
  fold: 'folding',
  stand: 'standing',
  split: 'splitting',
  stuff: 'filling',
  bake: 'baking it topped',
  cut: 'cutting',
  crisp: 'baking it crisp',
}
const lower = (name: string) => name.charAt(0).toLowerCase() + name.slice(1)

/** An entry of the log in a few words, in the cook's own units. */
export function eventWords(event: Partial<BatchEvent>, names: Map<string, string>, text: Text): string {
  const grams = event.grams === undefined ? '' : text(event.grams, 'g')
  const celsius = event.celsius === undefined ? '' : text(event.celsius, 'celsius')
  const piece = `piece ${event.piece ?? ''}`
  switch (event.kind) {
    case 'measured':
    case 'extra_weighed':
      return `${grams} ${lower(names.get(event.ingredient ?? '') ?? event.ingredient ?? '')}`
    case 'step_begun':
      return `beginning of ${STEPS[event.step ?? ''] ?? 'a step'}`
    case 'step_done':
      return `${STEPS[event.step ?? ''] ?? 'a step'}: done`
    case 'poured':
      return `pouring ${grams}`
    case 'felt':
      return `feel: ${event.grade ?? ''}`
    case 'corrected':
      return `correction of ${text((event.water_grams ?? 0) + (event.flour_grams ?? 0), 'g')}`
    case 'temperature_taken':
      return `dough read at ${celsius}`
    case 'surface_taken':
      return `metal read at ${celsius}`
    case 'centre_taken':
      return `${piece} read at ${celsius}`
    case 'knead_started':
      return 'beginning of the kneading'
    case 'rest_started':
      return 'beginning of the rest'
    case 'second_rest_started':
      return 'beginning of the second rest'
    case 'growth_seen':
      return `dough grown to ${text(event.growth ?? 1, 'share')}`
    case 'scale_set':
      return `bowl on the scale, ${grams}`
    case 'portioned':
      return `scale down to ${grams}`
    case 'laid':
      return `laying ${piece}`
    case 'turned':
      return `turning ${piece}`
    case 'wetted':
      return `wetting ${piece}`
    case 'brushed':
      return `brushing ${piece}`
    case 'pressed':
      return `pressing ${piece}`
    case 'lifted':
      return `lifting ${piece}`
    case 'sign_seen':
      return `${piece} looked ${(event.sign ?? '').replaceAll('_', ' ')}`
    case 'paused':
      return 'pause'
    case 'resumed':
      return 'end of the pause'
    case 'oven_in':
      return 'putting it into the oven'
    case 'oven_out':
      return 'taking it out of the oven'
    case 'disc_measured':
      return `disc ${text(event.diameter_mm ?? 0, 'mm')} wide`
    case 'stacked':
      return grams ? `stack of ${grams}` : 'stacking'
    case 'noted':
      return event.text ? `note: ${event.text}` : 'note'
    case 'fault_seen':
      return `seen: ${(event.symptom ?? '').replaceAll('_', ' ')}`
    case 'remedied':
      return `remedy against ${(event.symptom ?? '').replaceAll('_', ' ')}`
    case 'entered':
      return `to ${event.stage ?? ''}`
    case 'undone':
      return 'taken back'
    default:
      return 'last entry'
  }
}
