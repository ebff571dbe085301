import { expect, it } from 'vitest'
import { saysAll } from './search'

it.each([
  ['Striped paper, masa', 'masa STRIPED', true],
  ['Striped paper, masa', 'masa blue', false],
  ['Striped paper, masa', '', true],
])('“%s” says all of “%s”: %s', (text, sought, says) => {
  expect(saysAll(text, sought)).toBe(says)
})
