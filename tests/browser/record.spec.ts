import type { Page } from '@playwright/test'
import { expectAccessible, signIn, start, tool, everyBread, enter } from './bench'
import { expect, test } from './test'

test('the record is found again by what was said, opened, left out, and two are held side by side', async ({
  page,
}) => {
  await enter(page)
  await page.goto('/record')
  const rows = page.getByRole('main').getByRole('listitem')
  await expect(rows.filter({ hasText: 'The one to repeat.' })).toBeVisible()
  const all = await rows.count()
  expect(all).toBeGreaterThanOrEqual(12)
  await expectAccessible(page)
  await page.getByRole('textbox', { name: 'Words in verdict or notes' }).fill('repeat')
  await expect(rows).toHaveCount(1)
  await page.getByRole('textbox', { name: 'Words in verdict or notes' }).fill('')
  await expect(rows).toHaveCount(all)
  await page.getByRole('combobox', { name: 'Verdict' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: 'Not like that again' }).click()
  await expect(rows).not.toHaveCount(all)
  await expect(rows.filter({ hasText: 'Waited too long before rolling' })).toBeVisible()
  await expect(rows.filter({ hasText: 'The one to repeat.' })).toBeHidden()

  const checks = page.getByRole('checkbox')
  await checks.nth(0).check()
  await checks.nth(1).check()
  await page.getByRole('button', { name: 'Hold the two side by side' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Two batches side by side')
  await expect(page.getByRole('row', { name: /^Hydration/ })).toBeVisible()
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(2)
  await expectAccessible(page)

  await page.getByRole('heading', { level: 2 }).first().getByRole('link').click()
  await expect(page.getByRole('heading', { name: 'What it taught' })).toBeVisible()
  await expect(page.getByText(/Its dough took \d+\.\d\spoints (more|less) water than its kind/)).toBeVisible()
  await expect(page.getByText(/It coloured \d\.\d\d times as readily as expected/)).toBeVisible()
  await page.getByRole('button', { name: /^The log, \d+ entries/ }).click()
  await expect(page.getByText('laying piece 1', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Leave it out of what is learned' }).click()
  await expect(page.getByText('It is left out of what is learned; its log stays.')).toBeVisible()
  await page.getByRole('button', { name: 'Learn from it' }).click()
  await expect(page.getByText('It is left out of what is learned; its log stays.')).toBeHidden()
  await expectAccessible(page)
})

test('a photo is taken, its colour is read against a white sheet and offered, and it is deleted', async ({
  page,
}) => {
  await enter(page)
  await page.goto('/record')
  await page.getByRole('main').getByRole('listitem').first().getByRole('link').click()
  await tool(page, 'Simulated devices')
  await page.getByRole('button', { name: 'Simulated camera' }).click()
  const photo = page.getByRole('button', { name: 'Photo 1' })
  await photo.click()
  // Sheet and bread lie where the marks are at first; the arrows move them.
  await page.getByRole('group', { name: /^Photo, pointing at the white sheet/ }).press('ArrowLeft')
  await page.getByRole('button', { name: 'Read its colour' }).click()
  await expect(page.getByText(/0\.\d\d of 1 \(likely 0\.\d\d to 0\.\d\d\)/)).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Delete this photo' }).click()
  await expect(photo).toBeHidden()

  // As large as a phone makes them: far more than any document of the house.
  const large = await largePhoto(page)
  expect(large.length).toBeGreaterThan(2_000_000)
  await page
    .getByLabel('Take or choose a photo')
    .setInputFiles({ name: 'bread.jpg', mimeType: 'image/jpeg', buffer: large })
  await expect(photo).toBeVisible({ timeout: 20_000 })
  await photo.click()
  await page.getByRole('button', { name: 'Delete this photo' }).click()
  await expect(photo).toBeHidden()

  await page.getByRole('link', { name: 'Mend the verdict' }).click()
  await page.getByRole('button', { name: /^Photos/ }).click()
  await page.getByRole('button', { name: 'Simulated camera' }).click()
  await page.getByRole('button', { name: 'Photo 1' }).click()
  await page.getByRole('button', { name: 'Read its colour' }).click()
  const shade = page.getByRole('slider', { name: /^First face/ })
  const before = await shade.getAttribute('aria-valuenow')
  await page.getByRole('button', { name: 'Take it for a face' }).click()
  expect(await shade.getAttribute('aria-valuenow')).not.toBe(before)
  await page.getByRole('button', { name: 'Save the verdict again' }).click()
  await page.getByRole('link', { name: 'See it in the record' }).click()
  await expect(page.getByRole('heading', { name: 'What was said of it before' })).toBeVisible()
})

test('what was begun by mistake or is not in use goes out of sight, and comes back', async ({ page }) => {
  await signIn(page)
  await start(page, 'Almond wraps')
  await page.goto('/')
  const open = page.getByRole('link', { name: /^Almond wraps.*Stands at Choose/ })
  await expect(open).toBeVisible()
  await page.getByRole('button', { name: /^Almond wraps of .* was begun by mistake$/ }).click()
  await expect(open).toBeHidden()
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(open).toBeVisible()

  await page.goto('/breads')
  await page.getByRole('button', { name: 'Put away Soft rice rounds' }).click()
  await expect(page.getByRole('link', { name: /^Soft rice rounds/ })).toBeHidden()
  await page.goto('/')
  await everyBread(page)
  await expect(page.getByRole('button', { name: 'Start Soft rice rounds' })).toBeHidden()
  await page.goto('/breads')
  await page.getByRole('button', { name: 'Put away (1)' }).click()
  await page.getByRole('button', { name: 'Take out Soft rice rounds' }).click()
  await expect(page.getByRole('link', { name: /^Soft rice rounds/ })).toBeVisible()
  await page.goto('/')
  await everyBread(page)
  await expect(page.getByRole('button', { name: 'Start Soft rice rounds' })).toBeVisible()

  await page.goto('/hearth')
  await page.getByRole('button', { name: 'A press, pan or scale' }).click()
  await page.getByRole('radio', { name: 'A pan', exact: true }).check()
  await page.getByRole('textbox', { name: 'What you call it' }).fill('Small black pan')
  await page.getByRole('button', { name: 'Keep it', exact: true }).click()
  await page.getByRole('textbox', { name: 'Search the tools' }).fill('small black')
  await expect(page.getByRole('heading', { level: 2, name: 'Small black pan' })).toBeVisible()
  await expect(page.getByRole('heading', { level: 2, name: 'Lever press' })).toBeHidden()
})

/** A JPEG of grain, which hardly shrinks. */
async function largePhoto(page: Page): Promise<Buffer> {
  const address = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 2400
    canvas.height = 1800
    const context = canvas.getContext('2d')
    if (!context) throw new Error('No canvas.')
    const grain = context.createImageData(canvas.width, canvas.height)
    for (let at = 0; at < grain.data.length; at++)
      grain.data[at] = at % 4 === 3 ? 255 : (at * 2654435761) % 251
    context.putImageData(grain, 0, 0)
    return canvas.toDataURL('image/jpeg', 0.95)
  })
  return Buffer.from(address.split(',')[1] ?? '', 'base64')
}
