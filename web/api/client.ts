import { hereAndNow } from '@/ui/zone'
import { Answers } from './answers'
import type { operations } from './schema'
import { withSteps } from './steps'
import { asked, contract, hearOnArrival, heard, hearTheTime, told } from './transport'
import type * as the from './types'

export { isFinal, Refusal, toldBy, Unreachable } from './failures'
export { onSessionEnded } from './transport'

/** Where a batch, a bread, a bag is: what stands between the slashes of the contract's path. */
const at = <Path extends object>(path: Path) => ({ params: { path } })

/** What is looked for; what is empty is not said. */
function said(sought: the.Sought): the.Sought {
  return Object.fromEntries(Object.entries(sought).filter(([, value]) => value))
}

/** As many plans as a hand goes back over; each some forty kilobytes. */
const MOST_PLANS = 40
const plans = new Answers(
  (body: the.PlanRequest, signal?: AbortSignal) => asked(() => contract.POST('/plan', { body }), signal),
  MOST_PLANS,
)

/** All that the page says to the house and hears of it, each on its path of the contract. */
export const api = {
  hearTheTime,
  hearOnArrival,
  session: () => told(contract.GET('/session')),
  signIn: (name: string, password: string) => told(contract.POST('/session', { body: { name, password } })),
  signOut: () => told(contract.DELETE('/session')),
  openKitchen: (kitchen: string, name: string, password: string) =>
    told(contract.POST('/kitchens', { body: { kitchen, name, password } })),
  people: () => told(contract.GET('/people')),
  invite: (id: string, role: the.Role) => told(contract.POST('/invitations', { body: { id, role } })),
  withdraw: (invitation: string) => told(contract.DELETE('/invitations/{invitation}', at({ invitation }))),
  keepPerson: (person: string, body: { role?: the.Role; password?: string }) =>
    told(contract.PUT('/people/{person}', { ...at({ person }), body })),
  removePerson: (person: string) => told(contract.DELETE('/people/{person}', at({ person }))),
  letBack: (person: string) => told(contract.PUT('/people/{person}/back', at({ person }))),
  invitation: (secret: string) => told(contract.GET('/joining/{secret}', at({ secret }))),
  join: (secret: string, body: { name?: string; password?: string }) =>
    told(contract.POST('/joining/{secret}', { ...at({ secret }), body })),
  keepPassword: (password: string, new_password: string) =>
    told(contract.PUT('/me/password', { body: { password, new_password } })),
  keepProfile: (body: the.Profile) => told(contract.PUT('/me/profile', { body })),
  openCalendar: () => told(contract.PUT('/me/calendar')),
  withdrawCalendar: () => told(contract.DELETE('/me/calendar')),
  enterKitchen: (kitchen: string) => told(contract.PUT('/me/kitchen', { body: { kitchen } })),
  openAnother: (kitchen: string) => told(contract.POST('/me/kitchens', { body: { kitchen } })),
  copies: () => told(contract.GET('/copies')),
  makeCopy: () => told(contract.POST('/copies')),
  restoreCopy: (copy: string) => told(contract.POST('/copies/{copy}/restored', at({ copy }))),
  /** A kitchen file as it is; looked at, nothing of it stays. */
  bringIn: (file: Blob, differing: 'keep' | 'take', look: boolean) =>
    told(
      contract.POST('/imports', {
        params: { query: { differing, look: look ? 'yes' : 'no' } },
        headers: { 'Content-Type': 'application/zip' },
        body: '',
        bodySerializer: () => file,
      }),
    ),
  signOutElsewhere: () => told(contract.DELETE('/me/sessions')),
  kitchen: () => told(contract.GET('/kitchen')),
  plan: (body: the.PlanRequest, signal?: AbortSignal) => plans.of(body, signal),
  /** Has a plan worked out that will probably be asked for next. */
  planAhead: (body: the.PlanRequest) => plans.ahead(body),
  /** For when somebody else comes. */
  forgetPlans: () => plans.forget(),
  compare: async (before: the.PlanRequest, after: the.PlanRequest, signal?: AbortSignal) =>
    (await asked(() => contract.POST('/compare', { body: { before, after } }), signal)).changes,
  swap: (body: the.SwapQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/swap', { body }), signal),
  blend: (body: the.BlendQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/blend', { body }), signal),
  choose: async (body: the.ChooseQuestion, signal?: AbortSignal) =>
    (await asked(() => contract.POST('/choose', { body }), signal)).breads,
  nixtamal: (body: the.NixtamalQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/nixtamal', { body }), signal),
  milling: (body: the.MillingQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/milling', { body }), signal),
  checkLabel: (body: the.OwnLabel, signal?: AbortSignal) =>
    asked(() => contract.POST('/label', { body }), signal),
  shape: (body: the.ShapeQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/shape', { body }), signal),
  bake: (body: the.BakeQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/bake', { body }), signal),
  turns: (body: the.TurnsQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/turns', { body }), signal),
  loads: (body: the.LoadsQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/loads', { body }), signal),
  calibrate: (body: the.CalibrateQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/calibrate', { body }), signal),
  practice: (body: the.PracticeQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/practice', { body }), signal),
  /** What a formula in a cook's own words says. */
  formula: (body: the.FormulaQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/formula', { body }), signal),
  /** What the sheets say in which a cook kept the batches until now. */
  past: (body: the.PastQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/past', { body }), signal),
  keepPast: (bread: string, batch: the.PastBatch) =>
    told(contract.POST('/batches/past', { body: { ...batch, bread } })),
  /** What the sheet says in which a cook already keeps the bags. */
  bags: (body: the.BagsQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/bags', { body }), signal),
  riddle: (body: the.RiddleQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/riddle', { body }), signal),
  catalogue: async () => (await told(contract.GET('/catalogue'))).ingredients,
  keepKitchen: (body: the.KitchenChange) => told(contract.PATCH('/kitchen', { body })),
  archive: (kind: 'breads' | 'lots' | 'gear', id: string, archived: boolean) => {
    const body = { archived }
    if (kind === 'breads')
      return told(contract.PUT('/breads/{bread}/archived', { ...at({ bread: id }), body }))
    if (kind === 'lots') return told(contract.PUT('/lots/{lot}/archived', { ...at({ lot: id }), body }))
    return told(contract.PUT('/gear/{tool}/archived', { ...at({ tool: id }), body }))
  },
  settling: (lot: string) => told(contract.GET('/lots/{lot}/settling', at({ lot }))),
  keepLot: (lot: string, body: the.LotChange) => told(contract.PUT('/lots/{lot}', { ...at({ lot }), body })),
  keepGear: (gear: string, body: the.GearChange) =>
    told(contract.PUT('/gear/{gear}', { ...at({ gear }), body })),
  keepCalibration: (calibration: string, body: the.CalibrationToKeep) =>
    told(contract.PUT('/calibrations/{calibration}', { ...at({ calibration }), body })),
  keepOwn: (body: the.OwnIngredient) =>
    told(contract.PUT('/ingredients/{ingredient}', { ...at({ ingredient: body.document.id }), body })),
  bread: (bread: string) => told(contract.GET('/breads/{bread}', at({ bread }))),
  newBread: (id: string, name: string, request: the.PlanRequest) =>
    told(contract.POST('/breads', { body: { id, name, request } })),
  renameBread: (bread: string, name: string) =>
    told(contract.PATCH('/breads/{bread}', { ...at({ bread }), body: { name } })),
  saveRevision: (bread: string, after: number, request: the.PlanRequest, id: string) =>
    told(contract.POST('/breads/{bread}/revisions', { ...at({ bread }), body: { after, request, id } })),
  batches: (after?: string, sought: the.Sought = {}) =>
    told(contract.GET('/batches', { params: { query: { ...said(sought), after } } })),
  startBatch: async (body: operations['startBatch']['requestBody']['content']['application/json']) =>
    withSteps(await told(contract.POST('/batches', { body }))),
  /** A batch of this bread as it would be if it were begun now. */
  prepared: async (bread: string) =>
    withSteps(await asked(() => contract.GET('/breads/{bread}/prepared', at({ bread })))),
  batch: async (batch: string) => withSteps(await told(contract.GET('/batches/{batch}', at({ batch })))),
  /** What changed since, or the whole batch where its plan did; null where nothing happened. */
  news: async (batch: string, seen: string) => {
    const news = await heard(
      contract.GET('/batches/{batch}/news', { params: { path: { batch }, query: { seen } } }),
    )
    return news && withSteps(news)
  },
  day: (hands: number) => told(contract.GET('/day', { params: { query: { hands, ...hereAndNow() } } })),
  replan: async (batch: string, version: number, request: the.PlanRequest, id: string) =>
    withSteps(
      await told(contract.PATCH('/batches/{batch}', { ...at({ batch }), body: { version, request, id } })),
    ),
  /** With what is known of the log, so that just what these entries change comes back. */
  record: async (batch: string, events: the.BatchEvent[], seen?: number) =>
    withSteps(
      await told(contract.POST('/batches/{batch}/events', { ...at({ batch }), body: { events, seen } })),
    ),
  leaveOut: async (batch: string, left_out: boolean) =>
    withSteps(await told(contract.PUT('/batches/{batch}/lesson', { ...at({ batch }), body: { left_out } }))),
  discard: async (batch: string, discarded: boolean) =>
    withSteps(
      await told(contract.PUT('/batches/{batch}/discarded', { ...at({ batch }), body: { discarded } })),
    ),
  /** A picture as it is: its bytes are the body. */
  keepPhoto: (batch: string, photo: string, file: Blob) =>
    told(
      contract.PUT('/batches/{batch}/photos/{photo}', {
        ...at({ batch, photo }),
        headers: { 'Content-Type': file.type },
        body: '',
        bodySerializer: () => file,
      }),
    ),
  deletePhoto: (batch: string, photo: string) =>
    heard(contract.DELETE('/batches/{batch}/photos/{photo}', at({ batch, photo }))),
  readShade: (batch: string, photo: string, places: { white: the.PhotoPlace; bread: the.PhotoPlace }) =>
    told(contract.POST('/batches/{batch}/photos/{photo}/shade', { ...at({ batch, photo }), body: places })),
  riddles: () => told(contract.GET('/riddles')),
  answerRiddle: (body: the.RiddleQuestion) => told(contract.POST('/riddles', { body })),
  /** What measurements of a few levels say, in the table that they were written in. */
  weighTable: (body: the.TrialQuestion, signal?: AbortSignal) =>
    asked(() => contract.POST('/trial', { body }), signal),
  trials: () => told(contract.GET('/trials')),
  trial: (trial: string) => told(contract.GET('/trials/{trial}', at({ trial }))),
  beginTrial: (body: the.TrialToBegin) => told(contract.POST('/trials', { body })),
  startTrialBatch: async (trial: string, batch: { id: string; at: string }) =>
    withSteps(await told(contract.POST('/trials/{trial}/batches', { ...at({ trial }), body: batch }))),
  decideTrial: (trial: string, level: number | null) =>
    told(
      contract.PUT('/trials/{trial}/decision', { ...at({ trial }), body: level === null ? {} : { level } }),
    ),
  /** What can be seen to be wrong with a batch, and what may be the cause. */
  causes: (batch: string, seen: { symptoms?: the.Symptom[]; stage?: the.Stage; piece?: number }) =>
    told(contract.POST('/batches/{batch}/causes', { ...at({ batch }), body: seen })),
  judge: async (batch: string, version: number, verdict: the.VerdictToGive, id: string) =>
    withSteps(
      await told(
        contract.PUT('/batches/{batch}/verdict', { ...at({ batch }), body: { version, verdict, id } }),
      ),
    ),
}
