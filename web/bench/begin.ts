import { api, Refusal, Unreachable } from '@/api/client'
import { EventQueue } from './eventQueue'
import { begunBy, begunHere, dropBegun, keepPrepared, lastHeard, withUnsent } from './shelf'

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
  const begun = await begunBy(id)
  const batch = begun && (await lastHeard(id))
  if (!begun || !batch) return
  await api.startBatch({ ...begun, revision: batch.bread.revision, request: batch.request })
  await dropBegun(id)
}

/** Tells the house all that waits on this device, of whatever batch. What it refuses waits for the batch's own page, which says so, and holds up no other. */
export async function tellAll(): Promise<void> {
  const begun = (await begunHere()).map(one => one.id)
  for (const id of new Set([...begun, ...(await withUnsent())])) {
    try {
      await tellBegun(id)
      const queue = await EventQueue.of(id)
      await queue.flush(
        // A refusal would take the entry off the shelf: nobody is there to read why.
        events => api.record(id, events).catch(kept),
        () => undefined,
        () => undefined,
      )
    } catch (failure) {
      if (!(failure instanceof Refusal || failure instanceof RefusedMeanwhile)) throw failure
    }
  }
}

/** Refused where no page says so. */
class RefusedMeanwhile extends Error {}

function kept(failure: unknown): never {
  throw failure instanceof Refusal ? new RefusedMeanwhile(failure.message) : failure
}
