import type { Page } from '@playwright/test'
import { expect, test } from './test'
import { heading, listenForComplaints, ownClock, signIn, start, tool, everyBread } from './bench'

test.use({ alone: true })

const MORE_THAN_A_SECOND = 1100

/** Presses Tab until the focus is on the button of that name, as a cook without a mouse would. */
async function tabTo(page: Page, name: string | RegExp) {
  const wanted = page.getByRole('button', { name }).first()
  await expect(wanted).toBeEnabled()
  for (let presses = 0; presses < 80; presses++) {
    if (await wanted.evaluate(element => element === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`No Tab leads to ${name}.`)
}

async function pressButton(page: Page, name: string | RegExp) {
  await tabTo(page, name)
  await page.keyboard.press('Enter')
}

async function chooseRadio(page: Page, group: string, option: string) {
  const radio = page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option })
  await radio.focus()
  await page.keyboard.press('Space')
  await expect(radio).toBeChecked()
}

async function cookEverything(
  page: Page,
  pieces: number,
  step: () => Promise<void>,
  waits: () => Promise<void>,
) {
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lay 1')
  for (let touches = 0; touches < pieces * 7; touches++) {
    const before = (await page.getByText(/\d+ off, \d+ on, \d+ to lay/).textContent())?.trim()
    if (before === `${pieces} off, 0 on, 0 to lay.`) break
    // The next touch can be the same words again; that it was written down is what counts.
    const written = page.waitForResponse(answer => answer.url().endsWith('/events') && answer.ok())
    await step()
    await written
    // A touch within a second of the last, and long before it is due, is a knuckle that slipped.
    await waits()
  }
  await expect(page.getByText(`${pieces} off, 0 on, 0 to lay.`)).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('All off the griddle')
}

test('a whole batch by keyboard alone, from choice to verdict, and it is found in the record', async ({
  page,
}) => {
  const complaints = listenForComplaints(page)
  await ownClock(page)
  await signIn(page)
  await start(page, 'Everyday masa discs')

  const pieces = page.getByRole('slider', { name: 'Pieces' })
  await pieces.focus()
  for (let press = 0; press < 11; press++) await page.keyboard.press('ArrowLeft')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 × Everyday masa discs')
  await pressButton(page, /On to measure/)

  await expect(page.getByRole('heading', { level: 1 })).toContainText('Weigh')
  await pressButton(page, 'In the bowl')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('salt')
  await pressButton(page, 'In the bowl')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('All weighed')
  await pressButton(page, /On to water/)

  await expect(page.getByRole('heading', { level: 1 })).toContainText(/Pour \d+\sg first, at 52\s°C/)
  await pressButton(page, /^Poured/)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/is in, that is \d+\s%/)
  await pressButton(page, /On to mix/)

  await pressButton(page, /^Cracking/)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/Too dry: work in [\d.]+\sg water/)
  const before = await page.getByRole('complementary').textContent()
  await pressButton(page, 'Worked in')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How does it feel?')
  expect(await page.getByRole('complementary').textContent()).not.toBe(before)
  await pressButton(page, /^Ready/)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('It is ready. Cover it.')
  await pressButton(page, /On to rest/)

  await pressButton(page, 'Start the rest')
  await expect(page.getByRole('timer')).toHaveAccessibleName(/left/)
  await pressButton(page, /On to portion/)

  await pressButton(page, 'Start counting down')
  for (let piece = 1; piece <= 3; piece++) await pressButton(page, `Piece ${piece} is off`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('3 pieces, under a damp cloth')
  await pressButton(page, /On to shape/)

  await pressButton(page, 'The disc at true size')
  await expect(page.getByRole('img', { name: /true size/ })).toBeVisible()
  await pressButton(page, /On to griddle/)
  await cookEverything(
    page,
    3,
    () => page.keyboard.press('Space'),
    () => page.clock.fastForward(MORE_THAN_A_SECOND),
  )
  await pressButton(page, /On to stack/)

  await pressButton(page, /^Stacked/)
  await expect(page.getByRole('timer')).toBeVisible()
  await pressButton(page, /On to judge/)

  await chooseRadio(page, 'When folded', 'Wraps')
  await chooseRadio(page, 'Puff', 'Full puff')
  await chooseRadio(page, 'Cracks', 'None')
  await chooseRadio(page, 'Sticking', 'None')
  await page.getByLabel('Notes for next time').focus()
  await page.keyboard.type('By keyboard alone.')
  await pressButton(page, 'Save the verdict')
  await expect(page.getByText('Kept.')).toBeVisible()

  await page.getByRole('link', { name: 'See it in the record' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Everyday masa discs')
  await expect(page.getByText('By keyboard alone.')).toBeVisible()
  expect(complaints).toEqual([])
})

test.describe('with a finger', () => {
  test.use({ hasTouch: true, viewport: { width: 1024, height: 768 } })

  test('a whole batch by touch, with a simulated scale and taps on the griddle itself', async ({ page }) => {
    const complaints = listenForComplaints(page)
    await signIn(page)
    await everyBread(page)
    await page.getByRole('button', { name: 'Start Soft rice rounds' }).tap()
    for (let taps = 0; taps < 8; taps++) await page.getByRole('button', { name: 'Less: Pieces' }).tap()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 × Soft rice rounds')
    await page.getByRole('button', { name: /On to measure/ }).tap()

    for (let left = 3; left > 0; left--) {
      await expect(page.getByRole('button', { name: /^(In the bowl|Ready)$/ })).toHaveCount(left)
      await page
        .getByRole('button', { name: /^(In the bowl|Ready)$/ })
        .first()
        .tap()
    }
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^All (weighed|measured)$/)
    await page.getByRole('button', { name: /On to water/ }).tap()
    await page.getByRole('button', { name: /^Poured/ }).tap()
    await page.getByRole('button', { name: /On to mix/ }).tap()
    await page.getByRole('button', { name: /^Tacky/ }).tap()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Too wet: work in')
    await page.getByRole('button', { name: 'Worked in' }).tap()
    await page.getByRole('button', { name: /^Ready/ }).tap()
    await page.getByRole('button', { name: /On to rest/ }).tap()
    await page.getByRole('button', { name: /On to portion/ }).tap()

    await tool(page, 'Simulated devices')
    await page.getByRole('button', { name: 'Use this as the whole dough' }).tap()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Take dough until it shows')
    for (let piece = 1; piece <= 2; piece++) {
      const name = piece < 2 ? 'Take about a piece' : ''
      if (name) {
        await page.getByRole('button', { name }).tap()
        await expect(page.getByText('Wait for it to settle.')).toBeVisible()
        await page.getByRole('button', { name: 'Take this reading' }).tap()
      } else {
        await page.getByRole('button', { name: `Piece ${piece} is off` }).tap()
      }
    }
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 pieces, under a damp cloth')
    await page.getByRole('button', { name: /On to shape/ }).tap()
    await page.getByRole('button', { name: /On to griddle/ }).tap()

    await cookEverything(
      page,
      2,
      async () => {
        const said = await heading(page)
        const piece = said.match(/\d+/)?.[0] ?? ''
        const spot = said.startsWith('Lay')
          ? page.getByRole('button', { name: /empty: lay a piece here/ }).first()
          : page.getByRole('button', { name: new RegExp(`^Piece ${piece}:`) })
        await spot.tap()
      },
      () => page.waitForTimeout(MORE_THAN_A_SECOND),
    )
    await page.getByRole('button', { name: /On to stack/ }).tap()
    await page.getByRole('button', { name: /^Stacked/ }).tap()
    await page.getByRole('button', { name: /On to judge/ }).tap()
    for (const [group, option] of [
      ['When folded', 'Folds'],
      ['Puff', 'No puff'],
      ['Cracks', 'Some'],
      ['Sticking', 'None'],
    ] as const) {
      await page
        .getByRole('radiogroup', { name: group })
        .getByRole('radio', { name: option, exact: true })
        .tap()
    }
    await page.getByRole('button', { name: 'More: Lost' }).tap()
    await expect(page.getByText('That is all of them.')).toBeVisible()
    await page.getByRole('button', { name: 'Save the verdict' }).tap()
    await expect(page.getByText('Kept.')).toBeVisible()
    expect(complaints).toEqual([])
  })
})
