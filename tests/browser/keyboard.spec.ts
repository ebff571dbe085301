import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { signIn, start } from './bench'

const MOST_TABS = 15

/** How many Tabs lead to the first button of the act from where the focus is. */
async function tabsToTheAct(page: Page): Promise<number> {
  for (let tabs = 0; tabs <= MOST_TABS; tabs++) {
    const isThere = await page.evaluate(
      () => document.activeElement?.closest('[aria-label="What to do now"]') !== null,
    )
    if (isThere) return tabs
    await page.keyboard.press('Tab')
  }
  return Infinity
}

test('a stage that is gone to has the focus, and its act is a few Tabs away', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  const course = page.getByRole('navigation', { name: 'Course' }).getByRole('link')
  for (let stops = await course.count(), gone = 1; gone <= stops; gone++) {
    const stage = gone % stops
    await course.nth(stage).focus()
    await page.keyboard.press('Enter')
    await expect(course.nth(stage)).toHaveAttribute('aria-current', 'step')
    await expect(page.locator('section.batch-stage :focus')).toHaveCount(1)
    const name = new URL(page.url()).pathname.split('/').at(-1)
    expect(await tabsToTheAct(page), name).toBeLessThanOrEqual(MOST_TABS)
  }
})

test('Enter enters a reading, Esc closes what is open, and ? shows the keys anywhere', async ({ page }) => {
  await signIn(page)
  await start(page, 'Everyday masa discs')
  await page.getByRole('button', { name: /On to measure/ }).press('Enter')
  const flour = page.getByLabel(/corn flour.* on the scale/)
  await flour.fill('255')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('salt')
  await expect(page.getByRole('complementary')).toContainText('255 g')

  await page.getByRole('button', { name: /^Hydration/ }).press('Enter')
  const said = page.getByText('Added water in percent of the flour')
  await expect(said).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(said).toBeHidden()

  for (const place of ['/', '/record', '/larder', '/hearth']) {
    await page.goto(place)
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
    // A button that has the focus has no use for it.
    await page.getByRole('button', { name: 'Menu' }).focus()
    await page.keyboard.press('?')
    await expect(page.getByRole('dialog')).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
  }
})
