import type { Page } from '@playwright/test'
import { expectAccessible, listenForComplaints } from './bench'
import { House } from './house'
import { expect, test } from './test'

test.use({ alone: true })

/** Presses a button that is in sight as the page stands: nothing has to be looked for by scrolling. */
async function press(page: Page, name: string | RegExp) {
  const button = page.getByRole('button', { name }).first()
  await expect(button).toBeInViewport({ ratio: 1 })
  await button.click()
  expect(await page.evaluate(() => window.scrollY), `after ${name}`).toBe(0)
}

test('a newcomer opens a kitchen and lays the first piece without scrolling once, with a hint at every stage', async ({
  page,
}) => {
  const house = new House(8496, 'nobody yet')
  await house.start()
  try {
    const complaints = listenForComplaints(page)
    await page.goto(house.address)
    await page.getByLabel('Kitchen', { exact: true }).fill('Back Room')
    await page.getByLabel('Your name').fill('newcomer')
    await page.getByLabel(/^Password/).fill('flour and warm water')
    await press(page, 'Open the kitchen')
    await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
    await press(page, /^Start/)

    const hint = page.getByRole('note')
    await expect(hint).toContainText('Say how many you want')
    await expect(page.getByText('No griddle is kept yet')).toBeVisible()
    await expectAccessible(page)
    await press(page, /On to measure/)
    await expect(hint).toContainText('Weigh a line')
    await press(page, 'I see')
    await expect(hint).toBeHidden()
    const heading = page.getByRole('heading', { level: 1 })
    for (let lines = 0; (await heading.textContent()) !== 'All weighed' && lines < 8; lines++) {
      const before = await heading.textContent()
      await press(page, /^Weighed/)
      await expect(heading).not.toHaveText(before ?? '')
    }
    await press(page, /On to water/)
    await expect(hint).toContainText('first pour')
    await press(page, /Hydration/)
    await expect(page.getByText('Added water in percent of the flour')).toBeVisible()
    await page.keyboard.press('Escape')
    await press(page, /^Poured/)
    await press(page, /On to mix/)
    await press(page, /^Ready/)
    await press(page, /On to rest/)
    await press(page, /^Start the rest/)
    await press(page, /On to portion/)
    await press(page, /On to shape/)
    await press(page, /On to griddle/)
    await expect(hint).toContainText('lay when it is hot')
    await press(page, /^Lay 1/)
    await expect(page.getByText(/0 off, 1 on/)).toBeVisible()

    await press(page, 'No more hints')
    await page.reload()
    await expect(heading).not.toBeEmpty()
    await expect(hint).toBeHidden()
    expect(complaints).toEqual([])
  } finally {
    await house.stop()
  }
})
