import { describe, expect, it, vi } from 'vitest'
import { Answers } from './answers'

/** A house that answers when it is told to. */
function house() {
  const asked: { question: string; answer: (words: string) => void; signal?: AbortSignal }[] = []
  const ask = vi.fn(
    (question: string, signal?: AbortSignal) =>
      new Promise<string>((answer, refuse) => {
        signal?.addEventListener('abort', () => refuse(signal.reason as Error))
        asked.push({ question, answer, ...(signal ? { signal } : {}) })
      }),
  )
  return { asked, ask, answers: new Answers(ask, 2) }
}

describe('answers to pure questions', () => {
  it('are not asked for twice, and the one unwanted for longest is forgotten first', async () => {
    const { asked, ask, answers } = house()
    for (const question of ['a', 'b']) {
      const told = answers.of(question)
      asked.at(-1)?.answer(question.toUpperCase())
      await told
    }
    expect(await answers.of('a')).toBe('A')
    expect(ask).toHaveBeenCalledTimes(2)
    const third = answers.of('c')
    asked.at(-1)?.answer('C')
    await third
    expect(await answers.of('a')).toBe('A')
    void answers.of('b')
    expect(ask).toHaveBeenCalledTimes(4)
  })

  it('are there at once, or sooner, where the question was guessed', async () => {
    const { asked, ask, answers } = house()
    answers.ahead('next')
    const told = answers.of('next')
    answers.ahead('after it')
    asked[0]?.answer('NEXT')
    expect(await told).toBe('NEXT')
    asked[1]?.answer('AFTER IT')
    expect(await answers.of('after it')).toBe('AFTER IT')
    expect(ask).toHaveBeenCalledTimes(2)
  })

  it('do not wait for a guess that was wrong: it is given up, and what is wanted is asked', async () => {
    const { asked, answers } = house()
    answers.ahead('wrong')
    const told = answers.of('right')
    expect(asked[0]?.signal?.aborted).toBe(true)
    asked[1]?.answer('RIGHT')
    expect(await told).toBe('RIGHT')
  })

  it('are gone once somebody else comes', async () => {
    const { asked, ask, answers } = house()
    const told = answers.of('a')
    asked[0]?.answer('A')
    await told
    answers.ahead('b')
    answers.forget()
    expect(asked[1]?.signal?.aborted).toBe(true)
    void answers.of('a')
    expect(ask).toHaveBeenCalledTimes(3)
  })

  it('are asked again where there was none', async () => {
    const ask = vi.fn().mockRejectedValueOnce(new Error('busy')).mockResolvedValueOnce('A')
    const answers = new Answers<string, string>(ask, 2)
    await expect(answers.of('a')).rejects.toThrow('busy')
    expect(await answers.of('a')).toBe('A')
  })
})
