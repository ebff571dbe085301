import type { Batch, Figure, Plan } from '@/api/types'

/**
 * The plan with its water for what was weighed in, as the house worked it out. While a slider moves, the plan on the page is another than the
 * house's, and its water is changed in the same proportion.
 */
export function asWeighed(plan: Plan, heard: Batch): Plan {
  const water = heard.state.bowl.water
  if (!water.follows_weights) return plan
  const share = water.grams / Math.max(1e-6, heard.plan.water.grams.value)
  const as = (figure: Figure, exact: number): Figure => ({
    ...figure,
    value: plan === heard.plan ? exact : figure.value * share,
    because: [
      ...figure.because,
      { text: 'Then for what was weighed in', value: 100 * share, unit: 'percent' },
    ],
  })
  return {
    ...plan,
    water: {
      ...plan.water,
      grams: as(plan.water.grams, water.grams),
      first_pour_grams: as(plan.water.first_pour_grams, water.first_pour_grams),
      reserve_grams: as(plan.water.reserve_grams, water.reserve_grams),
      usual_grams: plan.water.usual_grams && {
        low: plan.water.usual_grams.low * share,
        high: plan.water.usual_grams.high * share,
      },
      need_deviation_grams: plan.water.need_deviation_grams * share,
      parts: plan === heard.plan ? water.jug : plan.water.parts,
      reserve_spoons: '',
    },
  }
}
