import { effectScope } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, Unreachable } from '@/api/client'
import type { Practice, PracticeQuestion } from '@/api/types'
import { usePractice } from './session'

const asked: PracticeQuestion[] = []
let away = false

function practice(pace = 10) {
  const scope = effectScope()
  const session = scope.run(() => usePractice(() => pace))
  if (!session) throw new Error('There is no session.')
  return { session, leave: () => scope.stop() }
}

beforeEach(() => {
  vi.useFakeTimers({ now: 1_000_000 })
  asked.length = 0
  away = false
  vi.spyOn(api, 'practice').mockImplementation(question => {
    asked.push(question)
    if (away) return Promise.reject(new Unreachable('The house does not answer.'))
    const lifted = (question.acts ?? []).some(act => act.act === 'lift')
    return Promise.resolve({ seconds: question.now_seconds, lifted: lifted ? {} : null } as Practice)
  })
})
afterEach(() => vi.useRealTimers())

describe('a bread on the practice griddle', () => {
  it('is looked at again and again by its own clock until it is lifted', async () => {
    const { session, leave } = practice()
    await session.show('steady')
    session.lay()
    await vi.advanceTimersByTimeAsync(2000)
    expect(asked.length).toBeGreaterThan(4)
    expect(asked.at(-1)?.now_seconds).toBeGreaterThan(15)
    session.act('lift')
    await vi.advanceTimersByTimeAsync(10)
    const looks = asked.length
    expect(session.running.value).toBe(false)
    await vi.advanceTimersByTimeAsync(3000)
    expect(asked.length).toBe(looks)
    leave()
  })

  it('keeps every act with its second, and sends them all each time', async () => {
    const { session, leave } = practice()
    await session.show('too_hot')
    session.lay()
    await vi.advanceTimersByTimeAsync(1600)
    session.act('turn')
    await vi.advanceTimersByTimeAsync(1400)
    session.act('knob', 200)
    await vi.advanceTimersByTimeAsync(10)
    expect(asked.at(-1)).toMatchObject({
      puzzle: 'too_hot',
      acts: [
        { act: 'turn', at_seconds: 16 },
        { act: 'knob', at_seconds: 30, celsius: 200 },
      ],
    })
    leave()
  })

  it('is not touched before it is laid', async () => {
    const { session, leave } = practice()
    await session.show('steady')
    session.act('turn')
    expect(session.acts.value).toEqual([])
    leave()
  })

  it('says that the house is away, and goes on when it is back with nothing lost', async () => {
    const { session, leave } = practice()
    await session.show('steady')
    session.lay()
    await vi.advanceTimersByTimeAsync(800)
    session.act('turn')
    away = true
    await vi.advanceTimersByTimeAsync(800)
    expect(session.trouble.value).toBe('The house does not answer.')
    away = false
    await vi.advanceTimersByTimeAsync(800)
    expect(session.trouble.value).toBe('')
    expect(session.acts.value).toHaveLength(1)
    leave()
  })

  it('is left alone once the place is left', async () => {
    const { session, leave } = practice()
    await session.show('steady')
    session.lay()
    await vi.advanceTimersByTimeAsync(500)
    leave()
    const looks = asked.length
    await vi.advanceTimersByTimeAsync(3000)
    expect(asked.length).toBe(looks)
  })
})
