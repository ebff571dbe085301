import { houseAway } from '@/bench/houseAway'
import { houseClock } from '@/bench/houseClock'
import { zoneInAddress } from '@/ui/zone'
import type { operations } from './schema'
import type {
  BakeQuestion,
  Bakes,
  CalibrateQuestion,
  Calibration,
  CalibrationToKeep,
  Gear,
  GearChange,
  KeptCalibration,
  FoundTurns,
  Photo,
  PhotoPlace,
  PhotoShade,
  Settling,
  Sought,
  Loads,
  LoadsQuestion,
  Practice,
  PracticeQuestion,
  ShapeQuestion,
  Shaping,
  TurnsQuestion,
  Batch,
  BatchChange,
  BatchEvent,
  BatchPage,
  Blend,
  BlendQuestion,
  BreadVersions,
  Causes,
  Change,
  ChooseQuestion,
  ChosenBread,
  Day,
  Ingredient,
  Kitchen,
  LabelCheck,
  Lot,
  LotChange,
  Milling,
  MillingQuestion,
  Nixtamal,
  NixtamalQuestion,
  OwnIngredient,
  OwnLabel,
  Plan,
  PlanRequest,
  Problem,
  Session,
  Riddle,
  RiddleQuestion,
  RiddleTally,
  Stage,
  Swap,
  Symptom,
  Trial,
  Trials,
  TrialToBegin,
  SwapQuestion,
  VerdictToGive,
} from './types'
import { Turns } from './turns'
import { withSteps } from './steps'

/** What the server refused, in its own words. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(
      problem.errors[0] ? `${problem.errors[0].message} Limit: ${problem.errors[0].limit}.` : problem.title,
    )
  }

  get status(): number {
    return this.problem.status
  }
}

/** The server could not be reached, or could not do it just now; nothing is known about what it did. */
export class Unreachable extends Error {}

/**
 * Whether the server will never take this: it is wrong, or what it changes has gone. Anything else (an ended session, a busy or
 * broken house) may be sent again as it is.
 */
export function isFinal(failure: unknown): boolean {
  return failure instanceof Refusal && [403, 404, 413, 422].includes(failure.status)
}

/** What to tell the cook of a failure; one that is neither a refusal nor the house being away is a fault, and thrown on. */
export function toldBy(failure: unknown): string {
  if (failure instanceof Refusal || failure instanceof Unreachable) return failure.message
  throw failure
}

const BASE = '/api/v1'
const MOST_TRIES = 4
const BUSY = [429, 503]

/** What the house answers, whatever it is; that it does not answer is known to every place. */
async function spokenTo(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(BASE + path, { ...init, credentials: 'same-origin' })
  } catch {
    houseAway.value = true
    throw new Unreachable('The house does not answer.')
  }
}

async function send<Answer>(method: string, path: string, body?: unknown): Promise<Answer> {
  const headers: Record<string, string> = { Accept: 'application/json' }
  if (body !== undefined) headers['Content-Type'] = 'application/json'
  const sentAt = houseClock.steadily
  const response = await spokenTo(path, {
    method,
    headers,
    body: body === undefined ? null : JSON.stringify(body),
  })
  // What the service worker kept of an earlier day tells an old time; it keeps only some of what is read.
  const time = response.headers.get('House-Time')
  const isOfNow = method !== 'GET' || path.includes('/news')
  if (isOfNow) houseAway.value = false
  if (time && isOfNow) houseClock.heard(Number(time), sentAt, houseClock.steadily)
  if (!response.ok) throw await refusal(response)
  return response.status === 204 ? (null as Answer) : withSteps((await response.json()) as Answer)
}

/** A picture as it is. */
async function sendFile<Answer>(path: string, file: Blob): Promise<Answer> {
  const response = await spokenTo(path, {
    method: 'PUT',
    headers: { Accept: 'application/json', 'Content-Type': file.type },
    body: file,
  })
  if (!response.ok) throw await refusal(response)
  return (await response.json()) as Answer
}

/** What is said of an address; what is empty is not said. */
function inAddress(said: Record<string, string | undefined>): string {
  const parts = Object.entries(said).flatMap(([name, value]) =>
    value ? [`${name}=${encodeURIComponent(value)}`] : [],
  )
  return parts.length ? `?${parts.join('&')}` : ''
}

/** As many as the house works out for one person at a time. */
const turns = new Turns(2)

/** Asks a question, which stores nothing: one that the house is too busy for is asked again in a moment. */
function ask<Answer>(path: string, body: unknown, signal?: AbortSignal): Promise<Answer> {
  return turns.take(() => untilTaken<Answer>('POST', path, body, signal), signal)
}

async function untilTaken<Answer>(
  method: string,
  path: string,
  body: unknown,
  signal?: AbortSignal,
): Promise<Answer> {
  for (let tries = 1; ; tries++) {
    try {
      return await send<Answer>(method, path, body)
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

async function refusal(response: Response): Promise<Error> {
  try {
    const problem = (await response.json()) as Problem
    if (response.status === 401 && !problem.type.endsWith('wrong-sign-in')) sessionEnded()
    return new Refusal(problem)
  } catch {
    return new Unreachable(`The house answered ${response.status} without words.`)
  }
}

/** Hears what time it is from the page's own arrival, where it came from the house; one that the tablet kept has to ask. */
async function hearOnArrival(): Promise<void> {
  const [arrival] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[]
  const said = arrival?.serverTiming?.find(one => one.name === 'house-time')
  if (!arrival || !said || arrival.workerStart > 0 || arrival.transferSize === 0) return hearTheTime()
  houseAway.value = false
  houseClock.heard(said.duration, arrival.requestStart, arrival.responseStart)
}

/** Hears what time it is in the house, from an address that no tablet keeps an answer of. */
async function hearTheTime(): Promise<void> {
  const sentAt = houseClock.steadily
  // A page must open where the house is away: nobody waits long for the time.
  const answer = await fetch('/up', { cache: 'no-store', signal: AbortSignal.timeout(1500) }).catch(
    () => null,
  )
  houseAway.value = answer === null
  const time = answer?.headers.get('House-Time')
  if (time) houseClock.heard(Number(time), sentAt, houseClock.steadily)
}

export const api = {
  hearTheTime,
  hearOnArrival,
  session: () => send<Session>('GET', '/session'),
  signIn: (name: string, password: string) => send<Session>('POST', '/session', { name, password }),
  signOut: () => send<Session>('DELETE', '/session'),
  openKitchen: (kitchen: string, name: string, password: string) =>
    send<Session>('POST', '/kitchens', { kitchen, name, password }),
  kitchen: () => send<Kitchen>('GET', '/kitchen'),
  plan: (request: PlanRequest, signal?: AbortSignal) => ask<Plan>('/plan', request, signal),
  compare: async (before: PlanRequest, after: PlanRequest, signal?: AbortSignal) =>
    (await ask<{ changes: Change[] }>('/compare', { before, after }, signal)).changes,
  swap: (question: SwapQuestion, signal?: AbortSignal) => ask<Swap>('/swap', question, signal),
  blend: (question: BlendQuestion, signal?: AbortSignal) => ask<Blend>('/blend', question, signal),
  choose: async (question: ChooseQuestion, signal?: AbortSignal) =>
    (await ask<{ breads: ChosenBread[] }>('/choose', question, signal)).breads,
  nixtamal: (question: NixtamalQuestion, signal?: AbortSignal) =>
    ask<Nixtamal>('/nixtamal', question, signal),
  milling: (question: MillingQuestion, signal?: AbortSignal) => ask<Milling>('/milling', question, signal),
  checkLabel: (label: OwnLabel, signal?: AbortSignal) => ask<LabelCheck>('/label', label, signal),
  shape: (question: ShapeQuestion, signal?: AbortSignal) => ask<Shaping>('/shape', question, signal),
  bake: (question: BakeQuestion, signal?: AbortSignal) => ask<Bakes>('/bake', question, signal),
  turns: (question: TurnsQuestion, signal?: AbortSignal) => ask<FoundTurns>('/turns', question, signal),
  loads: (question: LoadsQuestion, signal?: AbortSignal) => ask<Loads>('/loads', question, signal),
  calibrate: (question: CalibrateQuestion, signal?: AbortSignal) =>
    ask<Calibration>('/calibrate', question, signal),
  practice: (question: PracticeQuestion, signal?: AbortSignal) =>
    ask<Practice>('/practice', question, signal),
  catalogue: async () => (await send<{ ingredients: Ingredient[] }>('GET', '/catalogue')).ingredients,
  keepKitchen: (change: {
    cup?: Kitchen['cup']
    spoon?: Kitchen['spoon']
    aside?: { name: string; set: boolean }
  }) => send<Kitchen>('PATCH', '/kitchen', change),
  archive: (kind: 'breads' | 'lots' | 'gear', id: string, archived: boolean) =>
    send<Kitchen>('PUT', `/${kind}/${id}/archived`, { archived }),
  settling: (lot: string) => send<{ settling: Settling; kind_reach: number }>('GET', `/lots/${lot}/settling`),
  keepLot: (id: string, lot: LotChange) => send<Lot>('PUT', `/lots/${id}`, lot),
  keepGear: (id: string, gear: GearChange) => send<Gear>('PUT', `/gear/${id}`, gear),
  keepCalibration: (id: string, calibration: CalibrationToKeep) =>
    send<KeptCalibration>('PUT', `/calibrations/${id}`, calibration),
  keepOwn: (own: OwnIngredient) => send<OwnIngredient>('PUT', `/ingredients/${own.document.id}`, own),
  bread: (id: string) => send<BreadVersions>('GET', `/breads/${id}`),
  newBread: (id: string, name: string, request: PlanRequest) =>
    send<BreadVersions>('POST', '/breads', { id, name, request }),
  renameBread: (id: string, name: string) => send<BreadVersions>('PATCH', `/breads/${id}`, { name }),
  saveRevision: (bread: string, after: number, request: PlanRequest, id: string) =>
    send<BreadVersions>('POST', `/breads/${bread}/revisions`, { after, request, id }),
  batches: (after?: string, sought: Sought = {}) =>
    send<BatchPage>('GET', `/batches${inAddress({ ...sought, ...(after === undefined ? {} : { after }) })}`),
  startBatch: (start: operations['startBatch']['requestBody']['content']['application/json']) =>
    send<Batch>('POST', '/batches', start),
  /** A batch of this bread as it would be if it were begun now. */
  prepared: (bread: string) =>
    turns.take(() => untilTaken<Batch>('GET', `/breads/${bread}/prepared`, undefined)),
  batch: (id: string) => send<Batch>('GET', `/batches/${id}`),
  /** What changed since, or the whole batch where its plan did; null where nothing happened. */
  news: (id: string, seen: string) =>
    send<Batch | BatchChange | null>('GET', `/batches/${id}/news?seen=${encodeURIComponent(seen)}`),
  day: (hands: number) => send<Day>('GET', `/day?hands=${hands}&${zoneInAddress()}`),
  replan: (batch: string, version: number, request: PlanRequest, id: string) =>
    send<Batch>('PATCH', `/batches/${batch}`, { version, request, id }),
  /** With what is known of the log, so that just what these entries change comes back. */
  record: (id: string, events: BatchEvent[], seen?: number) =>
    send<BatchChange>('POST', `/batches/${id}/events`, { events, seen }),
  leaveOut: (batch: string, left_out: boolean) =>
    send<Batch>('PUT', `/batches/${batch}/lesson`, { left_out }),
  discard: (batch: string, discarded: boolean) =>
    send<Batch>('PUT', `/batches/${batch}/discarded`, { discarded }),
  keepPhoto: (batch: string, id: string, file: Blob) =>
    sendFile<Photo>(`/batches/${batch}/photos/${id}`, file),
  deletePhoto: (batch: string, id: string) => send<null>('DELETE', `/batches/${batch}/photos/${id}`),
  readShade: (batch: string, id: string, places: { white: PhotoPlace; bread: PhotoPlace }) =>
    send<PhotoShade>('POST', `/batches/${batch}/photos/${id}/shade`, places),
  riddle: (question: RiddleQuestion, signal?: AbortSignal) => ask<Riddle>('/riddle', question, signal),
  riddles: () => send<RiddleTally>('GET', '/riddles'),
  answerRiddle: (question: RiddleQuestion) =>
    send<{ riddle: Riddle; tally: RiddleTally }>('POST', '/riddles', question),
  trials: () => send<Trials>('GET', '/trials'),
  trial: (id: string) => send<Trial>('GET', `/trials/${id}`),
  beginTrial: (trial: TrialToBegin) => send<Trial>('POST', '/trials', trial),
  startTrialBatch: (trial: string, batch: { id: string; at: string }) =>
    send<Batch>('POST', `/trials/${trial}/batches`, batch),
  decideTrial: (trial: string, level: number | null) =>
    send<Trial>('PUT', `/trials/${trial}/decision`, level === null ? {} : { level }),
  /** What can be seen to be wrong with a batch, and what may be the cause. */
  causes: (batch: string, seen: { symptoms?: Symptom[]; stage?: Stage; piece?: number }) =>
    send<Causes>('POST', `/batches/${batch}/causes`, seen),
  judge: (batch: string, version: number, verdict: VerdictToGive, id: string) =>
    send<Batch>('PUT', `/batches/${batch}/verdict`, { version, verdict, id }),
}
