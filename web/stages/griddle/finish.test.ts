import { expect, it } from 'vitest'
import { finishOf } from './finish'

it.each([
  ['none', 0, ''],
  ['covered', 0, 'Covered all the while.'],
  ['oven', 660, 'Then 11 min in the oven.'],
  ['flame', 0, 'Then over the flame for the puff.'],
  ['broiler_then_oven', 420, 'Then 7:00 under the broiler and in the oven.'],
] as const)('says of a finish of %s for %d s: %s', (finish, finish_seconds, words) => {
  expect(finishOf({ griddle: { finish, finish_seconds } })).toBe(words)
})
