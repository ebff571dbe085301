import type { Plan, PlanRequest } from '@/api/types'

export type Extra = NonNullable<NonNullable<PlanRequest['formula']>['extras']>[number]
export type ExtraPlace = Extra['place']

/** Where something goes that is no part of the dough, in the order of the work. */
export const EXTRA_PLACES: { value: ExtraPlace; label: string }[] = [
  { value: 'dusting', label: 'To dust with' },
  { value: 'coating', label: 'To coat the pieces' },
  { value: 'hands', label: 'For the hands' },
  { value: 'filling', label: 'To fill them with' },
  { value: 'griddle', label: 'For the griddle' },
  { value: 'faces', label: 'For the faces' },
  { value: 'topping', label: 'On top' },
  { value: 'after', label: 'When they are done' },
]

/** What there is beside the dough: as the cook wrote it, or, where nothing was written, as the plan takes it. */
export function extrasOf(request: PlanRequest, plan: Plan): Extra[] {
  return request.formula?.extras ?? plan.extras.map(({ ingredient, place }): Extra => ({ ingredient, place }))
}

export function withExtras(request: PlanRequest, extras: Extra[]): PlanRequest {
  return { ...request, formula: { ...request.formula, extras } }
}

/** Which line beside the dough is meant: there is one of each thing in a place. */
export type ExtraAt = Pick<Extra, 'ingredient' | 'place'>

const isSame = (one: ExtraAt, other: ExtraAt) =>
  one.place === other.place && one.ingredient === other.ingredient

/** One more, as much as is usual there. What stands there already stays as it is. */
export function withExtra(request: PlanRequest, plan: Plan, extra: Extra): PlanRequest {
  const extras = extrasOf(request, plan)
  return extras.some(one => isSame(one, extra)) ? request : withExtras(request, [...extras, extra])
}

/** So much of it for each piece. */
export function withGramsEach(
  request: PlanRequest,
  plan: Plan,
  extra: ExtraAt,
  grams_each: number,
): PlanRequest {
  return withExtras(
    request,
    extrasOf(request, plan).map(one => {
      if (!isSame(one, extra)) return one
      const { ingredient, place, lot } = one
      return { ingredient, place, grams_each, ...(lot ? { lot } : {}) }
    }),
  )
}

export function withoutExtra(request: PlanRequest, plan: Plan, extra: ExtraAt): PlanRequest {
  return withExtras(
    request,
    extrasOf(request, plan).filter(one => !isSame(one, extra)),
  )
}
