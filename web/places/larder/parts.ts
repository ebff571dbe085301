/** What 100 g hold, end to end for a bar, the parts that are next to nothing left out. */
export function partsOf(per100: Record<string, number>): { name: string; from: number; grams: number }[] {
  const named = [
    ['water', 'water_grams'],
    ['protein', 'protein_grams'],
    ['fat', 'fat_grams'],
    ['carbohydrate', 'carbohydrate_grams'],
    ['fibre', 'fibre_grams'],
    ['minerals', 'ash_grams'],
  ] as const
  let from = 0
  const parts = []
  for (const [name, field] of named) {
    const grams = per100[field] ?? 0
    if (grams >= 0.5) parts.push({ name, from, grams })
    from += grams
  }
  return parts
}
