import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '@/api/client'
import type { BreadVersions, PlanRequest } from '@/api/types'
import { MemoryStorage } from '@/bench/memoryStorage'
import { linesOf, withAmount } from '@/ui/formula'
import { useFormula } from './useFormula'

const request: PlanRequest = {
  style: 'almond-wrap',
  formula: {
    lines: [
      { ingredient: 'almond-blanched', percent: 100 },
      { ingredient: 'xanthan', percent: 4 },
    ],
  },
}
const versions = (...requests: PlanRequest[]): BreadVersions => ({
  id: 'bread-1',
  name: 'Almond wraps',
  style: 'almond-wrap',
  revisions: requests
    .map((one, index) => ({ number: index + 1, saved_at: null, reason: null, request: one }))
    .reverse(),
})
const xanthan = (of: PlanRequest | null) => (of ? linesOf(of)[1]?.percent : undefined)

/** A house that keeps one bread; what it was asked is there to look at. */
class House {
  bread = versions(request)
  planned: PlanRequest[] = []
  answers: 'well' | 'overtaken' | 'not at all' = 'well'

  readonly fetch = async (asked: Request | string): Promise<Response> => {
    if (this.answers === 'not at all') throw new TypeError('network')
    const body =
      asked instanceof Request && asked.body
        ? ((await asked.json()) as PlanRequest & { request: PlanRequest })
        : null
    const path = asked instanceof Request ? asked.url : asked
    if (path.endsWith('/plan') && body) this.planned.push(body)
    if (path.endsWith('/revisions') && body) {
      if (this.answers === 'overtaken')
        return this.json(409, {
          type: 'urn:stone-mill:problem:overtaken',
          title: 'The bread was changed meanwhile.',
          status: 409,
          errors: [],
        })
      this.bread = versions(...this.bread.revisions.map(one => one.request).reverse(), body.request)
    }
    if (path.includes('/breads/')) return this.json(200, this.bread)
    return this.json(200, path.endsWith('/kitchen') ? { lots: [], bags_taken: {} } : {})
  }

  private json(status: number, document: unknown) {
    return new Response(JSON.stringify(document), { status })
  }
}

let house: House
beforeEach(() => {
  api.forgetPlans()
  house = new House()
  setActivePinia(createPinia())
  vi.stubGlobal('localStorage', new MemoryStorage())
  vi.stubGlobal('document', { cookie: '' })
  vi.stubGlobal('fetch', house.fetch)
})
afterEach(() => vi.unstubAllGlobals())

async function opened() {
  const formula = useFormula()
  await formula.open('bread-1')
  return formula
}

describe('a formula under the hand', () => {
  it('opens at its newest version, unchanged, and is planned', async () => {
    house.bread = versions(request, withAmount(request, 'xanthan', 6))
    const formula = await opened()
    expect(formula.newest.value?.number).toBe(2)
    expect(xanthan(formula.request.value)).toBe(6)
    expect(formula.isChanged.value).toBe(false)
    await vi.waitFor(() => expect(house.planned).toHaveLength(1))
  })

  it('is planned again at each change, and each change can be undone', async () => {
    const formula = await opened()
    formula.change(withAmount(request, 'xanthan', 5))
    formula.change(withAmount(request, 'xanthan', 6))
    await vi.waitFor(() => expect(house.planned.map(xanthan)).toEqual([4, 5, 6]))
    formula.undo()
    expect(xanthan(formula.request.value)).toBe(5)
    formula.undo()
    expect(formula.isChanged.value).toBe(false)
    formula.undo()
    expect(xanthan(formula.request.value)).toBe(4)
  })

  it('outlives a reload until it is saved', async () => {
    const formula = await opened()
    formula.change(withAmount(request, 'xanthan', 7))
    const again = await opened()
    expect(xanthan(again.request.value)).toBe(7)
    await again.save()
    expect(again.newest.value?.number).toBe(2)
    expect(again.isChanged.value).toBe(false)
    expect(xanthan((await opened()).request.value)).toBe(7)
  })

  it('is not lost where somebody has saved a version since, but says so', async () => {
    const formula = await opened()
    formula.change(withAmount(request, 'xanthan', 7))
    house.bread = versions(request, withAmount(request, 'xanthan', 2))
    const again = await opened()
    expect(xanthan(again.request.value)).toBe(7)
    expect(again.trouble.value).toContain('You changed version 1; version 2 was saved since.')
    expect(again.isChanged.value).toBe(true)
  })

  it('says when it was overtaken, and keeps the change', async () => {
    const formula = await opened()
    formula.change(withAmount(request, 'xanthan', 7))
    house.answers = 'overtaken'
    await formula.save()
    expect(formula.trouble.value).toContain('The bread was changed meanwhile.')
    expect(xanthan(formula.request.value)).toBe(7)
  })

  it('keeps the change where the house does not answer', async () => {
    const formula = await opened()
    formula.change(withAmount(request, 'xanthan', 7))
    house.answers = 'not at all'
    await formula.save()
    expect(formula.trouble.value).toContain('Your change is kept on this device.')
    house.answers = 'well'
    expect(xanthan((await opened()).request.value)).toBe(7)
  })

  it('starts afresh where what was kept cannot be read', async () => {
    localStorage.setItem('mill.formula.bread-1', '{"after": 1, "requ')
    expect(xanthan((await opened()).request.value)).toBe(4)
  })
})
