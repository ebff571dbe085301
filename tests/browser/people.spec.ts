import AxeBuilder from '@axe-core/playwright'
import { House } from './house'
import { expect, test } from './test'

test.use({ alone: true })

const NAMES = ['second', 'third', 'fourth', 'fifth']
const LINKS: Record<string, string> = {
  second: 'Link for an owner',
  fourth: 'Link for somebody who looks on',
}

test('five people, two kitchens and three roles: asked in by links, at work under their own names, out again', async ({
  browser,
}) => {
  const house = new House(8540, 'nobody yet')
  await house.start()
  const visit = () =>
    browser.newContext({ baseURL: house.address, serviceWorkers: 'block' }).then(one => one.newPage())
  try {
    const owner = await visit()
    await owner.goto('/')
    await owner.getByRole('textbox', { name: 'Kitchen' }).fill('Low Wall Kitchen')
    await owner.getByLabel('Your name').fill('first')
    await owner.getByLabel(/^Password/).fill('a long enough one')
    await owner.getByRole('button', { name: 'Open the kitchen' }).click()
    await expect(owner.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
    await owner.getByRole('button', { name: 'Menu' }).click()
    await owner.getByRole('link', { name: 'People and copies' }).click()
    await expect(owner.getByRole('heading', { name: 'Who cooks in Low Wall Kitchen' })).toBeVisible()

    const guests = []
    for (const name of NAMES) {
      await owner.getByRole('button', { name: LINKS[name] ?? 'Link for a cook' }).click()
      const link = await owner.locator('code').last().textContent()
      const guest = await visit()
      await guest.goto(new URL(link ?? '').pathname)
      await guest.getByLabel('Your name').fill(name)
      await guest.getByLabel(/^Password/).fill('a long enough one')
      await guest.getByRole('button', { name: 'Come in' }).click()
      await expect(guest.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
      guests.push(guest)
      await owner.reload()
      await expect(owner.getByRole('listitem').filter({ hasText: name })).toBeVisible()
    }
    const found = await new AxeBuilder({ page: owner }).analyze()
    expect(found.violations.map(one => one.id)).toEqual([])

    const [second, third, fourth] = guests
    if (!second || !third || !fourth) throw new Error('Nobody came.')
    // Who looks on is told so, and is refused in words what cooks may do.
    await expect(fourth.getByText(/You look on in this kitchen/)).toBeVisible()
    await fourth.goto('/larder')
    await fourth.getByRole('button', { name: 'A new bag' }).click()
    await fourth.getByRole('button', { name: /^Keep/ }).click()
    await expect(fourth.getByText(/change nothing in it/)).toBeVisible()
    // A cook sees who is here, and cannot say who is.
    await third.goto('/people')
    await expect(third.getByRole('listitem').filter({ hasText: 'first' })).toContainText('Owner')
    await expect(third.getByRole('button', { name: 'Link for a cook' })).toHaveCount(0)
    // A link that was followed opens nothing.
    await second.goto('/people')
    await second.getByRole('button', { name: 'Show fifth out' }).click()
    // By mistake, and not.
    await second.getByRole('button', { name: 'Let fifth in again' }).click()
    await second.getByRole('button', { name: 'Show fifth out' }).click()
    await expect(second.getByText('fifth was shown out')).toBeVisible()
    await expect(second.getByRole('button', { name: 'Show fifth out' })).toHaveCount(0)
    // A kitchen of the own beside it, and back.
    await third.goto('/you')
    await third.getByLabel('A kitchen of your own beside it').fill('Market stall')
    await third.getByRole('button', { name: 'Open it' }).click()
    await expect(third.locator('.top-kitchen')).toHaveText('Market stall')
    await third.goto('/people')
    await expect(third.getByRole('listitem').filter({ hasText: 'first' })).toHaveCount(0)
    await third.goto('/you')
    await third.getByRole('button', { name: 'Go to Low Wall Kitchen' }).click()
    await expect(third.locator('.top-kitchen')).toHaveText('Low Wall Kitchen')
    // What one likes goes along to another device.
    await third.goto('/you')
    const kept = third.waitForResponse('**/me/profile')
    await third.getByRole('radio', { name: 'Ounces' }).click()
    await third.getByRole('radio', { name: '6:05 pm' }).click()
    await kept
    expect((await new AxeBuilder({ page: third }).analyze()).violations.map(one => one.id)).toEqual([])
    const tablet = await visit()
    await tablet.goto('/sign-in')
    await tablet.getByLabel('Name').fill('third')
    await tablet.getByLabel('Password').fill('a long enough one')
    await tablet.getByRole('button', { name: 'Sign in' }).click()
    await expect(tablet.getByRole('button', { name: 'Weight in oz' })).toBeVisible()
    await tablet.goto('/you')
    await expect(tablet.getByRole('radio', { name: '6:05 pm' })).toBeChecked()
  } finally {
    await house.stop()
  }
})
