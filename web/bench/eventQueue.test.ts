import { describe, expect, it } from 'vitest'
import { Refusal, Unreachable } from '@/api/client'
import type { BatchEvent } from '@/api/types'
import { EventQueue } from './eventQueue'
import { MemoryStorage } from './memoryStorage'

const event = (id: string): BatchEvent => ({ id, kind: 'poured', at: '2026-03-01T12:00:00Z', grams: 10 })
const refusal = (status: number) => new Refusal({ type: '', title: 'no', status, detail: '', errors: [] })

describe('events on their way to the server', () => {
  it('arrive in the order in which they happened and wait no longer', async () => {
    const queue = new EventQueue('a', new MemoryStorage())
    const arrived: string[] = []
    queue.add(event('1'))
    queue.add(event('2'))
    await queue.flush(
      async events => void arrived.push(...events.map(one => one.id)),
      () => undefined,
    )
    expect(arrived).toEqual(['1', '2'])
    expect(queue.waiting).toEqual([])
  })

  it('all stay if the server is not there, and survive a crash', async () => {
    const store = new MemoryStorage()
    const queue = new EventQueue('a', store)
    queue.add(event('1'))
    queue.add(event('2'))
    const failing = queue.flush(
      () => Promise.reject(new Unreachable('away')),
      () => undefined,
    )
    await expect(failing).rejects.toThrow('away')
    expect(new EventQueue('a', store).waiting.map(one => one.id)).toEqual(['1', '2'])
  })

  it('are taken off one by one, so that a break in the middle loses nothing and repeats little', async () => {
    const queue = new EventQueue('a', new MemoryStorage())
    for (const id of ['1', '2', '3']) queue.add(event(id))
    const send = async (events: BatchEvent[]) => {
      if (events[0]?.id === '2') throw new Unreachable('away')
    }
    await expect(queue.flush(send, () => undefined)).rejects.toThrow()
    expect(queue.waiting.map(one => one.id)).toEqual(['2', '3'])
  })

  it('are handed back if the server refuses them, and hold up nothing', async () => {
    const queue = new EventQueue('a', new MemoryStorage())
    queue.add(event('bad'))
    queue.add(event('good'))
    const refused: string[] = []
    await queue.flush(
      async events => {
        if (events[0]?.id === 'bad') throw refusal(422)
      },
      one => refused.push(one.id),
    )
    expect(refused).toEqual(['bad'])
    expect(queue.waiting).toEqual([])
  })

  it('stay if the session has ended: signing in again must find them', async () => {
    const queue = new EventQueue('a', new MemoryStorage())
    queue.add(event('1'))
    await expect(
      queue.flush(
        () => Promise.reject(refusal(401)),
        () => undefined,
      ),
    ).rejects.toThrow()
    expect(queue.waiting).toHaveLength(1)
  })

  it('are sent by one sender at a time', async () => {
    const queue = new EventQueue('a', new MemoryStorage())
    queue.add(event('1'))
    let sent = 0
    const send = async () => {
      sent += 1
      await Promise.resolve()
    }
    await Promise.all([queue.flush(send, () => undefined), queue.flush(send, () => undefined)])
    expect(sent).toBe(1)
  })
})
