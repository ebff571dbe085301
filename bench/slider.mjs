/* From a slider's key press to the new number on the page, in the browser's own clock. */
import { chromium as browser } from '@playwright/test'

const base = process.argv[2] ?? 'http://127.0.0.1:8499'
/** Where the slider is, what it is called, and what shows that the answer has come. */
const [stage, name, shows, presses] =
  process.argv[3] === 'griddle'
    ? ['griddle', 'Thickness', '.section-facts', 30]
    : ['water', 'Water temperature', '.facts', 60]
const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
const chromium = await browser.launch({ executablePath: '/usr/bin/chromium', args })
const page = await (
  await chromium.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' })
).newPage()
await page.goto(`${base}/sign-in`)
await page.getByLabel('Name').fill('cook')
await page.getByLabel('Password').fill('masa-and-water')
await page.getByRole('button', { name: 'Sign in' }).click()
await page.getByRole('button', { name: 'Start Everyday masa discs' }).click()
await page.waitForURL(/choose/)
await page.goto(page.url().replace('choose', stage))
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
const sorted = taken.filter(one => one < 1000).sort((a, b) => a - b)
console.log(
  JSON.stringify({
    presses: sorted.length,
    median_ms: sorted[Math.floor(sorted.length / 2)],
    p90_ms: sorted[Math.floor(sorted.length * 0.9)],
  }),
)
await chromium.close()
