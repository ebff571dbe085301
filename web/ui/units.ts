import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import type { Unit } from '@/api/types'
import { inUnits } from './serverWords'
import { hours, inHours } from './timeOfDay'

export type MassUnit = 'g' | 'oz'
export type TemperatureUnit = 'C' | 'F'
export type LengthUnit = 'mm' | 'in'
export type EnergyUnit = 'both' | 'kJ' | 'kcal'

export interface Choice {
  mass: MassUnit
  temperature: TemperatureUnit
  length: LengthUnit
  energy: EnergyUnit
}

const GRAMS_IN_OUNCE = 28.349523125
const MILLIMETRES_IN_INCH = 25.4
const KILOJOULES_IN_KILOCALORIE = 4.184
const METRIC: Choice = { mass: 'g', temperature: 'C', length: 'mm', energy: 'both' }
const STORED = 'mill.units'

/** Shows a value of the core, which is always SI, in the units the cook reads. */
export function show(value: number, unit: Unit | null, choice: Choice): string {
  switch (unit) {
    case 'g':
      return choice.mass === 'g' ? grams(value) : `${fixed(value / GRAMS_IN_OUNCE, value < 280 ? 2 : 1)} oz`
    case 'celsius':
      return choice.temperature === 'C' ? `${fixed(value, 0)} °C` : `${fixed((value * 9) / 5 + 32, 0)} °F`
    case 'mm':
      return choice.length === 'mm' ? millimetres(value) : `${inches(value / MILLIMETRES_IN_INCH)} in`
    case 'percent':
      return `${fixed(value, value < 10 ? 1 : 0)} %`
    case 'share':
      return `${fixed(value * 100, 0)} %`
    case 's':
      return duration(value)
    case 'min':
      return `${fixed(value, 0)} min`
    case 'points':
      return `${value > 0 ? '+' : ''}${fixed(value, 0)} points`
    case 'h':
      return `${fixed(value, value % 1 ? 1 : 0)} h`
    case 'money':
      return fixed(value, 2)
    case 'kJ':
      return energy(value, choice.energy)
    case 'g/mL':
      return `${fixed(value, 2)} g/mL`
    case 'g/g':
      return `${fixed(value, 2)} g/g`
    default:
      return fixed(value, 0)
  }
}

/** A value beside the limit that it is held against: two that read alike and are not say which side it is on. */
export function against(value: number, limit: number, unit: Unit | null, choice: Choice): string {
  const shown = show(value, unit, choice)
  if (value === limit || shown !== show(limit, unit, choice)) return shown
  return `just ${value < limit ? 'under' : 'over'} ${shown}`
}

/** How far apart two temperatures are, which is another number in °F than a temperature is. */
export function kelvins(value: number, unit: TemperatureUnit): string {
  return unit === 'C' ? `${fixed(value, 0)} °C` : `${fixed((value * 9) / 5, 0)} °F`
}

/** °C of a temperature that was typed in the unit the cook reads. */
export function celsiusFrom(typed: number, unit: TemperatureUnit): number {
  return unit === 'F' ? ((typed - 32) * 5) / 9 : typed
}

/** A temperature in °C as the cook reads it. */
export function celsiusTo(celsius: number, unit: TemperatureUnit): number {
  return unit === 'F' ? (celsius * 9) / 5 + 32 : celsius
}

/** Grams as a number to type in the cook's unit. */
export function massFor(grams: number, unit: MassUnit): number {
  return unit === 'g' ? Number(grams.toFixed(1)) : Number((grams / GRAMS_IN_OUNCE).toFixed(2))
}

export function gramsFrom(typed: number, unit: MassUnit): number {
  return unit === 'g' ? typed : Number((typed * GRAMS_IN_OUNCE).toFixed(2))
}

/** A length of time as people say it: 0:45, 4:38, 13 min, 1 h 05, 14 h. */
export function duration(seconds: number): string {
  const minutes = Math.round(seconds / 60)
  if (seconds < 595) return clock(seconds)
  if (minutes < 60) return `${minutes} min`
  const rest = minutes % 60
  return `${Math.floor(minutes / 60)} h${rest ? ` ${String(rest).padStart(2, '0')}` : ''}`
}

/** A length of time as minutes and seconds, or hours and minutes from an hour on. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds))
  const hours = Math.floor(whole / 3600)
  const minutes = Math.floor((whole % 3600) / 60)
  return hours > 0
    ? `${hours} h ${String(minutes).padStart(2, '0')}`
    : `${minutes}:${String(whole % 60).padStart(2, '0')}`
}

/** A number and its unit are not parted at a line's end. */
export function unparted(text: string): string {
  return text.replace(
    /(?<=\d) (?=(?:k?g|oz|mm|cm|in|min|h|kJ|kcal|m?L|tsp|tbsp|points)\b|[%°])|(?<=\d h) (?=\d\d\b)/g,
    '\u00a0',
  )
}

function energy(kilojoules: number, unit: EnergyUnit): string {
  const [kilojoule, kilocalorie] = [
    `${fixed(kilojoules, 0)} kJ`,
    `${fixed(kilojoules / KILOJOULES_IN_KILOCALORIE, 0)} kcal`,
  ]
  return { both: `${kilojoule}, ${kilocalorie}`, kJ: kilojoule, kcal: kilocalorie }[unit]
}

function grams(value: number): string {
  return `${fixed(value, Math.abs(value) < 20 && !Number.isInteger(value) ? 1 : 0)} g`
}

function millimetres(value: number): string {
  return `${fixed(value, value < 20 ? 1 : 0)} mm`
}

/** Thin things in sixteenths, as inch rulers show them; wide ones to a tenth. */
function inches(value: number): string {
  if (value >= 1) return fixed(value, 1)
  const sixteenths = Math.max(1, Math.round(value * 16))
  const divisor = [8, 4, 2].find(candidate => sixteenths % candidate === 0) ?? 1
  return sixteenths === 16 ? '1' : `${sixteenths / divisor}/${16 / divisor}`
}

function fixed(value: number, digits: number): string {
  const text = value.toFixed(digits)
  return (Number(text) === 0 ? text.replace('-', '') : text).replace('-', '−')
}

export const useUnits = defineStore('units', () => {
  const choice = ref<Choice>(remembered())
  watch(choice, value => localStorage.setItem(STORED, JSON.stringify(value)), { deep: true })
  const text = computed(() => (value: number, unit: Unit | null) => unparted(show(value, unit, choice.value)))
  const beside = computed(
    () => (value: number, limit: number, unit: Unit | null) =>
      unparted(against(value, limit, unit, choice.value)),
  )
  const apart = computed(() => (value: number) => unparted(kelvins(value, choice.value.temperature)))
  /** What a food holds is told in grams everywhere, as labels tell it. */
  const held = computed(
    () => (value: number, unit: Unit | null) => unparted(show(value, unit, { ...choice.value, mass: 'g' })),
  )
  /** A sentence of the house in the units the cook reads. */
  const words = computed(() => (sentence: string) => unparted(inHours(inUnits(sentence, choice.value))))
  /** As an address carries them to what is taken along. */
  const inAddress = computed(() => {
    const { mass, temperature, length } = choice.value
    return new URLSearchParams({ mass, temperature, length, clock: hours.value }).toString()
  })
  return { choice, text, beside, held, apart, words, inAddress }
})

function remembered(): Choice {
  try {
    return { ...METRIC, ...(JSON.parse(localStorage.getItem(STORED) ?? '{}') as Partial<Choice>) }
  } catch {
    return { ...METRIC }
  }
}
