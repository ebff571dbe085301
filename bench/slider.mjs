/* From a slider's key press to the new number on the page, in the browser's own clock. */
import { beginBatch, freshPage, launched, median, quantile } from './browser.mjs'

/** Where the slider is, what it is called, and what shows that the answer has come. */
const [stage, name, shows, presses] =
  process.argv[3] === 'griddle'
    ? ['griddle', 'Thickness', '.section-facts', 30]
    : ['water', 'Water temperature', '.facts', 60]
const chromium = await launched()
const page = await freshPage(chromium, { reducedMotion: 'reduce', serviceWorkers: 'allow' })
await page.goto((await beginBatch(page)) + stage)
if (stage === 'griddle') await page.getByText('Plan the heat', { exact: true }).click()
await page.locator(shows).first().waitFor()
await page.getByRole('slider', { name }).focus()
const taken = await page.evaluate(
  async ({ presses, shows }) => {
    const slider = document.activeElement
    const facts = document.querySelector(shows)
    const results = []
    for (let press = 0; press < presses; press++) {
      const before = facts.textContent
      const from = performance.now()
      // There and back, so that no end of the slider is met.
      const key = press % 10 < 5 ? 'ArrowRight' : 'ArrowLeft'
      slider.dispatchEvent(
        new KeyboardEvent('keydown', {
          key,
          code: key,
          bubbles: true,
          cancelable: true,
        }),
      )
      await new Promise(resolve => {
        const watch = new MutationObserver(() => {
          if (facts.textContent === before) return
          watch.disconnect()
          requestAnimationFrame(() => resolve())
        })
        watch.observe(facts, { subtree: true, childList: true, characterData: true })
        setTimeout(resolve, 1000)
      })
      results.push(performance.now() - from)
      await new Promise(resolve => setTimeout(resolve, 60))
    }
    return results
  },
  { presses, shows },
)
const answered = taken.filter(one => one < 1000)
console.log(
  JSON.stringify({
    presses: answered.length,
    median_ms: median(answered),
    p90_ms: quantile(answered, 0.9),
  }),
)
await chromium.close()
