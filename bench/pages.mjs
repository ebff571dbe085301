/* How soon each place shows its largest part, and how much it shifts, with the processor slowed four times as on a cheap tablet; beside
   it a page with nothing on it from the same house. What comes over the wire, compressed, on a first visit to Today. */
import { base, freshPage, launched, median, signIn } from './browser.mjs'

const SLOWER = 4
const VISITS = 5
const PLACES = [
  { name: 'empty page', path: '/up' },
  { name: 'sign-in', path: '/sign-in', out: true },
  { name: 'Today', path: '/' },
  { name: 'Breads', path: '/breads' },
]
const chromium = await launched()

/** A browser that has never been here, signed in or not. */
async function visitor(isIn) {
  const page = await freshPage(chromium, {})
  if (isIn) await signIn(page)
  const client = await page.context().newCDPSession(page)
  await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  await client.send('Network.enable')
  return { page, client }
}

const found = {}
for (const place of PLACES) {
  const paints = []
  const shifts = []
  const wires = []
  for (let visit = 0; visit < VISITS; visit++) {
    const { page, client } = await visitor(!place.out)
    let bytes = 0
    client.on('Network.loadingFinished', event => (bytes += event.encodedDataLength))
    await page.addInitScript(() => {
      window.seen = { paint: 0, shift: 0 }
      new PerformanceObserver(list => {
        for (const one of list.getEntries()) window.seen.paint = one.startTime
      }).observe({ type: 'largest-contentful-paint', buffered: true })
      new PerformanceObserver(list => {
        for (const one of list.getEntries()) if (!one.hadRecentInput) window.seen.shift += one.value
      }).observe({ type: 'layout-shift', buffered: true })
    })
    await page.goto(base + place.path, { waitUntil: 'networkidle' })
    await page.waitForTimeout(500)
    const seen = await page.evaluate(() => ({
      ...window.seen,
      paint: window.seen.paint || (performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0),
    }))
    paints.push(seen.paint)
    shifts.push(seen.shift)
    wires.push(bytes)
    await page.context().close()
  }
  found[place.name] = { paint: median(paints), shift: Math.max(...shifts), kilobytes: median(wires) / 1000 }
}
await chromium.close()
for (const [name, { paint, shift, kilobytes }] of Object.entries(found))
  console.log(`${name}\t${paint.toFixed(0)}\t${shift.toFixed(3)}\t${kilobytes.toFixed(0)}`)
