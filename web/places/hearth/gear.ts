import type { Gear, GearChange, HeatTest } from '@/api/types'

export const METALS: { value: NonNullable<GearChange['metal']>; label: string }[] = [
  { value: 'cast_iron', label: 'Cast iron' },
  { value: 'steel', label: 'Steel' },
  { value: 'aluminium', label: 'Aluminium' },
  { value: 'clay', label: 'Clay' },
  { value: 'stone', label: 'Stone' },
]

export const BURNERS: { value: NonNullable<GearChange['burner']>; label: string }[] = [
  { value: 'home', label: 'No, I turn it up a little when it cools' },
  { value: 'steady', label: 'No, and I leave it' },
  { value: 'regulated', label: 'Yes, a thermostat' },
]

export const STRENGTHS: { value: 'usual' | 'known'; label: string }[] = [
  { value: 'usual', label: 'I do not know' },
  { value: 'known', label: 'I know its power' },
]

/** The same as a card tells it. */
export const FLAMES: typeof BURNERS = [
  { value: 'home', label: 'On a plain hob' },
  { value: 'steady', label: 'Over a flame that is left alone' },
  { value: 'regulated', label: 'With a thermostat' },
]

export const TESTS: { id: HeatTest; name: string }[] = [
  { id: 'drop_sits', name: 'A drop lies and boils slowly' },
  { id: 'drop_sizzles', name: 'A drop sizzles away' },
  { id: 'drop_dances', name: 'A drop dances in beads' },
  { id: 'flour_tans_slowly', name: 'Flour tan after a minute' },
  { id: 'flour_tans', name: 'Flour tan after half a minute' },
  { id: 'flour_browns_fast', name: 'Flour brown in 15 seconds' },
  { id: 'flour_smokes', name: 'Flour smokes at once' },
]

/** A tool as it can be changed. */
export function changeOf(gear: Gear): GearChange {
  const request = { ...gear.request }
  delete request.preheat_seconds
  return { version: gear.version, kind: gear.kind, name: gear.name, ...request }
}

export function newGriddle(): GearChange {
  return {
    version: 0,
    kind: 'griddle',
    name: '',
    shape: 'round',
    diameter_mm: 300,
    metal: 'cast_iron',
    thickness_mm: 5,
    burner: 'home',
  }
}

/** Of a round griddle only the diameter is told, of a rectangle only its sides. */
export function tidied(change: GearChange): GearChange {
  const tidy = { ...change, name: change.name.trim() }
  if (tidy.shape === 'rectangle') delete tidy.diameter_mm
  else {
    delete tidy.width_mm
    delete tidy.depth_mm
  }
  return tidy
}

/** The size of a tool in words, by its kind. */
export function sizeOf(gear: Gear, text: (value: number, unit: 'mm' | 'g') => string): string {
  const { diameter_mm, width_mm, depth_mm, resolution_grams, count } = gear.request
  if (resolution_grams !== undefined) return `in steps of ${text(resolution_grams, 'g')}`
  if (diameter_mm !== undefined)
    return `${text(diameter_mm, 'mm')} across${(count ?? 1) > 1 ? `, ${count} of them` : ''}`
  return `${text(width_mm ?? 0, 'mm')} × ${text(depth_mm ?? 0, 'mm')}`
}
