import type { Locator, Page } from '@playwright/test'
import { signIn, start } from './bench'
import { expect, test } from './test'

/** What a fader shows once the plan has answered its key. */
async function pressed(page: Page, fader: Locator, key: string): Promise<number> {
  const before = await fader.getAttribute('aria-valuenow')
  const answer = page.waitForResponse(response => response.url().endsWith('/api/v1/plan'))
  await fader.press(key)
  await answer
  await expect(fader).not.toHaveAttribute('aria-valuenow', before ?? '')
  // The plan's own word on it, which must not move it further.
  await page.evaluate(() => new Promise(shown => requestAnimationFrame(() => requestAnimationFrame(shown))))
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
