import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { WORDS } from './words'

const rows = readFileSync('docs/glossary.md', 'utf8')
  .split('\n')
  .filter(line => line.startsWith('| '))
  .map(line => line.split('|')[1]?.trim() ?? '')

describe('words that explain themselves', () => {
  it.each(Object.keys(WORDS))('has %s from the glossary', word => {
    expect(rows.some(row => row.split(', ').includes(word))).toBe(true)
  })
})
