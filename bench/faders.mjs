/*
 * From a key on each fader of a batch to the frame that shows the plan that follows from it, in the browser's own clock.
 * Half of the keys ask for what nobody has asked for yet, half go back over it.
 * Between two keys an empty answer is fetched and waited for in the same way: what of a slow key is the machine's own.
 */
import { beginBatch, freshPage, launched, median, quantile } from './browser.mjs'

const PRESSES = 24
const chromium = await launched()
const page = await freshPage(chromium)
const address = await beginBatch(page)

/** The frame that shows the plan which the key asked for, however the page came by it; null where it asked for none. */
async function press(slider, index) {
  await slider.focus()
  return page.evaluate(
    async ({ key }) => {
      const batch = document.querySelector('[data-plans-shown]')
      const planned = new Promise(resolve => {
        const shown = new MutationObserver(() => {
          shown.disconnect()
          requestAnimationFrame(() => resolve(performance.now()))
        })
        shown.observe(batch, { attributeFilter: ['data-plans-shown'] })
        setTimeout(() => resolve(null), 3000)
      })
      const from = performance.now()
      document.activeElement.dispatchEvent(
        new KeyboardEvent('keydown', { key, code: key, bubbles: true, cancelable: true }),
      )
      const shown = await planned
      return shown === null ? null : shown - from
    },
    { key: index < PRESSES / 2 ? 'ArrowRight' : 'ArrowLeft' },
  )
}

/** The frame after the least that the same server can answer. */
const emptyAnswer = () =>
  page.evaluate(async () => {
    const from = performance.now()
    await (await fetch('/api/v1/ping')).text()
    return new Promise(resolve => requestAnimationFrame(() => resolve(performance.now() - from)))
  })

const all = []
const empty = []
for (const stage of ['choose', 'water', 'shape', 'griddle']) {
  await page.goto(address + stage)
  await page.getByRole('heading', { level: 1 }).waitFor()
  if (stage === 'griddle') await page.getByText('Plan the heat', { exact: true }).click()
  if (stage === 'water') await page.getByRole('button', { name: 'Room, tap, bowl and risk' }).click()
  await page.waitForTimeout(800)
  const count = await page.getByRole('slider').count()
  for (let index = 0; index < count; index++) {
    const slider = page.getByRole('slider').nth(index)
    const name = await slider.getAttribute('aria-label')
    const taken = []
    for (let number = 0; number < PRESSES; number++) {
      const milliseconds = await press(slider, number)
      if (milliseconds === null) break
      taken.push(milliseconds)
      // A hand rests between two keys, and what it left is kept by the house meanwhile.
      await page.waitForTimeout(400)
      empty.push(await emptyAnswer())
      await page.waitForTimeout(50)
    }
    // A fader that asks for no plan (own times of a bake) has the picture's own figure.
    if (taken.length === PRESSES) all.push({ stage, name, taken })
  }
}
await chromium.close()
const p95 = values => quantile(values, 0.95)
const worst = all.reduce((most, one) => (p95(one.taken) > p95(most.taken) ? one : most))
const every = all.flatMap(one => one.taken)
// Nothing was known yet of what it asks for; each later key the page could have guessed, or has been there.
const first = all.map(one => one.taken[0])
for (const one of all)
  console.error(`${one.stage}\t${one.name}\t${median(one.taken).toFixed(0)}\t${p95(one.taken).toFixed(0)}`)
console.log(
  JSON.stringify({
    faders: all.length,
    median_ms: median(every),
    p95_ms: p95(every),
    first_median_ms: median(first),
    first_slowest_ms: Math.max(...first),
    worst: worst.name,
    worst_p95_ms: p95(worst.taken),
    empty_median_ms: median(empty),
    empty_p95_ms: p95(empty),
  }),
)
