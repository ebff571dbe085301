import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { heading, signIn, start, startStyle, enter } from './bench'

/** First number of a text that a unit follows. */
function grams(text: string): number {
  return Number(/([\d.]+)\sg/.exec(text)?.[1])
}

async function actNamed(page: Page, name: RegExp): Promise<string> {
  return (await page.getByRole('button', { name }).first().textContent()) ?? ''
}

/** The course at the side: each stage with its number of the moment. */
async function courseSays(page: Page, stage: string): Promise<string> {
  const line = page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: stage })
  return line.innerText()
}

test('after more flour than planned, heading, button, column, course and pieces speak of its water', async ({
  page,
}) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('button', { name: /On to measure/ }).click()

  const planned = grams(await heading(page))
  const water = grams(await courseSays(page, 'Water'))
  const flour = page.getByLabel(/corn flour.* on the scale/)
  await flour.fill(String(planned + 40))
  await page.getByRole('button', { name: 'In the bowl' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('salt')
  await page.getByRole('button', { name: 'In the bowl' }).click()
  await page.getByRole('button', { name: /On to water/ }).click()

  // As much for a gram of flour as before, to the step of the scale and the spoons that round the reserve.
  const all = grams(await courseSays(page, 'Water'))
  expect(all / (planned + 40)).toBeCloseTo(water / planned, 1)
  expect(all).toBeGreaterThan(water + 40)
  const first = grams(await heading(page))
  const kept = grams((await page.getByText(/^Keep [\d.]+\sg by/).textContent()) ?? '')
  expect(first + kept).toBeCloseTo(all, 5)
  expect(grams(await actNamed(page, /^Poured/))).toBe(first)
  await expect(page.getByRole('img', { name: `First pour ${first} g, all water ${all} g` })).toBeVisible()

  await page.getByRole('button', { name: /^Poured/ }).click()
  await page.getByRole('button', { name: /On to mix/ }).click()
  await page.getByRole('button', { name: /^Cracking/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Too dry')
  const more = grams(await heading(page))
  expect(grams(await actNamed(page, /^Worked in/))).toBe(more)
  await page.getByRole('button', { name: /^Worked in/ }).click()
  await page.getByRole('button', { name: /^Ready/ }).click()
  const bowl = page.getByRole('complementary')
  await expect(bowl).toContainText(`${first + more} g`)

  // What stands in the bowl is what will be divided: course, bowl and stage agree on the piece.
  const piece = /(\d+) × ([\d.]+)\sg/.exec((await bowl.textContent()) ?? '')?.[0] ?? ''
  expect(piece).not.toBe('')
  expect(await courseSays(page, 'Portion')).toContain(piece)
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: 'Shape' }).click()
  const wide = /\d+\smm wide/.exec(await heading(page))?.[0] ?? 'no width'
  expect(await courseSays(page, 'Shape')).toContain(wide)
})

test('once a piece lies there, course and griddle say one time, and what is behind has none', async ({
  page,
}) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const timeIn = (text: string | null) => /\d\d:\d\d/.exec(text ?? '')?.[0] ?? 'no time'
  const planned = timeIn(await courseSays(page, 'Measure'))
  expect(planned).not.toBe('no time')
  await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: 'Griddle' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lay 1')
  // Looked at from afar it comes no sooner.
  expect(timeIn(await courseSays(page, 'Measure'))).toBe(planned)
  await page.keyboard.press('Space')
  const served = page.getByText(/^Served about/)
  await expect(served).toBeVisible()
  expect(timeIn(await courseSays(page, 'Judge'))).toBe(timeIn(await served.textContent()))
  expect(timeIn(await courseSays(page, 'Measure'))).toBe('no time')
})

test('a batter is thinned and thickened, not kneaded, and nothing asks for a ball', async ({ page }) => {
  await enter(page)
  await startStyle(page, 'chickpea-pan-bread')
  const said: string[] = []
  const listen = async () => said.push((await page.getByRole('main').textContent()) ?? '')
  for (const stage of ['Measure', 'Water', 'Mix', 'Griddle']) {
    await page.getByRole('navigation', { name: 'Course' }).getByRole('link', { name: stage }).click()
    await expect(page).toHaveURL(new RegExp(`/${stage.toLowerCase()}$`))
    await listen()
  }
  await expect(page.getByRole('navigation', { name: 'Course' })).not.toContainText('Portion')
  expect(said.join(' ')).not.toMatch(/\b(knead|ball|thumb)\b/i)
})
