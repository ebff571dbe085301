import { expect, test } from './test'
import { expectAccessible, ownClock, signIn, start } from './bench'

test.use({ alone: true })

test('the griddle to be turned on, kneading and a rest ring on whatever page is open, and lead back', async ({
  page,
}) => {
  await ownClock(page)
  await page.addInitScript(() => {
    const heard: number[] = []
    Object.assign(window, { heard })
    navigator.vibrate = pattern => {
      heard.push([pattern].flat().length)
      return true
    }
  })
  const rings = () => page.evaluate(() => (window as unknown as { heard: number[] }).heard.length)
  const told = (words: string) => page.getByRole('status').filter({ hasText: words })
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const course = page.getByRole('navigation', { name: 'Course' })
  const clocks = page.getByRole('navigation', { name: 'Clocks' })
  await course.getByRole('link', { name: /Water/ }).click()
  await page.getByRole('button', { name: /^Poured/ }).click()
  await expect(clocks.getByRole('link', { name: /^Griddle on in \d/ })).toBeVisible()

  await page.getByRole('link', { name: 'Larder' }).click()
  await expect(page).toHaveTitle(/^Griddle on in .* · Larder · Stone Mill$/)
  await expectAccessible(page)
  expect(await rings()).toBe(0)
  await page.clock.fastForward('04:00')
  await expect(told('Turn the griddle on: Everyday masa discs.')).toHaveCount(1)
  expect(await rings()).toBe(1)

  await page.getByRole('button', { name: 'Done: Turn the griddle on' }).click()
  await expect(clocks).toBeHidden()
  await page.goBack()
  await course.getByRole('link', { name: /Mix/ }).click()
  await page.getByRole('button', { name: /Start kneading/ }).click()
  await expect(clocks.getByRole('link', { name: /^Knead 2:/ })).toBeVisible()
  await page.getByRole('button', { name: /^Ready/ }).click()
  await expect(clocks.getByRole('link', { name: /^Knead/ })).toBeHidden()
  await course.getByRole('link', { name: /Rest/ }).click()
  await page.getByRole('button', { name: 'Start the rest' }).click()
  // The rest stands large on its own stage and is not said twice.
  await expect(page.getByRole('timer')).toBeVisible()
  await expect(clocks.getByRole('link', { name: /^Rest/ })).toBeHidden()

  await page.getByRole('link', { name: 'Larder' }).click()
  await expect(clocks.getByRole('link', { name: /^Rest (9|10):/ })).toBeVisible()
  const before = await rings()
  await page.clock.fastForward('10:05')
  await expect(told('The rest is over')).toHaveCount(1)
  expect(await rings()).toBe(before + 1)
  await clocks.getByRole('link', { name: 'The rest is over' }).click()
  await expect(page).toHaveURL(/\/rest$/)
  await page.clock.fastForward('12:00')
  await expect(clocks).toBeHidden()
})
