import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Kitchen } from '@/api/types'
import { useHouse } from './house'
import { useShadeWords } from './shades'

beforeEach(() => {
  vi.stubGlobal('localStorage', { getItem: () => null })
  setActivePinia(createPinia())
  useHouse().kitchen = {
    limits: {
      surface_celsius: [120, 300],
      shade_words: [
        { below: 0.4, word: 'light' },
        { below: null, word: 'dark' },
      ],
    },
  } as unknown as Kitchen
})

it('says of a shade what the house calls it, and of a face that nobody told nothing', () => {
  const { shadeWord, facesInWords } = useShadeWords()
  expect([shadeWord(0.39), shadeWord(0.4), shadeWord(1)]).toEqual(['light', 'dark', 'dark'])
  expect(facesInWords({ shade_first: 0.2, shade_second: null })).toBe(
    'Judged: first face light, second face not told.',
  )
  expect(facesInWords({ shade_first: null, shade_second: null })).toBe('')
})
