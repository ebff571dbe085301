import { useLocalStorage } from '@vueuse/core'

export type Hours = '24' | '12'

/** How hours of a day are counted; whatever shows a time follows. */
export const hours = useLocalStorage<Hours>('mill.clock', '24')

const two = (number: number) => String(number).padStart(2, '0')
const ofTwelve = (hour: number, minute: string) => `${hour % 12 || 12}:${minute} ${hour < 12 ? 'am' : 'pm'}`

/** A moment as a kitchen clock shows it. Put together by hand: a browser's own formatter takes a slow tablet a tenth of a second to make. */
export function timeOfDay(moment: number | string): string {
  const date = new Date(moment)
  const [hour, minute] = [date.getHours(), two(date.getMinutes())]
  return hours.value === '24' ? `${two(hour)}:${minute}` : ofTwelve(hour, minute)
}

/** Times of day in a sentence of the house, which counts to 24. */
export function inHours(sentence: string): string {
  if (hours.value === '24') return sentence
  return sentence.replace(
    /(\bat |\buntil |\bby |\()([01]\d|2[0-3]):([0-5]\d)(?!:)/g,
    (_, before: string, hour: string, minute: string) => `${before}${ofTwelve(Number(hour), minute)}`,
  )
}
