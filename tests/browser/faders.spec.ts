import type { Locator, Page } from '@playwright/test'
import { signIn, start } from './bench'
import { expect, test } from './test'

/** How many plans the page has shown of what was wanted. */
const shown = async (page: Page) =>
  Number(await page.locator('[data-plans-shown]').getAttribute('data-plans-shown'))

/** What a fader shows once the plan has followed its key. */
async function pressed(page: Page, fader: Locator, key: string): Promise<number> {
  const before = await fader.getAttribute('aria-valuenow')
  const plans = await shown(page)
  await fader.press(key)
  await expect.poll(() => shown(page)).toBeGreaterThan(plans)
  await expect(fader).not.toHaveAttribute('aria-valuenow', before ?? '')
  // The plan's own word on it, which must not move it further.
  await page.evaluate(() => new Promise(frame => requestAnimationFrame(() => requestAnimationFrame(frame))))
  return Number(await fader.getAttribute('aria-valuenow'))
}

test('a fader goes up and down by its steps and meets itself again, whatever the record knows of hands and bags', async ({
  page,
}) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const batch = page.url().replace(/[^/]*$/, '')
  for (const [stage, name, opens] of [
    ['choose', 'Pieces', ''],
    ['choose', 'Each, raw', ''],
    ['water', 'Water, in % of the flour', ''],
    ['water', 'Water temperature', ''],
    ['shape', 'Thickness', ''],
    ['griddle', 'Thickness', 'Plan the heat'],
    ['griddle', 'Hydration', 'Plan the heat'],
  ] as const) {
    await page.goto(batch + stage)
    if (opens) await page.getByText(opens, { exact: true }).click()
    const fader = page.getByRole('slider', { name, exact: true })
    // From a step of its own, wherever the plan stood before.
    const here = await pressed(page, fader, 'ArrowRight')
    const up = await pressed(page, fader, 'ArrowRight')
    expect(up, `${stage}, ${name}: up`).toBeGreaterThan(here)
    expect(await pressed(page, fader, 'ArrowLeft'), `${stage}, ${name}: back`).toBe(here)
    const down = await pressed(page, fader, 'ArrowLeft')
    expect(down, `${stage}, ${name}: down`).toBeLessThan(here)
    expect(await pressed(page, fader, 'ArrowRight'), `${stage}, ${name}: up again`).toBe(here)
  }
})

test('the next step of a fader is worked out while the hand rests, and a step back is known', async ({
  page,
}) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.goto(page.url().replace(/[^/]*$/, 'water'))
  const fader = page.getByRole('slider', { name: 'Water temperature', exact: true })
  let worked = 0
  page.on('requestfinished', one => (worked += one.url().endsWith('/api/v1/plan') ? 1 : 0))
  const here = await pressed(page, fader, 'ArrowRight')
  await expect.poll(() => worked).toBe(2)
  let asked = 0
  await page.route('**/api/v1/plan', route => {
    asked++
    return route.abort()
  })
  expect(await pressed(page, fader, 'ArrowRight')).toBe(here + 1)
  expect(await pressed(page, fader, 'ArrowLeft')).toBe(here)
  await page.unroute('**/api/v1/plan')
  expect(asked).toBeLessThanOrEqual(1)
})
