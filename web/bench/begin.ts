import { api, Refusal, Unreachable } from '@/api/client'
import { EventQueue } from './eventQueue'
import { begunHere, dropBegun, keepPrepared, lastHeard, withUnsent } from './shelf'

/** Prepared once a page: what a bread would begin with changes slowly, and each costs the house a plan. */
const preparedHere = new Set<string>()
/** A kitchen's breads of a week, not all that it ever kept. */
const MOST_PREPARED = 8

/** Keeps a batch of each bread on this device, so that one can be begun while the house is away. One after the other, when nothing else is asked. */
export async function prepare(breads: string[]): Promise<void> {
  for (const bread of breads.slice(0, MOST_PREPARED)) {
    if (preparedHere.has(bread)) continue
    try {
      await keepPrepared(bread, await api.prepared(bread))
      preparedHere.add(bread)
    } catch (failure) {
      // What cannot be prepared now is prepared on another visit; what was kept before stays.
      if (failure instanceof Unreachable) return
      if (!(failure instanceof Refusal)) throw failure
    }
  }
}

/** Something of a bread has changed: what was prepared of it is prepared anew. */
export function forgetPrepared(): void {
  preparedHere.clear()
}

/**
 * Tells the house of a batch that was begun on this device, as it was begun; does nothing where the house knows it.
 *
 * @throws Unreachable While the house does not answer.
 * @throws Refusal If the house will not have it; it stays on this device.
 */
export async function tellBegun(id: string): Promise<void> {
  const begun = (await begunHere()).find(one => one.id === id)
  const batch = begun && (await lastHeard(id))
  if (!begun || !batch) return
  await api.startBatch({ ...begun, revision: batch.bread.revision, request: batch.request })
  await dropBegun(id)
}

/** Tells the house all that waits on this device, of whatever batch. What it would refuse waits for the batch's own page, which says so. */
export async function tellAll(): Promise<void> {
  for (const { id } of await begunHere()) await tellBegun(id)
  for (const id of await withUnsent()) {
    const queue = await EventQueue.of(id)
    await queue.flush(
      events =>
        api.record(id, events).catch((failure: unknown) => {
          throw failure instanceof Refusal ? new Unreachable(failure.message) : failure
        }),
      () => undefined,
      () => undefined,
    )
  }
}
