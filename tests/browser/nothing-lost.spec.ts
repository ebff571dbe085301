import { expect, test } from './test'
import { signIn, start } from './bench'

test('a reload at any stage comes back to it with everything in place', async ({ page }) => {
  await signIn(page)
  await start(page, 'Soft rice rounds')
  for (const stage of ['measure', 'water', 'mix', 'rest', 'portion', 'shape', 'griddle', 'stack', 'judge']) {
    await page
      .getByRole('navigation', { name: 'Course' })
      .getByRole('link', { name: new RegExp(stage, 'i') })
      .click()
    await expect(page).toHaveURL(new RegExp(`/${stage}$`))
    const before = await page.getByRole('heading', { level: 1 }).textContent()
    await page.reload()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(before ?? '')
  }
})

test('a new page without a stage in its address comes back to where the cook was', async ({ page }) => {
  await signIn(page)
  await start(page, 'Sorghum rounds for dipping')
  await page.getByRole('button', { name: /On to measure/ }).click()
  await page.getByRole('button', { name: 'In the bowl' }).first().click()
  await page.getByRole('button', { name: /On to water/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Pour')
  const address = page.url().replace(/\/water$/, '')
  await page.goto(address)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Pour')
})

test('after a crash at the griddle the clocks are right to the second', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page
    .getByRole('navigation', { name: 'Course' })
    .getByRole('link', { name: /Griddle/ })
    .click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lay 1')
  await page.keyboard.press('Space')
  await expect(page.getByText('0 off, 1 on')).toBeVisible()
  const spot = page.getByRole('button', { name: 'Piece 1: turn' })
  const counts = async () => Number((await spot.textContent())?.match(/0:(\d\d)/)?.[1])
  const due = Date.now() / 1000 + (await counts())
  const address = page.url()
  await page.goto('about:blank')
  await page.waitForTimeout(4000)
  await page.goto(address)
  await expect(spot).toBeVisible()
  // Due when it was due at laying, whatever the page was doing meanwhile.
  expect(Math.abs(Date.now() / 1000 + (await counts()) - due)).toBeLessThan(2.5)
})

test('what happens while the house does not answer is kept and sent once it does', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Pour')
  await page.route('**/events', route => route.abort())
  await page.getByRole('button', { name: /^Poured/ }).click()
  await expect(page.getByText('One entry is kept on this device')).toBeVisible()
  await page.reload()
  await expect(page.getByText('One entry is kept on this device')).toBeVisible()
  await page.unroute('**/events')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is in, that is', { timeout: 15_000 })
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is in, that is')
})

test('a slider let go in the moment of a crash is where it was', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.route(/\/batches\/[^/]+$/, (route, request) =>
    request.method() === 'PATCH' ? route.abort() : route.continue(),
  )
  await page.getByRole('button', { name: 'Less: Pieces' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('13 × Everyday masa discs')
  await page.unrouteAll()
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('13 × Everyday masa discs')
})

test('an undone entry is out of the bowl, and done again it is back', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  await page.getByRole('button', { name: /^Poured/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is in')
  await page.getByRole('button', { name: /^Undo: pouring \d+\sg/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Pour')
  await page.getByRole('button', { name: /^Redo: pouring \d+\sg/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('is in')
  await expect(page.getByRole('button', { name: /^Redo/ })).toBeHidden()
})

test('a change and the entry that follows it at once both arrive, in that order', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('button', { name: 'Less: Pieces' }).click()
  await page.getByRole('button', { name: 'Less: Pieces' }).click()
  await page.getByRole('button', { name: /On to measure/ }).click()
  await page.getByRole('button', { name: 'In the bowl' }).first().click()
  await expect(page.getByRole('button', { name: '✓ It is in' })).toBeVisible()
  await page.reload()
  await page
    .getByRole('navigation', { name: 'Course' })
    .getByRole('link', { name: /Choose/ })
    .click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('12 × Everyday masa discs')
})
