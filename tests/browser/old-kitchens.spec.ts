import { copyFileSync, mkdirSync } from 'node:fs'
import { expect, test } from './test'
import { listenForComplaints } from './bench'
import { House } from './house'
import { settled } from './settled'

test.use({ alone: true })

const FIXTURES = 'database/fixtures'
const STAGES = ['choose', 'measure', 'water', 'mix', 'rest', 'portion', 'shape', 'griddle', 'stack', 'judge']

/** The oldest, and the last before plans were numbered; the feature tests hold all of them to the contract. */
const KITCHENS = ['first-landing.sqlite', 'before-the-log-was-carried.sqlite']

for (const [number, file] of KITCHENS.entries())
  test(`a kitchen from ${file.replace('.sqlite', '').replaceAll('-', ' ')} opens, every stage of its batches with it`, async ({
    page,
  }) => {
    test.setTimeout(240_000)
    const house = new House(8480 + number)
    mkdirSync(house.folder, { recursive: true })
    copyFileSync(`${FIXTURES}/${file}`, `${house.folder}/kitchen.sqlite`)
    await house.start()
    try {
      const complaints = listenForComplaints(page)
      await page.goto(`${house.address}/sign-in`)
      await page.getByLabel('Name').fill('cook')
      await page.getByLabel('Password').fill('masa-and-water')
      await page.getByRole('button', { name: 'Sign in' }).click()
      await expect(page.getByRole('heading', { name: 'What will it be?' })).toBeVisible()
      const { batches } = (await (await page.request.get(`${house.address}/api/v1/batches`)).json()) as {
        batches: { id: string; bread: { style: string }; finished_at: string | null }[]
      }
      // One of each bread, and the one under way: the others have plans of the same form.
      const seen = new Set<string>()
      const each = batches.filter(one => {
        const kind = `${one.bread.style} ${one.finished_at === null}`
        return seen.has(kind) ? false : seen.add(kind)
      })
      const course = page.getByRole('navigation', { name: 'Course' }).getByRole('link')
      for (const batch of each) {
        await page.goto(`${house.address}/batch/${batch.id}/${STAGES[0]}`)
        for (const stage of STAGES) {
          const link = course.and(page.locator(`[href$="/${stage}"]`))
          // A batter has no pieces to portion and none to shape: such a stage has its address only.
          if (await link.count()) await link.click()
          else await page.goto(`${house.address}/batch/${batch.id}/${stage}`)
          await expect(page.getByRole('heading', { level: 1 })).not.toBeEmpty()
          await settled(page)
        }
      }
      await page.goto(`${house.address}/record`)
      await expect(page.getByRole('main').getByRole('listitem').first()).toBeVisible()
      expect(complaints).toEqual([])
    } finally {
      await house.stop()
    }
  })
