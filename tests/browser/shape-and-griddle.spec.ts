import type { Page } from '@playwright/test'
import { settled } from './settled'
import { expect, test } from './test'
import { expectAccessible, listenForComplaints, signIn, start, tool, view, enter } from './bench'

async function atStage(page: Page, stage: string) {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.goto(page.url().replace(/\/[a-z]+$/, `/${stage}`))
}

/** Once the house has planned the batch anew. */
const planned = (page: Page) =>
  page.waitForResponse(
    answer => answer.request().method() === 'PATCH' && /\/batches\/[^/]+$/.test(answer.url()),
  )

const picture = (page: Page, title: string) => page.getByRole('img', { name: new RegExp(`^${title}:`) })

test('the inside of the bread follows the sliders, and the cook’s own times stand beside the plan', async ({
  page,
}) => {
  const complaints = listenForComplaints(page)
  await atStage(page, 'griddle')
  await view(page, 'Plan the heat')
  const plan = picture(page, 'The plan')
  await expect(plan).toBeVisible()
  const before = await plan.getAttribute('aria-label')
  await page.getByRole('slider', { name: 'Griddle surface' }).press('ArrowLeft')
  await expect(plan).not.toHaveAttribute('aria-label', before ?? '')
  await view(page, 'What if')
  await expect(page.getByText('If the griddle or the disc is a little off')).toBeVisible()
  await view(page, 'Plan the heat')

  await page.getByRole('button', { name: 'Try your own times' }).click()
  await expect(picture(page, 'Your times')).toBeVisible()
  const first = page.getByRole('slider', { name: 'Turn 1' })
  for (let times = 0; times < 14; times++) await first.press('ArrowLeft')
  await expect(page.getByText('Turned before the first face had set')).toBeVisible()
  const kept = planned(page)
  await page.getByRole('button', { name: 'Cook by these times' }).click()
  await expect(page.getByText('This batch is cooked by your times.')).toBeVisible()
  const own = await first.getAttribute('aria-valuetext')
  await kept
  await page.reload()
  await expect(page.getByRole('slider', { name: 'Turn 1' })).toHaveAttribute('aria-valuetext', own ?? '')
  await page.getByRole('button', { name: "Back to the model's plan" }).click()
  await expect(page.getByText('This batch is cooked by your times.')).toBeHidden()
  expect(complaints).toEqual([])
})

test('a wish is found heat and times, and the batch takes them', async ({ page }) => {
  await atStage(page, 'griddle')
  await view(page, 'What if')
  await page.getByText('Find the heat and the times for another bread').click()
  await page.getByRole('button', { name: 'Two turns', exact: true }).click()
  await page.getByRole('button', { name: 'Find it' }).click()
  const found = picture(page, 'Found')
  await expect(found).toBeVisible()
  await expect(page.getByText(/All that was wished|Not all of it can be had/)).toBeVisible()
  const times = (await found.getAttribute('aria-label'))?.match(/lift at (\d:\d\d)/)?.[1]
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await view(page, 'Plan the heat')
  await expect(page.getByRole('heading', { name: new RegExp(`Each piece: ${times}`) })).toBeVisible()
})

test('the shape stage knows press, guides, sheets, fillings and pans, and prints a ring', async ({
  page,
}) => {
  await atStage(page, 'shape')
  await expect(page.getByText(/from the middle towards the hinge/).first()).toBeVisible()
  await expect(page.getByRole('img', { name: /fit on the griddle at once/ })).toBeVisible()
  await page.getByRole('radio', { name: 'Cut from a sheet' }).check()
  await expect(page.getByRole('img', { name: /^Rolling 1:/ })).toBeVisible()
  await page.getByRole('radio', { name: 'Filled' }).check()
  await expect(page.getByText(/Open to .* close over a ball/)).toBeVisible()
  for (let times = 0; times < 40; times++)
    await page.getByRole('slider', { name: 'Filling, of the dough' }).press('ArrowRight')
  await expect(page.getByText(/It will burst/).first()).toBeVisible()
  await page.getByRole('radio', { name: 'Batter' }).check()
  await expect(page.getByText(/pours? of/)).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'The disc at true size' }).click()
  const sheet = await page.request.get(
    (await page.getByRole('link', { name: 'ring and guide, A4' }).getAttribute('href')) ?? '',
  )
  expect(sheet.headers()['content-type']).toBe('application/pdf')
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-')
})

test('the scale is pulled off its cable in the middle, and the countdown goes on', async ({ page }) => {
  await atStage(page, 'portion')
  // No device has been connected and none was asked for: nothing shows a weight.
  await expect(page.getByText('No scale is connected: type what yours shows.')).toBeVisible()
  await expect(page.getByLabel('Scale display')).toBeHidden()
  await tool(page, 'Simulated devices')
  const use = page.getByRole('button', { name: 'Use this as the whole dough' })
  await expect(use).toBeEnabled()
  await use.click()
  await page.getByRole('button', { name: 'Take about a piece' }).click()
  const take = page.getByRole('button', { name: 'Take this reading' })
  await expect(take).toBeEnabled()
  await page.getByRole('button', { name: 'Pull its cable' }).click()
  await expect(page.getByText('The scale is gone.')).toBeVisible()
  await expect(take).toBeDisabled()
  await page.getByRole('button', { name: 'Plug it in' }).click()
  await expect(take).toBeEnabled()
  await take.click()
  await expect(page.getByText('13 to go.')).toBeVisible()
})

test('practice: too soon is stuck, and the picture shows what was done', async ({ page }) => {
  const complaints = listenForComplaints(page)
  await signIn(page)
  await page.getByRole('link', { name: 'Practice' }).click()
  await page.getByRole('radio', { name: 'Too hot' }).check()
  await expect(page.getByText(/The metal stands near 290/)).toBeVisible()
  await expectAccessible(page)
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Lift' })).toBeVisible()
  await expect(page.getByRole('timer')).not.toHaveText('0:00')
  await page.keyboard.press('Space')
  await expect(page.getByRole('img', { name: /First face up/ })).toBeVisible()
  await expect(page.getByRole('timer')).toHaveText(/0:0[1-9]/)
  await page.getByRole('button', { name: 'Lift' }).click()
  await expect(page.getByText('What it did')).toBeVisible()
  await expect(page.getByText(/of 100/)).toBeVisible()
  await expect(page.getByText('Turned before the first face had set')).toBeVisible()
  expect(complaints).toEqual([])
})

test('the hearth: a griddle is put in, read while it warms, and a batch on it knows', async ({ page }) => {
  await signIn(page)
  await page.getByRole('link', { name: 'Hearth' }).click()
  await page.getByRole('button', { name: 'A new griddle' }).click()
  await page.getByLabel('What you call it').fill('Clay over coals')
  await page.getByRole('radio', { name: 'Clay' }).check()
  await page.getByRole('button', { name: 'Keep it' }).click()
  const card = page.getByRole('listitem').filter({ hasText: 'Clay over coals' })
  await expect(card).toContainText('Nobody has looked yet')
  await card.getByRole('button', { name: 'Calibrate a setting' }).click()
  await page.getByLabel('The setting you use').fill('Embers raked flat')
  // With a thermometer of one's own the readings are typed, and timed from the lighting.
  await page.getByRole('button', { name: 'Light it now' }).click()
  await expect(page.getByText('Lit for 0:0')).toBeVisible()
  await page.getByLabel('The metal shows, in °C').fill('24')
  await page.getByLabel('The metal shows, in °C').press('Enter')
  await expect(page.getByText('1 reading,')).toBeVisible()
  await page.getByRole('button', { name: 'Stop reading' }).click()
  await tool(page, 'Simulated devices')
  await page.getByRole('button', { name: 'Light it with a simulated thermometer' }).click()
  await expect(page.getByText(/[6-9] readings/)).toBeVisible({ timeout: 20_000 })
  await page.getByRole('button', { name: 'Stop reading' }).click()
  await page.getByRole('button', { name: 'A drop dances in beads' }).click()
  await expect(page.getByRole('img', { name: /readings\. It comes to/ })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Keep this calibration' }).click()
  await expect(card).toContainText('Embers raked flat:')
  await card.getByRole('button', { name: 'Load after load' }).click()
  await expect(page.getByRole('row', { name: /^4 / })).toBeVisible()
  await expectAccessible(page)

  await page.goto('/')
  await start(page, 'Everyday masa discs')
  const kept = planned(page)
  await page.getByRole('radio', { name: 'Clay over coals' }).check()
  await kept
  await page.goto(page.url().replace(/\/[a-z]+$/, '/griddle'))
  await expect(page.getByText('Embers raked flat')).toBeVisible()
  await expectAccessible(page)
})

for (const place of ['hearth', 'practice']) {
  test(`${place} fits a phone and has no fault that axe finds, in the dark too`, async ({ page }) => {
    await page.setViewportSize({ width: 360, height: 780 })
    await enter(page)
    await page.goto(`/${place}`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await settled(page)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360)
    await expectAccessible(page)
    await tool(page, 'Dark')
    await expectAccessible(page)
  })
}
