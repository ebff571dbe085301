/** A chance as a cook would say it. */
export function chanceWords(chance: number): string {
  if (chance >= 0.8) return 'almost surely'
  if (chance >= 0.55) return 'most likely'
  if (chance >= 0.3) return 'quite possibly'
  if (chance >= 0.1) return 'perhaps'
  return 'hardly'
}
