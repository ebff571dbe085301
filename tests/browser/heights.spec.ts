import type { Kitchen } from '../../web/api/types'
import { signIn } from './bench'
import { expect, test } from './test'

/** A hair's breadth more is none. */
const TWO_SCREENS = 2.01

test('no place and no way to change a formula is taller than two screens at the desk', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await signIn(page)
  const screens = async (what: string) => {
    await page.waitForLoadState('networkidle')
    const tall = await page.evaluate(() => document.documentElement.scrollHeight / window.innerHeight)
    expect(tall, what).toBeLessThanOrEqual(TWO_SCREENS)
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
  const { breads } = (await (await page.request.get('/api/v1/kitchen')).json()) as Kitchen
  for (const bread of breads.slice(0, 2)) {
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
