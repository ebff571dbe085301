import { expect, it } from 'vitest'
import { show } from '@/ui/units'
import { jugOf } from './jug'

const text = (value: number, unit: Parameters<typeof show>[1]) =>
  show(value, unit, { mass: 'g', temperature: 'C', length: 'mm', energy: 'both' })

it('says tap and kettle with what each gives', () => {
  expect(
    jugOf(
      [
        { kind: 'tap', grams: 180, celsius: 16 },
        { kind: 'kettle', grams: 120, celsius: 97 },
      ],
      text,
    ),
  ).toBe('180 g from the tap at 16 °C and 120 g off the boil.')
})

it('says ice where the dough must stay cool', () => {
  expect(
    jugOf(
      [
        { kind: 'ice', grams: 20.9, celsius: 0 },
        { kind: 'tap', grams: 179, celsius: 12 },
      ],
      text,
    ),
  ).toBe('21 g ice and 179 g from the tap at 12 °C.')
})

it('says nothing of a jug that stays empty', () => {
  expect(jugOf([], text)).toBe('')
})

it('says where all of it comes from, in place of grams that are said already', () => {
  expect(jugOf([{ kind: 'tap', grams: 300, celsius: 16 }], text)).toBe('all from the tap at 16 °C.')
  expect(jugOf([{ kind: 'kettle', grams: 300, celsius: 97 }], text)).toBe('all off the boil.')
})
