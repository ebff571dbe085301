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
  Loads,
  LoadsQuestion,
  Practice,
  PracticeQuestion,
  ShapeQuestion,
  Shaping,
  TurnsQuestion,
  Batch,
  BatchEvent,
  BatchSummary,
  Blend,
  BlendQuestion,
  BreadVersions,
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
  Swap,
  SwapQuestion,
  Verdict,
} from './types'

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

/** The server could not be reached; nothing is known about what it did. */
export class Unreachable extends Error {}

/** What to tell the cook of a failure; one that is neither a refusal nor the house being away is a fault, and thrown on. */
export function toldBy(failure: unknown): string {
  if (failure instanceof Refusal || failure instanceof Unreachable) return failure.message
  throw failure
}

const BASE = '/api/v1'

async function send<Answer>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<Answer> {
  const headers: Record<string, string> = { Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() }
  if (body !== undefined) headers['Content-Type'] = 'application/json'
  let response: Response
  try {
    response = await fetch(BASE + path, {
      method,
      headers,
      credentials: 'same-origin',
      signal: signal ?? null,
      body: body === undefined ? null : JSON.stringify(body),
    })
  } catch (failure) {
    if (signal?.aborted) throw failure
    throw new Unreachable('The house does not answer.')
  }
  if (!response.ok) throw await refusal(response)
  return (response.status === 204 ? null : await response.json()) as Answer
}

async function refusal(response: Response): Promise<Error> {
  try {
    return new Refusal((await response.json()) as Problem)
  } catch {
    return new Unreachable(`The house answered ${response.status} without words.`)
  }
}

function csrfToken(): string {
  const found = document.cookie.split('; ').find(cookie => cookie.startsWith('XSRF-TOKEN='))
  return found ? decodeURIComponent(found.slice('XSRF-TOKEN='.length)) : ''
}

export const api = {
  session: () => send<Session>('GET', '/session'),
  signIn: (name: string, password: string) => send<Session>('POST', '/session', { name, password }),
  signOut: () => send<Session>('DELETE', '/session'),
  openKitchen: (kitchen: string, name: string, password: string) =>
    send<Session>('POST', '/kitchens', { kitchen, name, password }),
  kitchen: () => send<Kitchen>('GET', '/kitchen'),
  plan: (request: PlanRequest, signal?: AbortSignal) => send<Plan>('POST', '/plan', request, signal),
  compare: async (before: PlanRequest, after: PlanRequest, signal?: AbortSignal) =>
    (await send<{ changes: Change[] }>('POST', '/compare', { before, after }, signal)).changes,
  swap: (question: SwapQuestion, signal?: AbortSignal) => send<Swap>('POST', '/swap', question, signal),
  blend: (question: BlendQuestion, signal?: AbortSignal) => send<Blend>('POST', '/blend', question, signal),
  choose: async (question: ChooseQuestion, signal?: AbortSignal) =>
    (await send<{ breads: ChosenBread[] }>('POST', '/choose', question, signal)).breads,
  nixtamal: (question: NixtamalQuestion, signal?: AbortSignal) =>
    send<Nixtamal>('POST', '/nixtamal', question, signal),
  milling: (question: MillingQuestion, signal?: AbortSignal) =>
    send<Milling>('POST', '/milling', question, signal),
  checkLabel: (label: OwnLabel, signal?: AbortSignal) => send<LabelCheck>('POST', '/label', label, signal),
  shape: (question: ShapeQuestion, signal?: AbortSignal) => send<Shaping>('POST', '/shape', question, signal),
  bake: (question: BakeQuestion, signal?: AbortSignal) => send<Bakes>('POST', '/bake', question, signal),
  turns: (question: TurnsQuestion, signal?: AbortSignal) =>
    send<FoundTurns>('POST', '/turns', question, signal),
  loads: (question: LoadsQuestion, signal?: AbortSignal) => send<Loads>('POST', '/loads', question, signal),
  calibrate: (question: CalibrateQuestion, signal?: AbortSignal) =>
    send<Calibration>('POST', '/calibrate', question, signal),
  practice: (question: PracticeQuestion, signal?: AbortSignal) =>
    send<Practice>('POST', '/practice', question, signal),
  catalogue: async () => (await send<{ ingredients: Ingredient[] }>('GET', '/catalogue')).ingredients,
  keepLot: (id: string, lot: LotChange) => send<Lot>('PUT', `/lots/${id}`, lot),
  keepGear: (id: string, gear: GearChange) => send<Gear>('PUT', `/gear/${id}`, gear),
  keepCalibration: (id: string, calibration: CalibrationToKeep) =>
    send<KeptCalibration>('PUT', `/calibrations/${id}`, calibration),
  keepOwn: (own: OwnIngredient) => send<OwnIngredient>('PUT', `/ingredients/${own.document.id}`, own),
  bread: (id: string) => send<BreadVersions>('GET', `/breads/${id}`),
  newBread: (id: string, name: string, request: PlanRequest) =>
    send<BreadVersions>('POST', '/breads', { id, name, request }),
  renameBread: (id: string, name: string) => send<BreadVersions>('PATCH', `/breads/${id}`, { name }),
  saveRevision: (id: string, after: number, request: PlanRequest) =>
    send<BreadVersions>('POST', `/breads/${id}/revisions`, { after, request }),
  batches: async () => (await send<{ batches: BatchSummary[] }>('GET', '/batches')).batches,
  startBatch: (id: string, bread: string, at: string) => send<Batch>('POST', '/batches', { id, bread, at }),
  batch: (id: string) => send<Batch>('GET', `/batches/${id}`),
  /** The batch where something happened that the asker does not know of; null where nothing did. */
  news: (id: string, seen: string) =>
    send<Batch | null>('GET', `/batches/${id}/news?seen=${encodeURIComponent(seen)}`),
  day: (hands: number) =>
    send<Day>('GET', `/day?hands=${hands}&offset_minutes=${-new Date().getTimezoneOffset()}`),
  replan: (id: string, version: number, request: PlanRequest) =>
    send<Batch>('PATCH', `/batches/${id}`, { version, request }),
  record: (id: string, events: BatchEvent[]) => send<Batch>('POST', `/batches/${id}/events`, { events }),
  judge: (id: string, version: number, verdict: Verdict) =>
    send<Batch>('PUT', `/batches/${id}/verdict`, { version, verdict }),
}
