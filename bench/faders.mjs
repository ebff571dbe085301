/* From a key on each fader of a batch to the frame that shows the plan that follows from it, in the browser's own clock. */
import { chromium as browser } from '@playwright/test'

const base = process.argv[2] ?? 'http://127.0.0.1:8499'
const PRESSES = 16
const args = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-sync']
const chromium = await browser.launch({ executablePath: '/usr/bin/chromium', args })
const context = await chromium.newContext({
  viewport: { width: 1280, height: 800 },
  reducedMotion: 'reduce',
  serviceWorkers: 'block',
})
const page = await context.newPage()
await page.request.post(`${base}/api/v1/session`, { data: { name: 'cook', password: 'masa-and-water' } })
await page.goto(base)
await page.getByRole('button', { name: 'Start Everyday masa discs' }).click()
await page.waitForURL(/choose/)
const address = page.url().replace('choose', '')

/** The frame after the answer to what the key asked for; answers that were overtaken count for nothing. */
async function press(slider, index) {
  await slider.focus()
  return page.evaluate(
    async ({ key }) => {
      const send = window.fetch
      const planned = new Promise(resolve => {
        window.fetch = async (...asked) => {
          const answer = await send(...asked)
          if (String(asked[0]).endsWith('/api/v1/plan') && answer.ok)
            // Read and shown by the page first.
            void answer
              .clone()
              .text()
              .then(() => setTimeout(() => requestAnimationFrame(() => resolve(performance.now())), 0))
          return answer
        }
        setTimeout(() => resolve(null), 3000)
      })
      const from = performance.now()
      document.activeElement.dispatchEvent(
        new KeyboardEvent('keydown', { key, code: key, bubbles: true, cancelable: true }),
      )
      const shown = await planned
      window.fetch = send
      return shown === null ? null : shown - from
    },
    { key: index % 8 < 4 ? 'ArrowRight' : 'ArrowLeft' },
  )
}

const all = []
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
      await page.waitForTimeout(450)
    }
    // A fader that asks for no plan (own times of a bake) has the picture's own figure.
    if (taken.length === PRESSES) all.push({ stage, name, taken: taken.sort((one, other) => one - other) })
  }
}
await chromium.close()
const at = (values, share) => values[Math.min(values.length - 1, Math.floor(values.length * share))]
const worst = all.reduce((most, one) => (at(one.taken, 0.95) > at(most.taken, 0.95) ? one : most))
const every = all.flatMap(one => one.taken).sort((one, other) => one - other)
for (const one of all)
  console.error(
    `${one.stage}\t${one.name}\t${at(one.taken, 0.5).toFixed(0)}\t${at(one.taken, 0.95).toFixed(0)}`,
  )
console.log(
  JSON.stringify({
    faders: all.length,
    median_ms: at(every, 0.5),
    p95_ms: at(every, 0.95),
    worst: worst.name,
    worst_p95_ms: at(worst.taken, 0.95),
  }),
)
