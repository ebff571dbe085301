import { forgetHeard } from './shelf'

const HOUSE = 'mill-house'
const LATEST_MS = 4000

/** Lets the page be installed and opened without the network. Only where the browser holds the address for safe. */
export function registerServiceWorker(): void {
  if ('serviceWorker' in navigator && import.meta.env.PROD)
    window.addEventListener('load', () =>
      // What a tablet keeps for later waits until what it shows now is there.
      requestIdleCallback(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), {
        timeout: LATEST_MS,
      }),
    )
}

/** What the house said is kept for when it does not answer; not for whoever comes after a cook who left. */
export async function forgetTheHouse(): Promise<void> {
  if ('caches' in window) await caches.delete(HOUSE)
  await forgetHeard()
}
