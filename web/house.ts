import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { api } from './api/client'
import type { Kitchen, Session } from './api/types'
import { forgetTheHouse } from './bench/serviceWorker'

/** Who is here, and what this kitchen has to choose from. */
export const useHouse = defineStore('house', () => {
  const session = shallowRef<Session | null>(null)
  const kitchen = shallowRef<Kitchen | null>(null)

  async function look() {
    session.value ??= await api.session()
    if (session.value.user) kitchen.value ??= await api.kitchen()
  }

  async function enter(arriving: Promise<Session>) {
    session.value = await arriving
    kitchen.value = null
    await look()
  }

  /** What there is to choose from, after something was put in or changed. */
  async function refresh() {
    kitchen.value = await api.kitchen()
  }

  async function leave() {
    await api.signOut()
    await forgetTheHouse()
    session.value = null
    kitchen.value = null
  }

  return { session, kitchen, look, enter, refresh, leave }
})
