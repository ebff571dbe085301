import type { Kitchen } from '../../web/api/types'
import { everyBread, signIn, startStyle } from './bench'
import { settled } from './settled'
import { expect, test } from './test'

/** A hair's breadth more is none. */
const TWO_SCREENS = 2.01

test('no place and no way to change a formula is taller than two screens at the desk', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await signIn(page)
  const screens = async (what: string) => {
    await settled(page)
    // What is asked anew with a view may stand beside its predecessor for a moment.
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollHeight / window.innerHeight), {
        message: what,
      })
      .toBeLessThanOrEqual(TWO_SCREENS)
  }
  for (const place of [
    '/',
    '/breads',
    '/breads/in-words',
    '/larder',
    '/larder/sheet',
    '/grain',
    '/hearth',
    '/record',
    '/trials',
    '/practice',
    '/people',
    '/you',
  ]) {
    await page.goto(place)
    await screens(place)
  }
  // A short formula, one with what must be warned of, and one of nine lines.
  await startStyle(page, 'raised-round')
  const { breads } = (await (await page.request.get('/api/v1/kitchen')).json()) as Kitchen
  const kinds = ['pressed-masa', 'almond-wrap', 'raised-round']
  for (const bread of kinds.flatMap(style => breads.find(one => one.style === style) ?? [])) {
    await page.goto(`/breads/${bread.id}`)
    await expect(page.getByText('What holds it together')).toBeVisible()
    for (const way of [
      'Schools',
      'Use and rests',
      'Size',
      'Beside the dough',
      'A swap',
      'A blend',
      'Compare versions',
      'Label and cost',
    ]) {
      await page.getByRole('radio', { name: way, exact: true }).check({ force: true })
      await screens(`${bread.name}: ${way}`)
    }
  }
})

test('Today is two screens however much is under way and however many breads there are', async ({ page }) => {
  test.setTimeout(90_000)
  await page.setViewportSize({ width: 1280, height: 800 })
  await signIn(page)
  const before = (await (await page.request.get('/api/v1/kitchen')).json()) as Kitchen
  for (const style of [
    'pressed-masa',
    'millet-round',
    'rice-round',
    'almond-wrap',
    'oat-round',
    'raised-round',
  ])
    await startStyle(page, style)
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'The day' })).toBeVisible()
  await settled(page)
  const tall = await page.evaluate(() => document.documentElement.scrollHeight / window.innerHeight)
  expect(tall).toBeLessThanOrEqual(TWO_SCREENS)
  await expect(page.getByRole('button', { name: /^Start / })).toHaveCount(4)
  // What was made last stands first, and the rest is a tap away.
  await expect(page.getByRole('button', { name: /^Start / }).first()).toHaveAccessibleName(
    'Start Raised soft round',
  )
  await everyBread(page)
  await expect(page.getByRole('button', { name: /^Start / })).toHaveCount(
    before.breads.filter(one => !one.archived).length + 6,
  )
})
