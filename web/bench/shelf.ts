import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Batch, BatchEvent, VerdictToGive } from '@/api/types'
import { person } from './person'

/** A verdict that the server has not taken, with the identifier that it is sent by. */
export interface PendingVerdict {
  batch: string
  id: string
  verdict: VerdictToGive
}

/** A batch begun on this device that the house has not heard of. */
export interface Begun {
  id: string
  bread: string
  at: string
}

interface Shelf extends DBSchema {
  /** Events that the server has not heard of, in the order in which they happened. */
  waiting: { key: number; value: { batch: string; event: BatchEvent }; indexes: { batch: string } }
  /** What the server last said of a batch, by its id: for when it does not answer. */
  heard: { key: string; value: Batch }
  verdicts: { key: string; value: PendingVerdict }
  /** A batch of each bread as it would begin, by the bread: for when the house is away. */
  prepared: { key: string; value: { bread: string; batch: Batch } }
  begun: { key: string; value: Begun }
}

/** What every cook of this device shared in an earlier version. */
const SHARED = 'mill'
const shelves = new Map<string, Promise<IDBPDatabase<Shelf>>>()

/** What this device keeps of this cook. */
export function openShelf(): Promise<IDBPDatabase<Shelf>> {
  const name = `mill-of-${person()}`
  const shelf = shelves.get(name) ?? opened(name).then(adopted)
  shelves.set(name, shelf)
  return shelf
}

export async function keepHeard(batch: Batch): Promise<void> {
  await (await openShelf()).put('heard', batch)
}

export async function lastHeard(id: string): Promise<Batch | undefined> {
  return (await openShelf()).get('heard', id)
}

/** Whoever comes after a cook who left sees nothing of it; what is not sent yet stays. */
export async function forgetHeard(): Promise<void> {
  const shelf = await openShelf()
  await shelf.clear('prepared')
  // A batch that was begun here and not told yet is nowhere else: it stays for the cook who began it.
  const begun = new Set(await shelf.getAllKeys('begun'))
  for (const id of await shelf.getAllKeys('heard')) if (!begun.has(id)) await shelf.delete('heard', id)
}

export async function keepPrepared(bread: string, batch: Batch): Promise<void> {
  await (await openShelf()).put('prepared', { bread, batch })
}

/** Begins a batch of what was prepared of its bread; false where nothing was. */
export async function beginHere(begun: Begun): Promise<boolean> {
  const shelf = await openShelf()
  const prepared = await shelf.get('prepared', begun.bread)
  if (!prepared) return false
  await shelf.put('begun', begun)
  await shelf.put('heard', { ...prepared.batch, id: begun.id, started_at: begun.at })
  return true
}

export async function begunHere(): Promise<Begun[]> {
  return (await openShelf()).getAll('begun')
}

export async function begunBy(id: string): Promise<Begun | undefined> {
  return (await openShelf()).get('begun', id)
}

export async function dropBegun(id: string): Promise<void> {
  await (await openShelf()).delete('begun', id)
}

/** The batches of which something waits to be sent. */
export async function withUnsent(): Promise<string[]> {
  const waiting = await (await openShelf()).getAll('waiting')
  return [...new Set(waiting.map(one => one.batch))]
}

export async function keepVerdict(pending: PendingVerdict): Promise<void> {
  await (await openShelf()).put('verdicts', pending)
}

export async function pendingVerdict(batch: string): Promise<PendingVerdict | undefined> {
  return (await openShelf()).get('verdicts', batch)
}

export async function dropVerdict(batch: string): Promise<void> {
  await (await openShelf()).delete('verdicts', batch)
}

function opened(name: string): Promise<IDBPDatabase<Shelf>> {
  return openDB<Shelf>(name, 4, {
    upgrade(database, before, _, change) {
      if (before < 1) {
        database.createObjectStore('waiting', { autoIncrement: true }).createIndex('batch', 'batch')
        database.createObjectStore('heard', { keyPath: 'id' })
      }
      if (before < 2) database.createObjectStore('verdicts', { keyPath: 'batch' })
      // What an earlier page kept of the house has not all that this one shows: this number grows whenever a batch's state does.
      if (before < 4) {
        void change.objectStore('heard').clear()
        database.createObjectStore('prepared', { keyPath: 'bread' })
        database.createObjectStore('begun', { keyPath: 'id' })
      }
    },
  })
}

/** What waited on the shelf that all shared goes to whoever comes first, so that no entry is lost. */
async function adopted(shelf: IDBPDatabase<Shelf>): Promise<IDBPDatabase<Shelf>> {
  const known = await (indexedDB.databases as undefined | (() => Promise<IDBDatabaseInfo[]>))?.call(indexedDB)
  if (!known?.some(one => one.name === SHARED)) return shelf
  const shared = await opened(SHARED)
  for (const one of await shared.getAll('waiting')) await shelf.add('waiting', one)
  shared.close()
  await deleteDB(SHARED)
  return shelf
}
