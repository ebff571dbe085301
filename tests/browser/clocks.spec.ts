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

test('a griddle that the batch before keeps hot is not asked to be turned on for the next', async ({
  page,
}) => {
  await ownClock(page)
  await signIn(page)
  const course = page.getByRole('navigation', { name: 'Course' })
  const asked = page
    .getByRole('navigation', { name: 'Clocks' })
    .getByRole('link', { name: /Griddle on in|Turn the griddle on/ })
  await start(page, 'Everyday masa discs')
  await course.getByRole('link', { name: /Water/ }).click()
  await page.getByRole('button', { name: /^Poured/ }).click()
  await expect(asked).toHaveText(/Everyday masa discs$/)

  await page.goto('/')
  await start(page, 'Everyday masa discs')
  // Both are of one bread: which is meant is told by when it was begun.
  await expect(asked).toHaveText(/Everyday masa discs of \d\d:\d\d$/)
  await course.getByRole('link', { name: /Griddle/ }).click()
  await page.getByRole('button', { name: /^Lay 1/ }).click()
  await expect(page.getByText('0 off, 1 on, 13 to lay.')).toBeVisible()
  await expect(asked).toBeHidden()
  await page.goto('/larder')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(asked).toBeHidden()
  await page.goBack()
  await page.getByRole('button', { name: /^Undo: laying piece 1/ }).click()
  await expect(asked).toBeVisible()
})
