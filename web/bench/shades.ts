import type { Verdict } from '@/api/types'
import { useHouse } from './house'

/** What a face of that shade is called: the house says where one word ends and the next begins. */
export function useShadeWords() {
  const house = useHouse()
  const shadeWord = (shade: number): string =>
    house.kitchen?.limits.shade_words.find(({ below }) => below === null || shade < below)?.word ?? ''

  /** The faces as they were judged, in a sentence; nothing where nobody told. */
  function facesInWords(verdict: Pick<Verdict, 'shade_first' | 'shade_second'>): string {
    const { shade_first: first, shade_second: second } = verdict
    if (first === null && second === null) return ''
    const of = (shade: number | null) => (shade === null ? 'not told' : shadeWord(shade))
    return `Judged: first face ${of(first)}, second face ${of(second)}.`
  }
  return { shadeWord, facesInWords }
}
