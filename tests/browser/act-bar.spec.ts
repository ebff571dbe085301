import type { Page } from '@playwright/test'
import { signIn, startStyle, tool } from './bench'
import { expect, test } from './test'

/** What to do and the way on never leave the screen, whatever the size, the view or the bread. */
const SIZES = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'tablet upright', width: 820, height: 1180 },
  { name: 'tablet', width: 1180, height: 820 },
  { name: 'phone', width: 360, height: 780 },
  // What is left of a desk for a page whose letters are twice as large.
  { name: 'desk at 200 %', width: 640, height: 400 },
]
const DESK = { width: 1280, height: 800 }
/** Every texture, school of turning, way of shaping and of the water. */
const STYLES = [
  'pressed-masa',
  'thick-corn-round',
  'maize-round',
  'pearl-millet-round',
  'rice-vegetable-round',
  'raised-round',
  'chickpea-pan-bread',
  'almond-wrap',
  'cassava-wrap',
  'teff-batter-round',
]
const LOOKS = [
  { name: 'light', press: [], sizes: SIZES },
  // Colours move nothing: the widest and the narrowest say whether one of them did.
  { name: 'dark', press: ['Dark'], sizes: SIZES.filter(size => ['desk', 'phone'].includes(size.name)) },
  { name: 'bench', press: ['Bench view', 'Dark'], sizes: SIZES },
]

async function expectActInSight(page: Page, what: string): Promise<number> {
  const bar = page.getByRole('group', { name: 'What to do now' })
  await expect(bar).toBeVisible()
  const seen = await bar.evaluate(element => {
    const isInside = (one: Element) => {
      const box = one.getBoundingClientRect()
      return (
        box.top >= 0 &&
        box.bottom <= window.innerHeight + 1 &&
        box.left >= 0 &&
        box.right <= window.innerWidth + 1
      )
    }
    const boxes = [...element.querySelectorAll('a, button')]
      .filter(one => one.getClientRects().length > 0 && !one.querySelector('button'))
      .map(one => ({ words: one.textContent.trim(), box: one.getBoundingClientRect() }))
    const overlaps = boxes.flatMap((one, index) =>
      boxes
        .slice(index + 1)
        .filter(
          other =>
            Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left) > 1 &&
            Math.min(one.box.bottom, other.box.bottom) - Math.max(one.box.top, other.box.top) > 1,
        )
        .map(other => `${one.words} | ${other.words}`),
    )
    return {
      overlaps,
      hidden: [element, ...element.querySelectorAll('a, button')]
        .filter(one => one.getClientRects().length > 0 && !isInside(one))
        .map(one => one.textContent.trim()),
      sideways: document.documentElement.scrollWidth - window.innerWidth,
      screens: document.documentElement.scrollHeight / window.innerHeight,
    }
  })
  expect(seen.hidden, `${what}: all of the act is on the screen`).toEqual([])
  expect(seen.overlaps, `${what}: nothing lies over the act`).toEqual([])
  expect(seen.sideways, `${what}: nothing scrolls sideways`).toBeLessThanOrEqual(0)
  return seen.screens
}

for (const style of STYLES) {
  test(`the act of ${style} stays in sight on every stage, at every size, in every look`, async ({
    page,
  }) => {
    await signIn(page)
    await startStyle(page, style)
    const course = page.getByRole('navigation', { name: 'Course' }).getByRole('link')
    const stages = await course.count()
    expect(stages).toBeGreaterThan(6)
    for (const look of LOOKS) {
      for (const press of look.press) await tool(page, press)
      for (let stage = 0; stage < stages; stage++) {
        await course.nth(stage).click()
        await expect(course.nth(stage)).toHaveAttribute('aria-current', 'step')
        await expect(page.getByRole('heading', { level: 1 })).not.toBeEmpty()
        const name = new URL(page.url()).pathname.split('/').at(-1) ?? ''
        for (const size of look.sizes) {
          await page.setViewportSize(size)
          // What depends on the width is laid out anew in the next frame.
          await page.evaluate(
            () => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done))),
          )
          const screens = await expectActInSight(page, `${name}, ${size.name}, ${look.name}`)
          if (size.name === 'desk' && look.name !== 'bench')
            expect(screens, `${name}: no taller than two screens at the desk`).toBeLessThanOrEqual(2)
          if (size.name.startsWith('tablet') && look.name === 'bench')
            expect(screens, `${name}: one screen and a half at the bench, ${size.name}`).toBeLessThanOrEqual(
              1.5,
            )
        }
        await page.setViewportSize(DESK)
      }
    }
  })
}
