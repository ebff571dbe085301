import { forgetHeard } from './shelf'

const HOUSE = 'mill-house'

/** Lets the page be installed and opened without the network. Only where the browser holds the address for safe. */
export function registerServiceWorker(): void {
  if ('serviceWorker' in navigator && import.meta.env.PROD)
    window.addEventListener(
      'load',
      () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined),
    )
}

/** What the house said is kept for when it does not answer; not for whoever comes after a cook who left. */
export async function forgetTheHouse(): Promise<void> {
  if ('caches' in window) await caches.delete(HOUSE)
  await forgetHeard()
}
