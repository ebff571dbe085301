import { effectScope, nextTick, ref } from 'vue'
import { expect, it, vi } from 'vitest'
import { useAsking, useAskingBehind } from './asking'
import { Refusal, Unreachable } from './client'

/** Answers that come when the test lets them, in whatever order. */
function slow() {
  const waiting = new Map<
    string,
    { give: (answer: string) => void; fail: (why: Error) => void; signal: AbortSignal }
  >()
  const ask = (question: string, signal: AbortSignal) =>
    new Promise<string>((give, fail) => waiting.set(question, { give, fail, signal }))
  return {
    ask,
    of: (question: string) => waiting.get(question) as NonNullable<ReturnType<typeof waiting.get>>,
  }
}

const problem = { type: '', title: 'No.', status: 422, detail: '', errors: [] }

it('keeps only the newest answer, even where an older one comes later', async () => {
  const house = slow()
  const asking = useAsking(house.ask)
  const first = asking.about('first')
  const second = asking.about('second')
  house.of('second').give('two')
  await second
  house.of('first').give('one')
  await first
  expect(asking.answer.value).toBe('two')
})

it('gives an overtaken question up', () => {
  const house = slow()
  const asking = useAsking(house.ask)
  void asking.about('first')
  void asking.about('second')
  expect(house.of('first').signal.aborted).toBe(true)
  expect(house.of('second').signal.aborted).toBe(false)
})

it('keeps the last answer in view while it says why the next was refused', async () => {
  const house = slow()
  const asking = useAsking(house.ask)
  const good = asking.about('good')
  house.of('good').give('fine')
  await good
  const bad = asking.about('bad')
  house.of('bad').fail(new Refusal(problem))
  await bad
  expect([asking.answer.value, asking.refused.value]).toEqual(['fine', 'No.'])
  const again = asking.about('again')
  house.of('again').give('better')
  await again
  expect([asking.answer.value, asking.refused.value]).toEqual(['better', ''])
})

it('says that the house does not answer', async () => {
  const house = slow()
  const asking = useAsking(house.ask)
  const asked = asking.about('anything')
  house.of('anything').fail(new Unreachable('The house does not answer.'))
  await asked
  expect(asking.refused.value).toBe('The house does not answer.')
})

it('does not hide a fault of the page itself', async () => {
  const house = slow()
  const asking = useAsking(house.ask)
  const asked = asking.about('anything')
  house.of('anything').fail(new TypeError('a bug'))
  await expect(asked).rejects.toThrow('a bug')
})

it('forgets what was asked and answered', async () => {
  const house = slow()
  const asking = useAsking(house.ask)
  const asked = asking.about('anything')
  asking.forget()
  house.of('anything').give('late')
  await asked
  expect(asking.answer.value).toBeNull()
})

it('gives its question up when the page that asked is left', () => {
  const house = slow()
  const scope = effectScope()
  scope.run(() => void useAsking(house.ask).about('anything'))
  scope.stop()
  expect(house.of('anything').signal.aborted).toBe(true)
})

it('asks for the picture once the number is there, and once only', async () => {
  const asked: string[] = []
  const question = ref({ heat: 200 })
  const numberIsDue = ref(false)
  const scope = effectScope()
  scope.run(() =>
    useAskingBehind(
      about => {
        asked.push(`${about.heat}`)
        return Promise.resolve('a picture')
      },
      question,
      numberIsDue,
    ),
  )
  expect(asked, 'a page that opens waits for nothing').toEqual(['200'])
  question.value = { heat: 210 }
  numberIsDue.value = true
  await nextTick()
  question.value = { heat: 220 }
  await nextTick()
  expect(asked).toEqual(['200'])
  numberIsDue.value = false
  await nextTick()
  expect(asked, 'what was overtaken is not asked for').toEqual(['200', '220'])
  // The house keeps the change and says it again.
  question.value = { heat: 220 }
  await nextTick()
  expect(asked).toEqual(['200', '220'])
  scope.stop()
})

it('asks for a picture again that was refused', async () => {
  let asked = 0
  const question = ref({ heat: 200 })
  const scope = effectScope()
  const behind = scope.run(() =>
    useAskingBehind(
      () => (asked++ ? Promise.resolve('a picture') : Promise.reject(new Refusal(problem))),
      question,
      ref(false),
    ),
  )
  await vi.waitFor(() => expect(behind?.refused.value).not.toBe(''))
  question.value = { heat: 200 }
  await vi.waitFor(() => expect(behind?.answer.value).toBe('a picture'))
  expect(behind?.refused.value).toBe('')
  scope.stop()
})
