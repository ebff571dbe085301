import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import type { Kitchen } from '../../web/api/types'
import type { House } from './house'

type Style = Kitchen['styles'][number]

/** At a house of the test's own. */
export async function signInAt(page: Page, house: House, name = 'cook', password = 'masa-and-water') {
  await page.goto(`${house.address}/sign-in`)
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Sign in' }).click()
}

/** What a cook does again and again in these tests. */
export async function signIn(page: Page) {
  await enter(page)
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
}

/** Signed in, with no page open yet. */
export async function enter(page: Page) {
  // By the door only where the door is what is looked at (whole-batch): this is what its button sends.
  const answer = await page.request.post('/api/v1/session', {
    data: { name: 'cook', password: 'masa-and-water' },
  })
  expect(answer.status()).toBe(200)
}

/** The page's clock in the hand of the test. The house would put it right, so what it says of the time is kept from the page. */
export async function ownClock(page: Page) {
  await page.clock.install()
  await page.addInitScript(() => {
    // Nor does the page's own arrival tell.
    const entries = performance.getEntriesByType.bind(performance)
    performance.getEntriesByType = type => (type === 'navigation' ? [] : entries(type))
    const fetched = window.fetch.bind(window)
    window.fetch = async (...request) => {
      const answer = await fetched(...request)
      const headers = new Headers(answer.headers)
      headers.delete('House-Time')
      const body = [204, 304].includes(answer.status) ? null : answer.body
      return new Response(body, { status: answer.status, headers })
    }
  })
}

/** Today with all of its breads: a kitchen that tests before this one have filled shows a few. */
export async function everyBread(page: Page) {
  // The heading can be there before the breads are.
  await expect(page.getByRole('button', { name: /^Start / }).first()).toBeVisible()
  const all = page.getByRole('button', { name: /^All \d+ breads$/ })
  if (await all.count()) await all.click()
}

export async function start(page: Page, bread: string) {
  await everyBread(page)
  await page.getByRole('button', { name: `Start ${bread}` }).click()
  await expect(page).toHaveURL(/\/batch\/.+\/choose/)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(bread)
}

/** A batch of a style as it comes, in as many pieces as are asked for. */
export async function startStyle(page: Page, style: string, count?: number) {
  const { styles } = (await (await page.request.get('/api/v1/kitchen')).json()) as { styles: Style[] }
  const wanted = styles.find(one => one.id === style)
  if (!wanted) throw new Error(`There is no style ${style}.`)
  const [bread, batch] = [crypto.randomUUID(), crypto.randomUUID()]
  const pieces = {
    count: count ?? wanted.piece_count,
    grams_each: wanted.piece_grams,
    thickness_mm: wanted.thickness_mm,
  }
  const made = await page.request.post('/api/v1/breads', {
    data: { id: bread, name: wanted.name, request: { style, formula: { lines: wanted.lines }, pieces } },
  })
  expect(made.status(), await made.text()).toBe(201)
  const begun = await page.request.post('/api/v1/batches', {
    data: { id: batch, bread, at: new Date().toISOString() },
  })
  expect(begun.status(), await begun.text()).toBe(201)
  await page.goto(`/batch/${batch}/choose`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(wanted.name)
}

/** One of several views of a stage. */
export async function view(page: Page, name: string) {
  await page.getByText(name, { exact: true }).click()
}

/** One of a list that opens under a field and is searched by what is typed. */
export async function chooseFrom(page: Page, field: string, option: string) {
  // What is chosen lies over the field.
  await page.getByRole('combobox', { name: field }).click({ force: true })
  await page.getByRole('option', { name: option, exact: true }).click()
}

export async function expectNoSidewaysScroll(page: Page) {
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
  ).toBeLessThanOrEqual(0)
}

/** What stands in the header, or behind its menu where there is no room. */
export async function tool(page: Page, name: string) {
  const button = page.getByRole('button', { name, exact: true })
  const menu = page.getByRole('button', { name: 'Menu', exact: true })
  // A page that is still coming shuts the menu again.
  await expect(async () => {
    if (!(await button.isVisible())) await menu.click({ timeout: 2000 })
    await button.click({ timeout: 2000 })
  }).toPass()
  // It lies over the page until it is shut; some of what is in it ends what it stands on.
  if ((await menu.isVisible()) && (await menu.getAttribute('aria-expanded')) === 'true') await menu.click()
}

export async function heading(page: Page): Promise<string> {
  return (await page.getByRole('heading', { level: 1 }).textContent()) ?? ''
}

/** No violation of WCAG 2.2 A or AA that axe can find. In another colour scheme only contrast can differ. */
export async function expectAccessible(page: Page, what: 'all' | 'contrast' = 'all') {
  // There are no frames in these pages, for which the other mode opens a second page each time.
  // What is in order is not told.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] })
  const { violations } = await (
    what === 'all'
      ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
      : axe.withRules(['color-contrast'])
  ).analyze()
  expect(
    violations.map(one => `${one.id}: ${one.nodes.map(node => node.target.join(' ')).join(' | ')}`),
  ).toEqual([])
}

/** Fails a test if the page complained on the console, a forbidden inline script or style among it. */
export function listenForComplaints(page: Page): string[] {
  const complaints: string[] = []
  page.on('console', message => {
    if (message.type() === 'error') complaints.push(message.text())
  })
  page.on('pageerror', error => complaints.push(error.message))
  return complaints
}
