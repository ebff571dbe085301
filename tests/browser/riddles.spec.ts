import { expectAccessible, enter } from './bench'
import { expect, test } from './test'

test('a riddle is looked into, decided, told, and the tally is kept', async ({ page }) => {
  await enter(page)
  await page.goto('/practice')
  await page.getByRole('radio', { name: 'What went wrong' }).check()
  const panel = page.getByRole('region', { name: 'What went wrong' })
  await expect(panel.getByText('What went wrong here?')).toBeVisible()
  await expectAccessible(page)
  const looks = panel.getByRole('list', { name: 'What can be looked into' })
  await looks.getByRole('button', { name: 'How did the dough feel?' }).click()
  await expect(looks.getByText(/It was felt|Nobody/).first()).toBeVisible()
  const choices = panel.locator('.riddle-choices').getByRole('button')
  expect(await choices.count()).toBeGreaterThanOrEqual(2)
  await choices.first().click()
  await expect(panel.getByRole('status')).toHaveText(/^(Right: |It was )/)
  await expect(panel.getByText(/[01] of 1 right so far, after looking 1 times on average/)).toBeVisible()
  await expectAccessible(page)
  await panel.getByRole('button', { name: 'Another one' }).click()
  await expect(panel.getByText('What went wrong here?')).toBeVisible()
  await page.reload()
  await expect(panel.getByText(/[01] of 1 right so far/)).toBeVisible()
})
