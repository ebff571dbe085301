import { beforeEach, describe, expect, it, vi } from 'vitest'

/** A page that came from the house with these answers in it. */
async function arrivedWith(answers: Record<string, string>) {
  vi.resetModules()
  vi.stubGlobal('location', { origin: 'http://mill.test' })
  vi.stubGlobal('document', {
    querySelectorAll: () =>
      Object.entries(answers).map(([answer, textContent]) => ({ dataset: { answer }, textContent })),
  })
  return import('./arrived')
}
const ask = (path: string, method = 'GET') => new Request(`http://mill.test/api/v1${path}`, { method })

describe('the answers that came with the page', () => {
  beforeEach(() => void vi.spyOn(performance, 'now').mockReturnValue(1000))

  it('are each given once', async () => {
    const { arrivedAnswer, hasArrived } = await arrivedWith({ '/api/v1/kitchen': '{"name":"Low Wall"}' })
    expect(hasArrived('/kitchen')).toBe(true)
    expect(await arrivedAnswer(ask('/kitchen'))?.json()).toEqual({ name: 'Low Wall' })
    expect(arrivedAnswer(ask('/kitchen'))).toBeNull()
    expect(hasArrived('/kitchen')).toBe(false)
  })

  it('answer nothing else than what was asked', async () => {
    const { arrivedAnswer } = await arrivedWith({ '/api/v1/batches': '{}' })
    expect(arrivedAnswer(ask('/batches?bread=teff'))).toBeNull()
    expect(arrivedAnswer(ask('/batches'))).not.toBeNull()
  })

  it('are nobody’s any more once something was changed or somebody else came', async () => {
    const { arrivedAnswer } = await arrivedWith({ '/api/v1/batches': '{}' })
    expect(arrivedAnswer(ask('/session', 'POST'))).toBeNull()
    expect(arrivedAnswer(ask('/batches'))).toBeNull()
  })

  it('are of the past after a while', async () => {
    const { arrivedAnswer } = await arrivedWith({ '/api/v1/batches': '{}' })
    vi.spyOn(performance, 'now').mockReturnValue(20_000)
    expect(arrivedAnswer(ask('/batches'))).toBeNull()
  })
})
