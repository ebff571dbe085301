import type { Page } from '@playwright/test'
import { signIn, start } from './bench'
import { expect, test } from './test'

/** What to do and the way on never leave the screen, whatever the size, the view or the bread. */
const SIZES = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'tablet upright', width: 820, height: 1180 },
  { name: 'tablet', width: 1180, height: 820 },
  { name: 'phone', width: 360, height: 780 },
]
const BREADS = ['Everyday masa discs', 'Almond wraps']
const SHOTS = process.env['MILL_SHOTS']

async function stages(page: Page): Promise<string[]> {
  const links = await page.getByRole('navigation', { name: 'Course' }).getByRole('link').all()
  return Promise.all(links.map(async link => (await link.getAttribute('href')) ?? ''))
}

async function expectActInSight(page: Page, what: string) {
  const bar = page.getByRole('group', { name: 'What to do now' })
  await expect(bar).toBeVisible()
  const seen = await bar.evaluate(element => {
    const box = element.getBoundingClientRect()
    return {
      inside:
        box.top >= 0 &&
        box.bottom <= window.innerHeight + 1 &&
        box.left >= 0 &&
        box.right <= window.innerWidth + 1,
      sideways: document.documentElement.scrollWidth - window.innerWidth,
      screens: document.documentElement.scrollHeight / window.innerHeight,
    }
  })
  expect(seen.inside, `${what}: the act is on the screen`).toBe(true)
  expect(seen.sideways, `${what}: nothing scrolls sideways`).toBeLessThanOrEqual(0)
  for (const button of await bar.getByRole('button').all()) {
    const box = await button.boundingBox()
    expect(box && box.y >= 0 && box.x >= 0, `${what}: every button of it`).toBe(true)
  }
  return seen.screens
}

for (const bread of BREADS) {
  test(`the act of ${bread} stays in sight on every stage, at every size, in both views`, async ({
    page,
  }) => {
    test.setTimeout(120_000)
    await signIn(page)
    await start(page, bread)
    const addresses = await stages(page)
    for (const view of ['desk view', 'bench view']) {
      for (const size of SIZES) {
        await page.setViewportSize(size)
        for (const address of addresses) {
          await page.goto(address)
          await expect(page.getByRole('heading', { level: 1 })).not.toBeEmpty()
          const stage = address.split('/').at(-1) ?? ''
          const screens = await expectActInSight(page, `${stage}, ${size.name}, ${view}`)
          if (size.name === 'desk' && view === 'desk view') {
            expect(screens, `${stage}: no taller than two screens at the desk`).toBeLessThanOrEqual(2)
          }
          if (SHOTS) {
            await page.waitForTimeout(250)
            await page.screenshot({
              path: `${SHOTS}/${bread.slice(0, 6)}-${view.slice(0, 5)}-${size.name}-${stage}.png`,
            })
          }
        }
      }
      await page.setViewportSize({ width: 1280, height: 800 })
      await page.getByRole('button', { name: 'Bench view' }).click()
    }
  })
}
