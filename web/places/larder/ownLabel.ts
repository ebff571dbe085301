import type { OwnLabel } from '@/api/types'

type Part = Exclude<keyof OwnLabel['per_100_g'], 'fibre_within_carbohydrate'>

/** The rows of the table in the order in which packages print them. */
export const PARTS: { id: Part; label: string; unit: string; inset: boolean }[] = [
  { id: 'energy_kj', label: 'Energy', unit: 'kJ', inset: false },
  { id: 'fat', label: 'Fat', unit: 'g', inset: false },
  { id: 'carbohydrate', label: 'Carbohydrate', unit: 'g', inset: false },
  { id: 'sugars', label: 'of which sugars', unit: 'g', inset: true },
  { id: 'fibre', label: 'Fibre', unit: 'g', inset: false },
  { id: 'protein', label: 'Protein', unit: 'g', inset: false },
  { id: 'salt', label: 'Salt', unit: 'g', inset: false },
]

export function emptyLabel(): OwnLabel {
  return {
    id: '',
    name: '',
    like: 'rice-white',
    per_100_g: {
      energy_kj: 0,
      fat: 0,
      carbohydrate: 0,
      sugars: 0,
      fibre: 0,
      protein: 0,
      salt: 0,
      fibre_within_carbohydrate: false,
    },
  }
}

/** A name that formulas can use: lower-case letters, digits and hyphens after "own-". */
export function idFor(name: string): string {
  const plain = name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50)
    .replace(/-+$/, '')
  return `own-${plain || 'ingredient'}`
}
