import type { Locator, Page } from '@playwright/test'
import { expect, test } from './test'
import { ownClock, signIn } from './bench'

test.use({ alone: true })

/** One bread of each kind, with what the page has to know of it by itself at each stage. */
interface Kind {
  name: string
  request: object
  /** What stands at a stage, by the stage. */
  knows: Record<string, RegExp[]>
}

const KINDS: Kind[] = [
  {
    name: 'a pan bread with topping, in two pans',
    request: {
      style: 'chickpea-pan-bread',
      pieces: { count: 2 },
      gear: { pan: { diameter_mm: 240, count: 2 }, oven: { topping_grams: 30, holds: 2 } },
      formula: { extras: [{ ingredient: 'tomato', place: 'topping', grams_each: 30 }] },
    },
    knows: {
      measure: [/Tomato/],
      griddle: [/Pour 1/, /Under the broiler|broiler/i],
      stack: [/fridge/i],
    },
  },
  {
    name: 'chips: baked crisp after the griddle',
    request: { style: 'pressed-masa', pieces: { count: 2 }, purpose: 'crisp' },
    knows: { stack: [/Cut it in eight wedges/, /Bake crisp at 180\s°C/] },
  },
  {
    name: 'rolled and cut, the offcuts rolled again',
    request: { style: 'almond-coconut-wrap', pieces: { count: 6 } },
    knows: {
      shape: [/Roll until the pin runs on the guides/, /Cut straight down/, /in \d+ rollings/, /Drier by/],
    },
  },
  {
    name: 'from whole corn',
    request: { style: 'nixtamal-masa', pieces: { count: 2 } },
    knows: { choose: [/nixtamal|lime|steep/i] },
  },
  {
    name: 'folded over cheese and melted',
    request: {
      style: 'pressed-masa',
      pieces: { count: 1 },
      purpose: 'fold',
      formula: { extras: [{ ingredient: 'cheese-stretching', place: 'after', grams_each: 20 }] },
    },
    knows: {
      measure: [/Stretching cheese/],
      stack: [/Lay on .*cheese and fold/, /Melt it in a dry covered pan/],
    },
  },
  {
    name: 'a thick round, split while hot',
    request: { style: 'thick-corn-round', pieces: { count: 1 }, purpose: 'split' },
    knows: { stack: [/Split it while hot, in a cloth/, /steam/i] },
  },
  {
    name: 'coated and pressed crisp',
    request: {
      style: 'millet-round',
      pieces: { count: 1 },
      formula: { extras: [{ ingredient: 'sesame-whole', place: 'coating', grams_each: 4 }] },
      griddle: {
        own: {
          touches: [
            { action: 'turn', at_seconds: 40 },
            { action: 'press_down', at_seconds: 70 },
            { action: 'turn', at_seconds: 110 },
            { action: 'press_down', at_seconds: 130 },
            { action: 'lift', at_seconds: 160 },
          ],
        },
      },
    },
    knows: { measure: [/Sesame/], griddle: [/Contains sesame|sesame/i] },
  },
  {
    name: 'filled with fresh cheese',
    request: {
      style: 'patted-masa',
      pieces: { count: 1 },
      formula: {
        extras: [
          { ingredient: 'fresh-cheese', place: 'filling', grams_each: 20 },
          { ingredient: 'rice-white', place: 'dusting' },
        ],
      },
    },
    knows: { measure: [/Fresh cheese/], shape: [/Open a piece to \d+\smm, close it over 20\sg/, /It holds/] },
  },
  {
    name: 'raised, its yeast woken first',
    request: {
      style: 'raised-round',
      pieces: { count: 1 },
      formula: {
        lines: [
          { ingredient: 'blend-plain', percent: 78 },
          { ingredient: 'tapioca-starch', percent: 22 },
          { ingredient: 'psyllium-powder', percent: 5 },
          { ingredient: 'egg-white', percent: 25 },
          { ingredient: 'yeast-active', percent: 1.8 },
          { ingredient: 'sugar', percent: 3 },
          { ingredient: 'salt', percent: 1.6 },
        ],
      },
    },
    knows: { water: [/Wake the yeast in the warm water/, /It foams: it is alive/], rest: [/grown to/i] },
  },
  {
    name: 'rice cooked in the pot, with two rests',
    request: {
      style: 'rice-round',
      pieces: { count: 2 },
      formula: {
        method: { scald: 'all_in_pot' },
        rest: { minutes: 10 },
        second_rest: { minutes: 5 },
      },
    },
    knows: { measure: [/into the pot/], portion: [/they rest/i] },
  },
]

/** Does what the page says, step by step and act by act, until there is a verdict to give; each stage has to know what it has to. */
async function walk(page: Page, knows: Kind['knows']) {
  const bar = page.getByRole('group', { name: 'What to do now' })
  const said: Record<string, string> = {}
  for (let step = 0; step < 120; step++) {
    const stage = new URL(page.url()).pathname.split('/').pop() ?? ''
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    const read = async () =>
      (said[stage] = `${said[stage] ?? ''} ${await page.getByRole('main').innerText()}`)
    const before = await page.getByRole('main').innerText()
    await read()
    if (stage === 'judge') return
    const act = await actOf(page, stage)
    if (act) {
      await act.click()
      await page.clock.fastForward('01:30')
      await expect.poll(() => page.getByRole('main').innerText()).not.toBe(before)
      continue
    }
    for (const sentence of knows[stage] ?? []) await expect.poll(read, `at ${stage}`).toMatch(sentence)
    await bar.getByRole('button', { name: /^On to/ }).click()
    await expect(page).not.toHaveURL(new RegExp(`/${stage}$`))
  }
  throw new Error(`No verdict after 120 acts, at ${page.url()}`)
}

/** The step at hand, then how the dough feels, then the act of the bar; nothing where it is time to go on. */
async function actOf(page: Page, stage: string): Promise<Locator | null> {
  const step = page
    .getByRole('main')
    .getByRole('button', { name: /^Done: / })
    .first()
  if (await step.isVisible()) return step
  const ready = page.getByRole('button', { name: /^Ready/ }).first()
  if (stage === 'mix' && (await ready.getAttribute('aria-pressed')) !== 'true') return ready
  const act = page
    .getByRole('group', { name: 'What to do now' })
    .locator('.act-now')
    .getByRole('button')
    .filter({ hasNotText: /^Start (kneading|stirring)/ })
    .first()
  return (await act.isVisible()) ? act : null
}

for (const kind of KINDS)
  test(`${kind.name}: from choice to after-care by what the page says`, async ({ page }) => {
    await ownClock(page)
    await signIn(page)
    const [bread, batch] = [crypto.randomUUID(), crypto.randomUUID()]
    const post = async (path: string, data: object) => {
      const answer = await page.request.post(`/api/v1/${path}`, { data })
      expect(answer.status(), await answer.text()).toBe(201)
    }
    await post('breads', { id: bread, name: kind.name, request: kind.request })
    await post('batches', { id: batch, bread, at: new Date().toISOString() })
    await page.goto(`/batch/${batch}/choose`)
    await walk(page, kind.knows)
    await expect(page.getByRole('button', { name: 'Save the verdict' })).toBeVisible()
  })
