import createClient from 'openapi-fetch'
import { arrivedAnswer } from './arrived'
import { houseAway } from '@/bench/houseAway'
import { houseClock } from '@/bench/houseClock'
import { Refusal, Unreachable } from './failures'
import type { paths } from './schema'
import { Turns } from './turns'
import type { Problem } from './types'

const MOST_TRIES = 4
const BUSY = [429, 503]

/** The paths of formats/openapi.yaml: what does not stand there is not asked. */
export const contract = createClient<paths>({
  baseUrl: new URL('/api/v1', location.origin).href,
  credentials: 'same-origin',
  headers: { Accept: 'application/json' },
  fetch: carried,
})

/** When what is answered was asked, and when the cook was let in last, by the steady clock. */
const sent = new WeakMap<Response, number>()
let begunAt = -Infinity

/** What the house answers, whatever it is, with its time; that it does not answer is known to every place. */
async function carried(request: Request): Promise<Response> {
  const arrived = arrivedAnswer(request)
  if (arrived) return arrived
  const sentAt = houseClock.steadily
  const response = await fetch(request).catch(() => {
    houseAway.value = true
    throw new Unreachable('The house does not answer.')
  })
  sent.set(response, sentAt)
  if (request.method === 'POST' && request.url.endsWith('/session') && response.ok)
    begunAt = houseClock.steadily
  // What the service worker kept of an earlier day tells an old time; it keeps only some of what is read.
  const isOfNow = request.method !== 'GET' || request.url.includes('/news')
  if (isOfNow) {
    houseAway.value = false
    hearTime(response, sentAt)
  }
  return response
}

function hearTime(response: Response, sentAt: number): void {
  const time = response.headers.get('House-Time')
  if (time) houseClock.heard(Number(time), sentAt, houseClock.steadily)
}

/** What an asked path gives back: its answer, or the problem that the contract names for it. */
type Answered<Answer> = Promise<{ data?: Answer; error?: unknown; response: Response }>

/**
 * The answer, null where there is none to give.
 *
 * @throws Refusal what the house says against it
 * @throws Unreachable where it answers without words, or not at all
 */
export async function heard<Answer>(asked: Answered<Answer>): Promise<Answer | null> {
  const { data, error, response } = await asked
  if (!response.ok) throw refusal(error, response)
  return data ?? null
}

/** The answer of a path that always has one. */
export async function told<Answer>(asked: Answered<Answer>): Promise<Answer> {
  const answer = await heard(asked)
  if (answer === null) throw new Unreachable('The house answered without words.')
  return answer
}

/** As many as the house works out for one person at a time. */
const turns = new Turns(2)

/** Asks a question, which stores nothing: one that the house is too busy for is asked again in a moment. */
export function asked<Answer>(ask: () => Answered<Answer>, signal?: AbortSignal): Promise<Answer> {
  return turns.take(() => untilTaken(ask, signal), signal)
}

async function untilTaken<Answer>(ask: () => Answered<Answer>, signal?: AbortSignal): Promise<Answer> {
  for (let tries = 1; ; tries++) {
    try {
      return await told(ask())
    } catch (failure) {
      const isBusy = failure instanceof Refusal && BUSY.includes(failure.status)
      if (!isBusy || tries >= MOST_TRIES || signal?.aborted) throw failure
      await new Promise(resolve => setTimeout(resolve, 250 * tries))
    }
  }
}

let sessionEnded = () => {}

/** Says what is to be done where the house no longer knows who is here; one that never let anybody in is told by its own page. */
export function onSessionEnded(then: () => void): void {
  sessionEnded = then
}

function refusal(error: unknown, response: Response): Error {
  if (!isProblem(error)) return new Unreachable(`The house answered ${response.status} without words.`)
  // What was asked before the cook was let in again, and is answered after, says nothing of now.
  const isOfNow = (sent.get(response) ?? Infinity) >= begunAt
  if (response.status === 401 && isOfNow && !error.type.endsWith('wrong-sign-in')) sessionEnded()
  return new Refusal(error)
}

/** A gateway in front of the house has words of its own. */
function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'type' in error && 'errors' in error
}

/** Hears what time it is from the page's own arrival, where it came from the house; one that the tablet kept has to ask. */
export async function hearOnArrival(): Promise<void> {
  const [arrival] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[]
  const said = arrival?.serverTiming.find(one => one.name === 'house-time')
  if (!arrival || !said || arrival.workerStart > 0 || arrival.transferSize === 0) return hearTheTime()
  houseAway.value = false
  houseClock.heard(said.duration, arrival.requestStart, arrival.responseStart)
}

/** Hears what time it is in the house, from an address that no tablet keeps an answer of. */
export async function hearTheTime(): Promise<void> {
  const sentAt = houseClock.steadily
  // A page must open where the house is away: nobody waits long for the time.
  const answer = await fetch('/up', { cache: 'no-store', signal: AbortSignal.timeout(1500) }).catch(
    () => null,
  )
  houseAway.value = answer === null
  if (answer) hearTime(answer, sentAt)
}
