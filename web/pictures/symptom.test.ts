import { expect, it } from 'vitest'
import { SYMPTOMS } from './symptom'

it('no two things that can be wrong look alike', () => {
  const drawn = Object.values(SYMPTOMS).map(one => one.base + JSON.stringify(one.marks))
  expect(new Set(drawn).size).toBe(drawn.length)
})
