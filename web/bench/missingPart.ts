import type { Router } from 'vue-router'
import { api } from '@/api/client'
import { houseAway } from './houseAway'

const OPENED_ANEW = 'mill.opened-anew'
const NOT_AGAIN_MS = 10_000

/**
 * A part of the page that cannot be had is either of a page older than the house, which serves other parts since it was brought
 * up to date: then it is opened anew, where it was to lead. Or the house is away, and every place says so itself.
 */
export function openAnewWhereAPartIsMissing(router: Router): void {
  let leadsTo = location.pathname + location.search
  router.beforeEach(to => {
    leadsTo = to.fullPath
  })
  window.addEventListener('vite:preloadError', () => {
    void api.hearTheTime().then(() => {
      if (houseAway.value || wasJustOpenedAnew()) return
      sessionStorage.setItem(OPENED_ANEW, String(Date.now()))
      location.assign(leadsTo)
    })
  })
}

/** What is missing from a page that is new too does not come by opening it again and again. */
function wasJustOpenedAnew(): boolean {
  return Date.now() - Number(sessionStorage.getItem(OPENED_ANEW) ?? 0) < NOT_AGAIN_MS
}
