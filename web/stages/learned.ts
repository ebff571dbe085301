import { factsOf } from '@/api/bags'
import type { Kitchen, Plan, PlanRequest } from '@/api/types'

/** A part of the request by its place, such as lots.ID.water; everything else stays the same object. */
function withPart(whole: unknown, path: string[], part: unknown): unknown {
  const [name, ...rest] = path
  if (name === undefined) return part
  const object = { ...(whole as Record<string, unknown> | undefined) }
  const value = withPart(object[name], rest, part)
  if (value === undefined) Reflect.deleteProperty(object, name)
  else object[name] = value
  return object
}

/** The request without one thing that was learned. */
export function withoutLearned(request: PlanRequest, key: string): PlanRequest {
  return withPart(request, key.split('.'), undefined) as PlanRequest
}

/** The request with one thing that was learned, as the house knows it. */
export function withLearnedAgain(request: PlanRequest, key: string, value: unknown): PlanRequest {
  return withPart(request, key.split('.'), value) as PlanRequest
}

export interface LeftOut {
  key: string
  stage: string
  words: string
  value: unknown
}

/** What the house knows of this batch's bags, griddle, bread and cook that its request does without. */
export function leftOut(plan: Plan, request: PlanRequest, kitchen: Kitchen | null, cook: string): LeftOut[] {
  if (!kitchen) return []
  const used = new Set(plan.learned.map(one => one.key))
  return [
    ...bagsOf(plan, request, kitchen),
    ...settingsOf(plan, request, kitchen),
    ...thingsOf(plan, request, kitchen, cook),
  ].filter(one => !used.has(one.key))
}

function bagsOf(plan: Plan, request: PlanRequest, kitchen: Kitchen): LeftOut[] {
  return plan.ledger.flatMap(row => {
    const lot = kitchen.lots.find(one => one.id === row.lot)
    if (!lot?.water || lot.set_aside || !(lot.id in (request.lots ?? {}))) return []
    const words = `${row.name}: ${lot.water.words}.`
    return [{ key: `lots.${lot.id}.water`, stage: 'water', words, value: factsOf(lot).water }]
  })
}

function settingsOf(plan: Plan, request: PlanRequest, kitchen: Kitchen): LeftOut[] {
  const griddle = kitchen.gear.find(one => one.id === plan.griddle.tool.id)
  const settings = griddle?.request.settings
  if (!griddle?.heat || griddle.heat.set_aside || !settings?.length || request.griddle?.surface_celsius)
    return []
  const words = griddle.heat.settings.map(one => one.words).join(' ')
  return [{ key: 'gear.griddle.settings', stage: 'griddle', words, value: settings }]
}

function thingsOf(plan: Plan, request: PlanRequest, kitchen: Kitchen, cook: string): LeftOut[] {
  const given: Record<string, unknown> = { ...request.learned }
  const fits = (of: string | null, here: string | null) => of === null || of === here
  return kitchen.learned
    .filter(
      one =>
        !one.set_aside &&
        // What the request has and the plan does not tell of says nothing of this dough: it was not left out.
        !(one.kind in given) &&
        fits(one.cook, cook) &&
        fits(one.style, plan.style.id) &&
        fits(one.shape, plan.method.shape) &&
        fits(one.griddle, plan.griddle.tool.id),
    )
    .map(one => ({
      key: `learned.${one.kind}`,
      stage: one.stage,
      words: one.words,
      value: { value: one.value, deviation: one.deviation, batches: one.batches },
    }))
}
