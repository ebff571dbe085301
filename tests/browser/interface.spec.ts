import type { Page } from '@playwright/test'
import type { Batch } from '../../web/api/types'
import { expect, test } from './test'
import { expectAccessible, heading, listenForComplaints, signIn, start, tool, enter } from './bench'

const STAGES = ['choose', 'measure', 'water', 'mix', 'rest', 'portion', 'shape', 'griddle', 'stack', 'judge']

for (const [name, viewport] of [
  ['at the desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 360, height: 780 }],
] as const) {
  test(`axe finds nothing against any view ${name}, light or dark`, async ({ page }) => {
    const complaints = listenForComplaints(page)
    const looked = async () => {
      await expectAccessible(page)
      await page.emulateMedia({ colorScheme: 'dark' })
      await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
      await expectAccessible(page, 'contrast')
      await page.emulateMedia({ colorScheme: 'light' })
    }
    await page.setViewportSize(viewport)
    await page.emulateMedia({ colorScheme: 'light' })
    await page.goto('/sign-in')
    await looked()
    await signIn(page)
    await looked()
    for (const place of ['/record', '/people']) {
      await page.goto(place)
      await expect(page.getByRole('main').getByRole('listitem').first()).toBeVisible()
      await looked()
    }
    await page.goto('/')
    const href =
      (await page
        .getByRole('link', { name: /Go on|Stands at/ })
        .first()
        .getAttribute('href')) ?? ''
    for (const stage of STAGES) {
      await page.goto(href.replace(/\/\w+$/, `/${stage}`))
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await looked()
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect(overflow, `${stage} scrolls sideways`).toBeLessThanOrEqual(0)
      expect(await illegible(page), `${stage} has words too small to read`).toEqual([])
    }
    expect(complaints).toEqual([])
  })
}

/** Words on the page that are set smaller than 11 px, unless they are only for those who hear them. */
async function illegible(page: Page): Promise<string[]> {
  return page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('main *')]
      .filter(one =>
        [...one.childNodes].some(node => node.nodeType === Node.TEXT_NODE && node.nodeValue?.trim()),
      )
      .filter(one => !one.closest('.visually-hidden, svg') && parseFloat(getComputedStyle(one).fontSize) < 11)
      .map(one => one.textContent.trim()),
  )
}

test('the numbers follow a slider and answer why', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  const first = await heading(page)
  const temperature = page.getByRole('slider', { name: 'Water temperature' })
  await temperature.focus()
  for (let press = 0; press < 30; press++) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('82 °C')
  expect(await heading(page)).not.toBe(first)
  await expect(page.getByText('Water this hot burns.')).toBeVisible()
  await page.getByRole('button', { name: 'Why All the water?' }).click()
  await expect(page.getByText('Instant nixtamalised corn flour, fine takes')).toBeVisible()
  await expect(page.getByText(/Eight times in ten between \d+\sg and \d+\sg/)).toBeVisible()
})

test('units switch in place and come back on the next visit', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: /Water/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Pour 3\d\d\sg first, at 52\s°C$/)
  await page.getByRole('button', { name: 'Weight in' }).click()
  await page.getByRole('button', { name: 'Temperature in' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Pour 1\d\.\d\soz first, at 126\s°F$/)
  const said = await heading(page)
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(said)
  await page.getByRole('button', { name: /^Poured/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/^1\d\.\d\soz is in, that is/)
})

test('bench view makes every target at least 64 px and the words large', async ({ page }) => {
  await signIn(page)
  await page.getByRole('button', { name: 'Bench view' }).click()
  await expect(page.getByRole('heading', { name: 'Under way' })).toBeVisible()
  const all = page.getByRole('button', { name: /^All \d+ that are under way/ })
  if (await all.isVisible()) await all.click()
  const href =
    (await page
      .getByRole('link', { name: /Go on|Stands at/ })
      .last()
      .getAttribute('href')) ?? ''
  await page.goto(href.replace(/\/\w+$/, '/mix'))
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Too dry')
  for (const button of await page.locator('.batch-stage button:visible:not(.why)').all()) {
    expect((await button.boundingBox())?.height).toBeGreaterThanOrEqual(63.5)
  }
  const size = await page
    .getByRole('heading', { level: 1 })
    .evaluate(element => parseFloat(getComputedStyle(element).fontSize))
  expect(size).toBeGreaterThanOrEqual(48)
})

test('light or dark is as the device has it, until the cook chooses', async ({ page }) => {
  const html = page.locator('html')
  await page.emulateMedia({ colorScheme: 'dark' })
  await signIn(page)
  await expect(html).toHaveAttribute('data-theme', 'dark')
  await page.emulateMedia({ colorScheme: 'light' })
  await expect(html).toHaveAttribute('data-theme', 'light')
  await tool(page, 'Dark')
  await expect(html).toHaveAttribute('data-theme', 'dark')
  await page.reload()
  await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
  await expect(html).toHaveAttribute('data-theme', 'dark')
})

test('a verdict of the demo kitchen can be opened from the record', async ({ page }) => {
  await signIn(page)
  await page.getByRole('link', { name: 'Record' }).click()
  await page.getByText('The one to repeat.').click()
  await expect(page.getByText('Wraps, full puff').first()).toBeVisible()
  await expect(page.getByRole('heading', { name: 'What it taught' })).toBeVisible()
})

test('wheat in a dough is said on every view', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const id = page.url().split('/').at(-2) ?? ''
  await page.evaluate(async id => {
    const batch = (await (await fetch(`/api/v1/batches/${id}`)).json()) as Batch
    const lines = batch.request.formula?.lines ?? []
    if (lines[0]) lines[0].percent = 80
    lines.push({ ingredient: 'wheat', percent: 20 })
    await fetch(`/api/v1/batches/${id}`, {
      method: 'PATCH',
      headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
      body: JSON.stringify({ version: batch.version, request: batch.request }),
    })
  }, id)
  for (const stage of STAGES) {
    await page.goto(`/batch/${id}/${stage}`)
    const bowl = page.getByRole('complementary', { name: 'The bowl' })
    await expect(bowl.getByText('Contains wheat: not gluten-free')).toBeVisible()
  }
})

test('the sheet of keys opens with a question mark', async ({ page }) => {
  await signIn(page)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden()
})

test('what the house has against a form stands beside its field, which has the focus', async ({ page }) => {
  await enter(page)
  await page.goto('/larder')
  await page.getByRole('button', { name: 'A new bag' }).click()
  await page.getByRole('button', { name: 'Keep it' }).click()
  const name = page.getByLabel('What you call it')
  await expect(name).toBeFocused()
  await expect(page.getByRole('alert').filter({ hasText: 'This is empty.' })).toBeVisible()
  await expectAccessible(page)
  await page.goto('/hearth')
  await page.getByRole('button', { name: 'A press, pan or scale' }).click()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByLabel('What you call it')).toBeFocused()
})

test('a word of the work explains itself where it stands, and Esc puts it away', async ({ page }) => {
  await enter(page)
  await page.goto('/grain')
  const word = page.getByRole('button', { name: /what is that\?/ }).first()
  await word.click()
  const meaning = page.getByRole('tooltip').or(page.getByRole('dialog'))
  await expect(meaning).toBeVisible()
  await expect(meaning).not.toBeEmpty()
  await word.press('Escape')
  await expect(meaning).toBeHidden()
  await word.press('Enter')
  await expect(meaning).toBeVisible()
})
