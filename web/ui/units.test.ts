import { describe, expect, it } from 'vitest'
import { against, clock, gramsFrom, kelvins, massFor, show, unparted, type Choice, duration } from './units'

const metric: Choice = { mass: 'g', temperature: 'C', length: 'mm', energy: 'both' }
const inch: Choice = { mass: 'oz', temperature: 'F', length: 'in', energy: 'kcal' }

describe('what the cook reads', () => {
  it.each([
    [317, 'g', '317 g', '11.2 oz'],
    [3.2, 'g', '3.2 g', '0.11 oz'],
    [52, 'celsius', '52 °C', '126 °F'],
    [0, 'celsius', '0 °C', '32 °F'],
    [1.9, 'mm', '1.9 mm', '1/16 in'],
    [3.2, 'mm', '3.2 mm', '1/8 in'],
    [12.7, 'mm', '12.7 mm', '1/2 in'],
    [161.2, 'mm', '161 mm', '6.3 in'],
    [0.6, 'share', '60 %', '60 %'],
    [12, 'h', '12 h', '12 h'],
    [0.0903, 'money', '0.09', '0.09'],
    [4.25, 'percent', '4.3 %', '4.3 %'],
    [-5, 'points', '−5 points', '−5 points'],
  ] as const)('reads %d %s as %s or %s', (value, unit, si, customary) => {
    expect(show(value, unit, metric)).toBe(si)
    expect(show(value, unit, inch)).toBe(customary)
  })

  it('a difference of temperatures has no offset', () => {
    expect([kelvins(10, 'C'), kelvins(10, 'F')]).toEqual(['10 °C', '18 °F'])
  })

  it('typed in ounces comes back as the same ounces', () => {
    for (let ounces = 0.1; ounces < 80; ounces += 0.37) {
      expect(massFor(gramsFrom(ounces, 'oz'), 'oz')).toBeCloseTo(ounces, 2)
    }
    expect(gramsFrom(312, 'g')).toBe(312)
  })

  it.each([
    [0, '0:00'],
    [40, '0:40'],
    [86.4, '1:26'],
    [3599.6, '1 h 00'],
    [4380, '1 h 13'],
    [-3, '0:00'],
  ])('reads %d s as %s', (seconds, words) => {
    expect(clock(seconds)).toBe(words)
  })
})

describe('a length of time', () => {
  it('is told as people say it', () => {
    expect([45, 278, 600, 759, 3900, 50400].map(duration)).toEqual([
      '0:45',
      '4:38',
      '10 min',
      '13 min',
      '1 h 05',
      '14 h',
    ])
  })
})

describe('a value beside its limit', () => {
  const METRIC = { mass: 'g', temperature: 'C', length: 'mm', energy: 'both' } as const

  it('says which side it is on where both read alike', () => {
    expect(against(39.8, 40.2, 'index', METRIC)).toBe('just under 40')
    expect(against(40.3, 40.1, 'index', METRIC)).toBe('just over 40')
    expect(against(38, 40, 'index', METRIC)).toBe('38')
    expect(against(40, 40, 'index', METRIC)).toBe('40')
  })
})

describe('a number and its unit stay on one line', () => {
  it('in figures and in sentences of the house', () => {
    expect(unparted('Pour 188 g first, at 97 °C')).toBe('Pour 188\u00a0g first, at 97\u00a0°C')
    expect(unparted('in 1 h 05, 12 % lighter')).toBe('in 1\u00a0h\u00a005, 12\u00a0% lighter')
  })
  it('and words that only look like one are left', () => {
    expect(unparted('Lay 8 golden ones, 3 hot')).toBe('Lay 8 golden ones, 3 hot')
  })
})
