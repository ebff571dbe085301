import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, isFinal, Refusal, Unreachable } from './client'

const answer = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
const refusal = {
  type: 'urn:stone-mill:problem:invalid-input',
  title: 'The input cannot be used as it stands.',
  status: 422,
  detail: '',
  errors: [
    {
      path: 'pieces.count',
      message: 'This is too large.',
      value: 500,
      limit: 'a whole number from 1 to 200',
    },
  ],
}
const sent = vi.fn<typeof fetch>()

beforeEach(() => {
  sent.mockReset()
  vi.stubGlobal('fetch', sent)
})
afterEach(() => vi.unstubAllGlobals())

describe('asking the house', () => {
  it('sends JSON and gives back what it answers', async () => {
    sent.mockResolvedValue(answer(200, { ingredients: [] }))
    expect(await api.catalogue()).toEqual([])
    const [path, options] = sent.mock.calls[0] ?? []
    expect(path).toBe('/api/v1/catalogue')
    expect(new Headers(options?.headers).get('Accept')).toBe('application/json')
    expect(options?.body).toBeNull()
  })

  it('puts a bag under its own identifier, so that sending twice keeps it once', async () => {
    sent.mockResolvedValue(answer(200, {}))
    await api.keepLot('some-uuid', {
      version: 0,
      ingredient: 'teff',
      label: 'Teff',
      certified_gluten_free: true,
    })
    const [path, options] = sent.mock.calls[0] ?? []
    expect([path, options?.method]).toEqual(['/api/v1/lots/some-uuid', 'PUT'])
    expect(JSON.parse(String(options?.body))).toMatchObject({ label: 'Teff' })
  })

  it('says what was refused in the words of the house, with the limit', async () => {
    sent.mockResolvedValue(answer(422, refusal))
    const failure = await api.plan({ style: 'rice-round' }).catch((one: unknown) => one)
    expect(failure).toBeInstanceOf(Refusal)
    expect((failure as Refusal).message).toBe('This is too large. Limit: a whole number from 1 to 200.')
    expect((failure as Refusal).status).toBe(422)
  })

  it('asks a question again that the house was too busy for, and gives up in the end', async () => {
    vi.useFakeTimers()
    const busy = { ...refusal, status: 503, title: 'The kitchen is busy.', errors: [] }
    sent.mockResolvedValueOnce(answer(503, busy)).mockResolvedValueOnce(answer(429, { ...busy, status: 429 }))
    sent.mockResolvedValueOnce(answer(200, { changes: [] }))
    const told = api.compare({ style: 'rice-round' }, { style: 'rice-round' })
    await vi.runAllTimersAsync()
    expect(await told).toEqual([])
    sent.mockImplementation(() => Promise.resolve(answer(503, busy)))
    const given = api.plan({ style: 'rice-round' }).catch((one: unknown) => one)
    await vi.runAllTimersAsync()
    expect((await given) as Refusal).toMatchObject({ status: 503 })
    vi.useRealTimers()
  })

  it.each([401, 409, 419, 429, 500, 503])('holds an answer of %d for one that may change', status => {
    expect(isFinal(new Refusal({ ...refusal, status }))).toBe(false)
  })

  it.each([403, 404, 413, 422])('holds an answer of %d for final', status => {
    expect(isFinal(new Refusal({ ...refusal, status }))).toBe(true)
  })

  it('tells a house that does not answer from one that refuses', async () => {
    sent.mockRejectedValue(new TypeError('network'))
    await expect(api.kitchen()).rejects.toBeInstanceOf(Unreachable)
    sent.mockResolvedValue(new Response('<html>', { status: 502 }))
    await expect(api.kitchen()).rejects.toBeInstanceOf(Unreachable)
  })

  it('lets a question that was given up end as given up', async () => {
    const given = new AbortController()
    given.abort()
    sent.mockRejectedValue(new DOMException('gone', 'AbortError'))
    await expect(api.plan({ style: 'rice-round' }, given.signal)).rejects.toBeInstanceOf(DOMException)
  })
})

describe('hearing what time it is in the house', () => {
  const arrival = { serverTiming: [{ name: 'house-time', duration: 1795801365259 }], workerStart: 0 }
  const cameWith = (entry: object) =>
    vi.spyOn(performance, 'getEntriesByType').mockReturnValue([entry as PerformanceEntry])
  afterEach(() => vi.restoreAllMocks())

  it('needs no question where the page itself came from the house', async () => {
    cameWith({ ...arrival, transferSize: 900, requestStart: 10, responseStart: 30 })
    await api.hearOnArrival()
    expect(sent).not.toHaveBeenCalled()
  })

  it.each([
    ['was kept by the tablet for when the house is away', { workerStart: 4, transferSize: 900 }],
    ['came out of the browser’s store', { transferSize: 0 }],
  ])('asks where the page %s', async (_, kept) => {
    cameWith({ ...arrival, ...kept, requestStart: 10, responseStart: 30 })
    sent.mockResolvedValue(answer(200, {}))
    await api.hearOnArrival()
    expect(sent.mock.calls[0]?.[0]).toBe('/up')
  })
})
