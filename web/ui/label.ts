import type { Figure, Plan } from '@/api/types'

export type Basis = 'per_piece' | 'per_serving' | 'per_100_g' | 'per_100_g_raw'
/** Whether the printed carbohydrate leaves fibre out (its figure is then the net one) or counts it in. */
export type Convention = 'apart' | 'within'
export const CONVENTIONS: { value: Convention; label: string }[] = [
  { value: 'apart', label: 'Fibre counted apart' },
  { value: 'within', label: 'Fibre counted in' },
]

/** The facts of a label in the order in which labels have them, by one of the two conventions. */
export function factsOf(
  label: Plan['label'][Basis],
  convention: Convention,
): { name: string; figure: Figure }[] {
  const carbohydrate =
    convention === 'apart'
      ? [{ name: 'Carbohydrate, which is the net figure', figure: label.carbohydrate_grams }]
      : [{ name: 'Carbohydrate with fibre', figure: label.total_carbohydrate_grams }]
  return [
    { name: 'Energy', figure: label.energy_kj },
    { name: 'Fat', figure: label.fat_grams },
    ...carbohydrate,
    { name: 'of which sugars', figure: label.sugars_grams },
    { name: 'Fibre', figure: label.fibre_grams },
    ...(convention === 'within'
      ? [{ name: 'Net: carbohydrate less fibre', figure: label.net_carbohydrate_grams }]
      : []),
    { name: 'Protein', figure: label.protein_grams },
    { name: 'Salt', figure: label.salt_grams },
  ]
}
