import type { BrowserContext, Page, Request } from '@playwright/test'

/** What each browser has asked for and not been given, as it goes. */
const asked = new WeakMap<BrowserContext, Set<Request>>()

/** Begins to follow what a browser asks for. */
export function follow(context: BrowserContext): Set<Request> {
  const under = new Set<Request>()
  asked.set(context, under)
  context.on('request', one => under.add(one))
  context.on('requestfinished', one => under.delete(one))
  context.on('requestfailed', one => under.delete(one))
  return under
}

export function stopFollowing(context: BrowserContext) {
  for (const told of ['request', 'requestfinished', 'requestfailed']) context.removeAllListeners(told)
}

/** Everything that the page asked for is answered and drawn, and nothing more was asked for by it. */
export async function settled(page: Page) {
  const under = asked.get(page.context())
  const waits = () => [...(under ?? [])].some(one => one.frame().page() === page)
  do {
    while (waits()) await new Promise(later => setTimeout(later, 10))
    await page.evaluate(() => new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn))))
  } while (waits())
}
