import type { Page } from '@playwright/test'
import { settled } from './settled'
import { expect, test } from './test'
import {
  expectAccessible,
  heading,
  listenForComplaints,
  signIn,
  start,
  startStyle,
  everyBread,
  enter,
} from './bench'

const PANELS = ['Schools', 'Size', 'A swap', 'A blend', 'Compare versions', 'Label and cost']

async function openBread(page: Page, name: string) {
  await page.goto('/breads')
  await page.getByRole('link', { name: new RegExp(name) }).click()
  await expect(page.getByText('What holds it together')).toBeVisible()
}

/** The number in a row of the figures, such as "24 g". */
async function figure(page: Page, label: string): Promise<string> {
  return (await page.locator('.figure-row', { hasText: label }).first().locator('dd').textContent()) ?? ''
}

async function slide(page: Page, name: string, key: string, presses: number) {
  await page.getByRole('slider', { name }).focus()
  for (let press = 0; press < presses; press++) await page.keyboard.press(key)
}

for (const [name, viewport] of [
  ['at the desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 360, height: 780 }],
] as const) {
  test(`axe finds nothing against the benches and the larder ${name}`, async ({ page }) => {
    const complaints = listenForComplaints(page)
    await page.setViewportSize(viewport)
    await signIn(page)
    const looked = async () => {
      await expectAccessible(page)
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect(overflow, `${page.url()} scrolls sideways`).toBeLessThanOrEqual(0)
    }
    await openBread(page, 'Almond wraps')
    for (const panel of PANELS) {
      await page.getByRole('radio', { name: panel, exact: true }).check()
      await settled(page)
      await looked()
    }
    await page.goto('/breads')
    await expect(page.getByText('fit every wish')).toBeVisible()
    await looked()
    await page.goto('/larder')
    await page.getByRole('button', { name: 'A new bag' }).click()
    await looked()
    await page.getByRole('radio', { name: /Own ingredients/ }).check()
    await page.getByRole('button', { name: 'From a package' }).click()
    await looked()
    await page.getByRole('radio', { name: 'All that is known' }).check()
    await expect(page.getByText(/\d+ shown/)).toBeVisible()
    await looked()
    await page.goto('/grain')
    await expect(page.getByText('Calcium hydroxide is caustic')).toBeVisible()
    await looked()
    await page.getByRole('radio', { name: 'Flour in a home mill' }).check()
    await expect(page.getByText(/^Grind \d+\sg$/)).toBeVisible()
    await looked()
    expect(complaints).toEqual([])
  })
}

test('a binder slid up makes the dough hold better and drink more, and can be undone', async ({ page }) => {
  await enter(page)
  await openBread(page, 'Almond wraps')
  const before = await figure(page, 'Water to pour')
  await expect(page.getByText('52 points of binding')).toBeVisible()
  await slide(page, 'Xanthan gum', 'ArrowRight', 2)
  await expect(page.getByText('59 points of binding')).toBeVisible()
  await expect.poll(() => figure(page, 'Water to pour')).not.toBe(before)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByText('52 points of binding')).toBeVisible()
  await expect(page.getByRole('button', { name: /Save as version/ })).toBeDisabled()
})

test('a changed formula outlives a reload, is kept as a new version and compared with the old one', async ({
  page,
}) => {
  await enter(page)
  await openBread(page, 'Sorghum rounds')
  await page.getByRole('combobox', { name: 'Put something in' }).click()
  await page.keyboard.type('Tapioca')
  await page.getByRole('option', { name: 'Tapioca starch' }).click()
  await expect(page.getByRole('slider', { name: 'Tapioca starch' })).toBeVisible()
  await expect(page.getByRole('slider', { name: 'Sorghum flour' })).toHaveAttribute('aria-valuenow', '95')
  await page.reload()
  await expect(page.getByRole('slider', { name: 'Tapioca starch' })).toBeVisible()
  await page.getByRole('button', { name: 'Save as version 2' }).click()
  await expect(page.getByText('Version 2.')).toBeVisible()
  await page.getByRole('radio', { name: 'Compare versions' }).check()
  await expect(page.getByText('Tapioca starch comes in.')).toBeVisible()
  await expect(page.getByText('Less sorghum flour.')).toBeVisible()
  await page.getByRole('button', { name: 'Take version 1 up again' }).click()
  await expect(page.getByText('Version 2, changed.')).toBeVisible()
  await expect(page.getByText('Nothing differs.')).toBeVisible()
})

test('a formula can be written in percent, in weights or in cups, and stays the same bread', async ({
  page,
}) => {
  await enter(page)
  await openBread(page, 'Soft rice rounds')
  const water = await figure(page, 'Water to pour')
  await page.getByRole('radio', { name: 'Weights' }).check()
  await expect(page.getByRole('slider', { name: 'White rice flour' })).toHaveAttribute(
    'aria-valuetext',
    /\d+\sg/,
  )
  await expect.poll(() => figure(page, 'Water to pour')).toBe(water)
  await page.getByRole('radio', { name: 'Cups, spoons' }).check()
  await expect(page.getByRole('slider', { name: 'White rice flour, cups' })).toHaveAttribute(
    'aria-valuetext',
    /^\d[¼½¾]?$/,
  )
  await expect(page.getByText('10 ×', { exact: false }).or(page.getByText('× 10')).first()).toBeVisible()
  await page.getByRole('button', { name: 'Why Water to pour?' }).click()
  await expect(page.getByText('of which the measuring by volume or eye leaves')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('radio', { name: '% of flour' }).check()
  await expect(page.getByRole('slider', { name: 'White rice flour' })).toHaveAttribute(
    'aria-valuetext',
    /^100\s%$/,
  )
  await expect(page.getByRole('alert')).toHaveCount(0)
})

test('wheat is said where it is put in, and can be swapped out again', async ({ page }) => {
  await enter(page)
  await openBread(page, 'Soft rice rounds')
  await page.getByRole('combobox', { name: 'Put something in' }).click()
  await page.keyboard.type('Wheat')
  await page.getByRole('option', { name: /Wheat flour/ }).click()
  await expect(page.getByText('Contains wheat: not gluten-free.').first()).toBeVisible()
  await page.getByRole('button', { name: 'Swap the wheat' }).click()
  const standIns = page.getByRole('list', { name: 'In place of Wheat flour (contains gluten)' })
  await standIns.getByRole('button', { name: /^Take/ }).first().click()
  await expect(page.getByText('Contains wheat: not gluten-free.')).toHaveCount(0)
})

test('an egg is swapped for what is left over in the larder, and the label follows', async ({ page }) => {
  await enter(page)
  await openBread(page, 'Almond wraps')
  await page.getByRole('button', { name: 'Swap Whole egg' }).click()
  await page.getByRole('group', { name: 'By something without' }).getByRole('button', { name: 'Egg' }).click()
  await expect(page.getByRole('button', { name: 'Take Egg white' })).toBeHidden()
  await page.getByRole('button', { name: /^\d+ more$/ }).click()
  await page.getByRole('button', { name: 'Take Psyllium husk', exact: true }).click()
  await expect(page.getByRole('slider', { name: 'Psyllium husk' })).toBeVisible()
  await expect(page.getByRole('slider', { name: 'Whole egg' })).toHaveCount(0)
  await page.getByRole('radio', { name: 'Label and cost' }).check()
  await expect(page.getByText('Contains tree nuts.')).toBeVisible()
  // The almond box in the larder has a price; what has none is named.
  await expect(page.getByText(/Not counted, since no bag has a price: .*Psyllium husk/)).toBeVisible()
})

test('wishes that clash are named; given up one by one they are met and the blend is taken', async ({
  page,
}) => {
  await enter(page)
  await openBread(page, 'Soft rice rounds')
  await page.getByRole('radio', { name: 'A blend' }).check()
  await page.getByRole('button', { name: 'Net carbohydrate, at most in 100 g' }).click()
  await page.getByRole('combobox', { name: 'At least 40 % of' }).click()
  await page.keyboard.type('White rice')
  await page.getByRole('option', { name: 'White rice flour', exact: true }).click()
  await slide(page, 'Net carbohydrate, at most in 100 g', 'ArrowLeft', 30)
  await expect(page.getByRole('heading', { name: 'These wishes clash' })).toBeVisible()
  await expect(page.getByText('at least 40 % rice white')).toBeVisible()
  await page.getByRole('button', { name: 'Drop this wish' }).click()
  await expect(page.getByRole('heading', { name: 'This blend meets every wish' })).toBeVisible()
  await page.getByRole('button', { name: 'Take this blend' }).click()
  await expect(page.getByText('Version 1, changed.')).toBeVisible()
})

test('what a bread must do leads to a bread, and the bread to a batch', async ({ page }) => {
  await enter(page)
  await page.goto('/breads')
  await page.getByRole('radio', { name: 'Split and be stuffed' }).check()
  await page
    .getByRole('group', { name: 'Somebody cannot have' })
    .getByRole('button', { name: 'Milk' })
    .click()
  await expect(page.getByText('✓ Good to split and be stuffed.').first()).toBeVisible()
  await page.getByRole('button', { name: 'Keep Thick precooked-corn round as a bread' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thick precooked-corn round')
  await page.getByRole('button', { name: 'Start a batch' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('× Thick precooked-corn round')
  await page.goto('/')
  await everyBread(page)
  await expect(page.getByRole('button', { name: 'Start Thick precooked-corn round' })).toBeVisible()
})

test('a bag comes into the larder and a batch is weighed from it', async ({ page }) => {
  await enter(page)
  await page.goto('/larder')
  await page.getByRole('button', { name: 'A new bag' }).click()
  await page.getByRole('textbox', { name: 'What you call it' }).fill('Masa, new sack')
  await page.getByRole('spinbutton', { name: 'Price a kilogram' }).fill('4.2')
  await page.getByLabel('Opened').fill('2 Jan 2098')
  await page.keyboard.press('Enter')
  await page.getByRole('switch', { name: 'Certified gluten-free' }).focus()
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('Masa, new sack')).toBeVisible()
  await expect(page.getByText('4.20 a kilogram')).toBeVisible()
  await page.goto('/')
  await start(page, 'Everyday masa discs')
  await page
    .getByRole('navigation', { name: 'Course' })
    .getByRole('link', { name: /Measure/ })
    .click()
  await expect(
    page.getByRole('list', { name: 'Lines to measure' }).getByText('Masa, new sack (certified)'),
  ).toBeVisible()
  await page.goto('/larder')
  await page.getByRole('button', { name: 'Change Masa, new sack' }).click()
  await page.getByLabel('Emptied').fill('3 Jan 2098')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/empty since .*2098/)).toBeVisible()
})

test('the table of a package says what does not add up, and is kept once it does', async ({ page }) => {
  await enter(page)
  await page.goto('/larder')
  await page.getByRole('radio', { name: /Own ingredients/ }).check()
  await page.getByRole('button', { name: 'From a package' }).click()
  await page.getByRole('textbox', { name: 'What it is called' }).fill('Sorghum from the hill')
  for (const [part, value] of [
    ['Energy, in kJ', '800'],
    ['Fat, in g', '3'],
    ['Carbohydrate, in g', '69'],
    ['of which sugars, in g', '1.5'],
    ['Fibre, in g', '7'],
    ['Protein, in g', '9'],
  ] as const) {
    await page.getByRole('spinbutton', { name: part }).fill(value)
    await page.keyboard.press('Tab')
  }
  await expect(page.getByText('The energy does not fit what is in it.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Keep it' })).toBeDisabled()
  await page.getByRole('spinbutton', { name: 'Energy, in kJ' }).fill('1490')
  await page.keyboard.press('Tab')
  await expect(page.getByText('✓ It does.')).toBeVisible()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('Sorghum from the hill')).toBeVisible()
})

test('the water can be set by the dough it should make, and the jug says how to get it', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  await expect(
    page.getByText(/Into the jug: \d+\sg from the tap at 16\s°C and \d+\sg off the boil\./),
  ).toBeVisible()
  await page.getByRole('radio', { name: 'The dough' }).check()
  await slide(page, 'Dough temperature', 'ArrowLeft', 27)
  await expect(page.getByText(/Into the jug: .* ice and/)).toBeVisible()
  // Colder than the tap, which runs at 16 °C.
  await expect.poll(async () => Number(/at (-?\d+)\s°C/.exec(await heading(page))?.[1])).toBeLessThan(16)
})

test('a dough measured by feel says how far its hydration may be off', async ({ page }) => {
  await enter(page)
  await openBread(page, 'Soft rice rounds')
  await page.getByRole('combobox', { name: 'Measure' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: 'By feel' }).click()
  await expect(page.getByText('The pour is counted')).toBeVisible()
  await page.getByRole('button', { name: 'Save as version 2' }).click()
  await page.getByRole('button', { name: 'Start a batch' }).click()
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  await page.getByRole('button', { name: /^Poured/ }).click()
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Mix/ }).click()
  await expect(page.getByText(/the hydration may be anything from \d+\s% to \d+\s%/)).toBeVisible()
})

test('what a batch weighs is gone from its bag, too little of it is said with what would mend it, and a weighing sets it right', async ({
  page,
}) => {
  await signIn(page)
  const bag = crypto.randomUUID()
  const kept = await page.request.put(`/api/v1/lots/${bag}`, {
    data: {
      version: 0,
      ingredient: 'cassava',
      label: 'Cassava, last of the bag',
      certified_gluten_free: true,
      opened_on: '2026-03-01',
      grams: 90,
    },
  })
  expect(kept.ok(), await kept.text()).toBe(true)
  await startStyle(page, 'cassava-wrap')
  const short = page.getByRole('status', { name: 'Worth a look' })
  await expect(short).toContainText(/its bag is enough for \d+ of \d+ pieces/)
  await short.getByRole('button', { name: /^Make \d+ pieces?$/ }).click()
  await expect(page.getByText('its bag is enough', { exact: false })).toBeHidden()

  await page.goto('/larder')
  await page.getByRole('button', { name: 'Change Cassava, last of the bag' }).click()
  await expect(page.getByRole('form', { name: 'Change Cassava, last of the bag' })).toBeInViewport()
  const weighed = page
    .getByRole('textbox', { name: 'Weighed now' })
    .or(page.getByLabel('Weighed now'))
    .first()
  await weighed.fill('640')
  await weighed.press('Enter')
  await expect(page.getByText('640 g left', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Cassava, last of the bag is used up' }).click()
  await expect(page.getByText('640 g left', { exact: false })).toBeHidden()
})
