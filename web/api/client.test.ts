import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, isFinal, onSessionEnded, Refusal, Unreachable } from './client'

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
const asked = () => sent.mock.calls[0]?.[0] as Request

beforeEach(() => {
  sent.mockReset()
  vi.stubGlobal('fetch', sent)
})
afterEach(() => void vi.stubGlobal('fetch', undefined))

describe('asking the house', () => {
  it('sends JSON and gives back what it answers', async () => {
    sent.mockResolvedValue(answer(200, { ingredients: [] }))
    expect(await api.catalogue()).toEqual([])
    const request = asked()
    expect(request.url).toBe('https://kitchen.test/api/v1/catalogue')
    expect(request.headers.get('Accept')).toBe('application/json')
    expect(request.body).toBeNull()
  })

  it('puts a bag under its own identifier, so that sending twice keeps it once', async () => {
    sent.mockResolvedValue(answer(200, {}))
    await api.keepLot('some-uuid', {
      version: 0,
      ingredient: 'teff',
      label: 'Teff',
      certified_gluten_free: true,
    })
    const request = asked()
    expect([request.url, request.method]).toEqual(['https://kitchen.test/api/v1/lots/some-uuid', 'PUT'])
    expect(await request.json()).toMatchObject({ label: 'Teff' })
  })

  it('sends a picture as the bytes it is', async () => {
    sent.mockResolvedValue(answer(200, {}))
    await api.keepPhoto('a-batch', 'a-photo', new Blob(['pixels'], { type: 'image/png' }))
    expect(asked().headers.get('Content-Type')).toBe('image/png')
    expect(await asked().text()).toBe('pixels')
  })

  it('says of what is sought only what is said', async () => {
    sent.mockResolvedValue(answer(200, { batches: [], next: null }))
    await api.batches(undefined, { words: 'flat & round', bread: '' })
    expect(asked().url).toBe('https://kitchen.test/api/v1/batches?words=flat%20%26%20round')
  })

  it('has nothing to give where nothing happened', async () => {
    sent.mockResolvedValue(new Response(null, { status: 204 }))
    expect(await api.news('a-batch', '3')).toBeNull()
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

  it('asks nobody in again for a 401 to what was asked before the cook was let in', async () => {
    const ended = vi.fn()
    onSessionEnded(ended)
    const forgotten = () =>
      answer(401, { ...refusal, type: 'urn:stone-mill:problem:signed-out', status: 401 })
    let late: (answer: Response) => void = () => undefined
    sent.mockReturnValueOnce(new Promise<Response>(give => (late = give)))
    const asked = api.kitchen()
    const clock = performance.now()
    await vi.waitFor(() => expect(performance.now()).toBeGreaterThan(clock))
    sent.mockResolvedValueOnce(answer(200, {}))
    await api.signIn('cook', 'masa-and-water')
    late(forgotten())
    await expect(asked).rejects.toBeInstanceOf(Refusal)
    expect(ended).not.toHaveBeenCalled()
    sent.mockResolvedValueOnce(forgotten())
    await expect(api.kitchen()).rejects.toBeInstanceOf(Refusal)
    expect(ended).toHaveBeenCalledOnce()
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
