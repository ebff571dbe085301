import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { hasArrived } from '@/api/arrived'
import { api, onSessionEnded, Refusal, Unreachable } from '@/api/client'
import type { Kitchen, Session } from '@/api/types'
import { forgetPrepared } from './begin'
import { isHere } from './person'
import { forgetTheHouse } from './serviceWorker'

/** Set while a cook has signed out on this device and the house has not heard of it. */
const LEAVING = 'mill.leaving'
const NOBODY: Session = { user: null, first_run: false }

/** Surfaces that the house plans for, in °C. Before it was heard there is nothing to plan. */
export function surfaceRange(kitchen: Kitchen | null): readonly [number, number] {
  const [least = 0, most = 0] = kitchen?.limits.surface_celsius ?? []
  return [least, most]
}

/** Who is here, and what this kitchen has to choose from. */
export const useHouse = defineStore('house', () => {
  const session = shallowRef<Session | null>(null)
  const kitchen = shallowRef<Kitchen | null>(null)
  /** The house does not know yet that the last cook left. */
  const isLeaving = shallowRef(localStorage.getItem(LEAVING) !== null)

  /** The house has forgotten who is here, in the middle of the work. */
  const hasEnded = shallowRef(false)
  onSessionEnded(() => (hasEnded.value = Boolean(session.value?.user)))

  /** The same cook again, on the spot: what is on the page and what waits to be sent stay as they are. */
  async function comeBack(password: string) {
    session.value = await api.signIn(session.value?.user?.name ?? '', password)
    hasEnded.value = false
  }

  /** A kitchen that finished a batch is asked no more. */
  let experienced: string | undefined

  /** Whether this kitchen has not finished a batch yet. */
  async function isAtItsFirst(): Promise<boolean> {
    const here = session.value?.user?.kitchen
    if (here !== undefined && experienced === here) return false
    const isFirst = (await api.batches(undefined, { done: 'yes' })).batches.length === 0
    if (!isFirst) experienced = here
    return isFirst
  }

  /** Heard once a page, before anything is begun by the clock. */
  let heard: Promise<void> | undefined

  let looking: Promise<void> | undefined

  /** Asked by many at once, it looks once. */
  function look(): Promise<void> {
    looking ??= lookNow().finally(() => (looking = undefined))
    return looking
  }

  async function lookNow() {
    heard ??= api.hearOnArrival()
    const arrived = arrivedWith()
    await heard
    // What was fetched with the page is of whoever was here when it came, which a cook who has left is not any more.
    const wasLeaving = isLeaving.value
    if (wasLeaving && !(await toldOfLeaving())) session.value = NOBODY
    session.value ??= await ((wasLeaving ? null : arrived.session) ?? api.session())
    isHere(session.value.user?.name ?? '')
    if (session.value.user) kitchen.value ??= await ((wasLeaving ? null : arrived.kitchen) ?? api.kitchen())
  }

  /**
   * Asked at once, with the time: a page waits for the slowest of them, not for all. What the house sent along with the page is taken
   * up here, so that it is given to nobody later.
   */
  function arrivedWith(): { session: Promise<Session> | null; kitchen: Promise<Kitchen> | null } {
    const isFirst = !session.value
    const asked = {
      session: isFirst ? api.session() : null,
      kitchen: isFirst && hasArrived('/kitchen') && !kitchen.value ? api.kitchen() : null,
    }
    void asked.session?.catch(() => undefined)
    void asked.kitchen?.catch(() => undefined)
    return asked
  }

  async function enter(arriving: () => Promise<Session>) {
    // Whoever comes next must not come into the session of the one before.
    if (isLeaving.value && !(await toldOfLeaving())) throw new Unreachable('The house does not answer.')
    session.value = await arriving()
    isHere(session.value.user?.name ?? '')
    kitchen.value = null
    await look()
  }

  /** What there is to choose from, after something was put in or changed. */
  async function refresh() {
    await take(api.kitchen())
  }

  /** Whatever changed in the kitchen changes what a bread would begin with. */
  async function take(asked: Promise<Kitchen>) {
    kitchen.value = await asked
    forgetPrepared()
  }

  async function keepMeasure(measure: { cup: Kitchen['cup'] } | { spoon: Kitchen['spoon'] }) {
    await take(api.keepKitchen(measure))
  }

  /** What was learned is used, or set aside until somebody wants it again. */
  async function setAside(name: string, set: boolean) {
    await take(api.keepKitchen({ aside: { name, set } }))
  }

  /** Puts a bread, a bag or a tool away, or takes it out again. */
  async function archive(kind: 'breads' | 'lots' | 'gear', id: string, archived: boolean) {
    await take(api.archive(kind, id, archived))
  }

  /** This device is locked at once; the house is told now, or as soon as it answers. */
  async function leave() {
    localStorage.setItem(LEAVING, '1')
    isLeaving.value = true
    await forgetTheHouse()
    api.forgetPlans()
    hasEnded.value = false
    session.value = NOBODY
    kitchen.value = null
    isHere('')
    await toldOfLeaving()
  }

  async function toldOfLeaving(): Promise<boolean> {
    try {
      await api.signOut()
    } catch (failure) {
      if (failure instanceof Unreachable || failure instanceof Refusal) return false
      throw failure
    }
    localStorage.removeItem(LEAVING)
    isLeaving.value = false
    return true
  }

  return {
    session,
    kitchen,
    isLeaving,
    hasEnded,
    look,
    enter,
    comeBack,
    isAtItsFirst,
    refresh,
    keepMeasure,
    setAside,
    archive,
    leave,
    toldOfLeaving,
  }
})
