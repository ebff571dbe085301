import { afterEach, describe, expect, it } from 'vitest'
import { hours, inHours, timeOfDay } from './timeOfDay'

const at = (hour: number, minute: number) => new Date(2026, 2, 1, hour, minute).getTime()

afterEach(() => {
  hours.value = '24'
})

describe('a time of day', () => {
  it('is told as somebody counts hours', () => {
    expect([at(0, 5), at(9, 30), at(12, 0), at(18, 5)].map(timeOfDay)).toEqual([
      '00:05',
      '09:30',
      '12:00',
      '18:05',
    ])
    hours.value = '12'
    expect([at(0, 5), at(9, 30), at(12, 0), at(18, 5)].map(timeOfDay)).toEqual([
      '12:05 am',
      '9:30 am',
      '12:00 pm',
      '6:05 pm',
    ])
  })

  it('is found in a sentence of the house, and a length of time is left as it is', () => {
    hours.value = '12'
    expect(inHours('Masa (12:30): 10 min earlier, ready at 18:20')).toBe(
      'Masa (12:30 pm): 10 min earlier, ready at 6:20 pm',
    )
    expect(inHours('Turn after 1:20, lift after 10:05')).toBe('Turn after 1:20, lift after 10:05')
  })
})
