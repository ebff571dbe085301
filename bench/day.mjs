/* A day's run of 200 pieces with 2,000 entries in its log: how long until the browser shows it, and from Space to what comes next;
   and how long a second tablet takes to hear of an entry. */
import { randomUUID } from 'node:crypto'
import { beginBatch, freshPage, launched, median } from './browser.mjs'

const ENTRIES = 2000
const chromium = await launched()
const page = await freshPage(chromium)
const address = await beginBatch(page)
const id = /batch\/([^/]+)/.exec(address)[1]

/** The page's own session. */
const call = (method, path, body) =>
  page.evaluate(
    async ([method, path, body]) => {
      const answer = await fetch(`/api/v1${path}`, {
        method,
        headers: { Accept: 'application/json', 'Content-Type': 'application/json' },
        body: body ? JSON.stringify(body) : undefined,
      })
      if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`)
      return answer.json()
    },
    [method, path, body],
  )

const started = await call('GET', `/batches/${id}`)
const batch = await call('PATCH', `/batches/${id}`, {
  version: started.version,
  request: { ...started.request, pieces: { ...started.request.pieces, count: 200 } },
})
let clock = Date.now() - 5 * 3600_000
const events = []
const happens = (kind, fields) => {
  clock += 4000
  events.push({ id: randomUUID(), kind, at: new Date(clock).toISOString(), ...fields })
}
for (let piece = 1; piece <= 190; piece++) {
  happens('laid', { piece, place: ((piece - 1) % batch.plan.griddle.places.length) + 1 })
  for (let touch = 1; touch <= batch.plan.griddle.turns.length; touch++) happens('turned', { piece, touch })
  happens('lifted', { piece })
}
while (events.length < ENTRIES) happens('noted', { text: 'An even heat, no smoke.' })
for (let from = 0; from < events.length; from += 200)
  await call('POST', `/batches/${id}/events`, { events: events.slice(from, from + 200) })

const paints = []
const shown = []
for (let round = 0; round < 7; round++) {
  await page.goto(`${address}griddle`)
  await page.getByText('190 off, 0 on, 10 to lay.').waitFor()
  const times = await page.evaluate(() => ({
    paint: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0,
    now: performance.now(),
  }))
  paints.push(times.paint)
  shown.push(times.now)
}
const other = await page.context().newPage()
await other.goto(`${address}griddle`)
await other.getByText('190 off, 0 on, 10 to lay.').waitFor()
const spaces = []
const heard = []
for (let press = 0; press < 10; press++) {
  const before = await other.locator('.say').textContent()
  const from = Date.now()
  spaces.push(
    await page.evaluate(async () => {
      const say = document.querySelector('.say')
      const before = say.textContent
      const from = performance.now()
      window.dispatchEvent(
        new KeyboardEvent('keydown', { key: ' ', code: 'Space', bubbles: true, cancelable: true }),
      )
      await new Promise(resolve => {
        const watch = new MutationObserver(() => {
          if (say.textContent === before) return
          watch.disconnect()
          requestAnimationFrame(resolve)
        })
        watch.observe(say, { subtree: true, childList: true, characterData: true })
        setTimeout(resolve, 2000)
      })
      return performance.now() - from
    }),
  )
  await other.waitForFunction(text => document.querySelector('.say').textContent !== text, before)
  heard.push(Date.now() - from)
  await page.waitForTimeout(700)
}
await chromium.close()
console.log(
  JSON.stringify({
    entries: events.length,
    paint_ms: median(paints),
    shown_ms: median(shown),
    space_ms: median(spaces),
    heard_ms: median(heard),
  }),
)
