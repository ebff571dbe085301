import { signIn, start, view } from './bench'
import { expect, test } from './test'

test('what a bag took is told, changes the pour, and can be left out this once or set aside for good', async ({
  page,
}) => {
  await signIn(page)
  await page.goto('/larder')
  const bag = page.getByRole('listitem').filter({ hasText: 'Masa, striped paper bag' })
  await expect(bag).toContainText(
    /This bag takes \d+\.\d points more than its kind, ±\d+\.\d, from \d+ batches/,
  )
  await expect(bag.getByRole('img', { name: /Masa, striped paper bag: This bag takes/ })).toBeVisible()

  await page.goto('/')
  await start(page, 'Everyday masa discs')
  await page.goto(page.url().replace(/\/[a-z]+$/, '/water'))
  const heading = page.getByRole('heading', { level: 1 })
  const learned = (await heading.textContent()) ?? ''
  await expect(page.getByText(/This bag takes .* Without it: \d+ g/)).toBeVisible()
  await page.getByRole('button', { name: 'Leave it out this time' }).click()
  await expect(page.getByText('What was learned of this bag is left out.')).toBeVisible()
  await expect(heading).not.toHaveText(learned)
  await page.getByRole('button', { name: 'Use it' }).click()
  await expect(heading).toHaveText(learned)

  await page.goto('/larder')
  await bag.getByRole('button', { name: /^Set aside/ }).click()
  await expect(bag).toContainText('Set aside: plans do without it.')
  await page.goto('/')
  await start(page, 'Everyday masa discs')
  await page.goto(page.url().replace(/\/[a-z]+$/, '/water'))
  await expect(heading).not.toHaveText(learned)
  await expect(page.getByText(/This bag takes/)).toBeHidden()
  await page.goto('/larder')
  await bag.getByRole('button', { name: /^Use what was learned/ }).click()
  await expect(bag).not.toContainText('Set aside: plans do without it.')
})

test('a warning says what would mend it, and one tap does', async ({ page }) => {
  await signIn(page)
  await start(page, 'Soft rice rounds')
  await page.goto(page.url().replace(/\/[a-z]+$/, '/griddle'))
  await view(page, 'Plan the heat')
  const heat = page.getByRole('slider', { name: 'Griddle surface' })
  for (let press = 0; press < 6; press++) await heat.press('ArrowRight')
  const warning = page.getByRole('listitem').filter({ hasText: 'High heat for this style.' })
  await expect(warning).toBeVisible()
  await warning.getByRole('button', { name: 'Bake it at 230 °C' }).click()
  await expect(warning).toBeHidden()
  await expect(heat).toHaveAttribute('aria-valuetext', /230/)
})
