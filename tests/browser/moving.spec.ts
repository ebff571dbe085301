import AxeBuilder from '@axe-core/playwright'
import { signIn, signInAt } from './bench'
import { House } from './house'
import { expect, test } from './test'

test.use({ alone: true })

test('a kitchen moves to another house by its file: looked at first, then brought in, and all of it is there', async ({
  page,
  browser,
  home,
}) => {
  await signIn(page)
  const kitchen = await page.request.get('/exports/kitchen.zip')
  expect(kitchen.headers()['content-type']).toContain('application/zip')
  const file = { name: 'kitchen.zip', mimeType: 'application/zip', buffer: await kitchen.body() }
  const there = new House(8541, 'nobody yet')
  await there.start()
  try {
    const opened = await browser.newContext({ baseURL: there.address, serviceWorkers: 'block' })
    const far = await opened.newPage()
    await opened.request.post('/api/v1/kitchens', {
      data: { kitchen: 'Far kitchen', name: 'mover', password: 'a long enough one' },
      headers: { Origin: there.address },
    })
    await opened.request.delete('/api/v1/session', { headers: { Origin: there.address } })
    await signInAt(far, there, 'mover', 'a long enough one')
    await expect(far.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
    await far.goto('/people')
    await far.getByLabel('Bring a file in').setInputFiles(file)
    const row = (name: string) => far.getByRole('row').filter({ has: far.getByRole('rowheader', { name }) })
    await expect(far.getByText('Nothing is changed yet.')).toBeVisible()
    const batches = Number(await row('Batches').getByRole('cell').first().textContent())
    expect(batches).toBeGreaterThan(3)
    const made = async () =>
      ((await (await far.request.get('/api/v1/batches?done=yes')).json()) as { batches: { id: string }[] })
        .batches
    expect(await made()).toEqual([])
    const found = await new AxeBuilder({ page: far }).analyze()
    expect(found.violations.map(one => one.id)).toEqual([])
    await far.getByRole('button', { name: 'Bring it in' }).click()
    await expect(far.getByText('It is in.')).toBeVisible()
    const first = (await made())[0]
    expect(first).toBeDefined()
    await far.goto(`/record/${first?.id}`)
    await expect(far.getByRole('heading', { level: 1 })).not.toBeEmpty()
    // A second time nothing is new; a file that is none is refused in words.
    await far.goto('/people')
    await far.getByLabel('Bring a file in').setInputFiles(file)
    await expect(row('Batches').getByRole('cell').first()).toHaveText('0')
    await far.getByLabel('Bring a file in').setInputFiles({ ...file, buffer: Buffer.from('words', 'utf8') })
    await expect(far.getByRole('alert')).toContainText('no kitchen file')
    expect(home.address).not.toBe(there.address)
  } finally {
    await there.stop()
  }
})
