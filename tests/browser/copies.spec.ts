import AxeBuilder from '@axe-core/playwright'
import { House } from './house'
import { signInAt } from './bench'
import { expect, test } from './test'

test.use({ alone: true })

test('an owner puts a copy back while the house runs, and what was there stays', async ({ page }) => {
  test.setTimeout(120_000)
  const house = new House(8544)
  await house.start()
  try {
    await signInAt(page, house)
    await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
    await page.goto(`${house.address}/people`)
    await page.getByRole('button', { name: 'Copy now' }).click()
    await expect(page.getByText('A copy of now is made, and was read through.')).toBeVisible()
    expect((await new AxeBuilder({ page }).analyze()).violations.map(one => one.id)).toEqual([])
    // Changed after the copy: gone with it.
    await page.goto(`${house.address}/breads`)
    await page.evaluate(async () => {
      const headers = { Accept: 'application/json', 'Content-Type': 'application/json' }
      const { breads } = (await (await fetch('/api/v1/kitchen')).json()) as {
        breads: { id: string; name: string }[]
      }
      const masa = breads.find(one => one.name === 'Everyday masa discs')
      await fetch(`/api/v1/breads/${masa?.id}`, {
        method: 'PATCH',
        headers,
        body: JSON.stringify({ name: 'Renamed since' }),
      })
    })
    await page.reload()
    await expect(page.getByText('Renamed since').first()).toBeVisible()
    await page.goto(`${house.address}/people`)
    await page
      .getByRole('button', { name: /^Put back the copy/ })
      .first()
      .click()
    await page.getByRole('button', { name: 'Put it back', exact: true }).click()
    await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible({ timeout: 30_000 })
    await page.goto(`${house.address}/breads`)
    await expect(page.getByText('Everyday masa discs').first()).toBeVisible()
    await expect(page.getByText('Renamed since')).toHaveCount(0)
    // And back again: what another one replaced is a copy like any.
    await page.goto(`${house.address}/people`)
    await expect(page.getByText('What another one replaced')).toBeVisible()
  } finally {
    await house.stop()
  }
})
