import { show, type Choice } from './units'

/** What a food holds is told in grams everywhere, as labels tell it. */
const HELD = '(?:net |)(?:carbohydrate|protein|fat|fibre|sugars)'
const NUMBER = String.raw`(\d+(?:\.\d+)?)`

/**
 * A sentence of the house, which speaks in °C, grams and millimetres, with its numbers in the units the cook reads. How far two
 * temperatures are apart it calls degrees.
 */
export function inUnits(sentence: string, choice: Choice): string {
  let words = sentence
  if (choice.temperature === 'F')
    words = words
      .replace(new RegExp(`([−-]?)${NUMBER} °C`, 'g'), (_, sign: string, number: string) =>
        show(Number(number) * (sign ? -1 : 1), 'celsius', choice),
      )
      .replace(
        new RegExp(`${NUMBER} degrees`, 'g'),
        (_, number: string) => `${Math.round(Number(number) * 1.8)} degrees`,
      )
  if (choice.mass === 'oz')
    words = words.replace(new RegExp(`${NUMBER} g(?![\\w/]| ${HELD})`, 'g'), (_, number: string) =>
      show(Number(number), 'g', choice),
    )
  if (choice.length === 'in')
    words = words.replace(new RegExp(`${NUMBER} mm(?!\\w)`, 'g'), (_, number: string) =>
      show(Number(number), 'mm', choice),
    )
  return words
}
