import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Batch, BatchEvent, Verdict } from '@/api/types'
import { person } from './person'

/** A verdict that the server has not taken, with the identifier that it is sent by. */
export interface PendingVerdict {
  batch: string
  id: string
  verdict: Verdict
}

interface Shelf extends DBSchema {
  /** Events that the server has not heard of, in the order in which they happened. */
  waiting: { key: number; value: { batch: string; event: BatchEvent }; indexes: { batch: string } }
  /** What the server last said of a batch, by its id: for when it does not answer. */
  heard: { key: string; value: Batch }
  verdicts: { key: string; value: PendingVerdict }
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
  await (await openShelf()).clear('heard')
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
  return openDB<Shelf>(name, 3, {
    upgrade(database, before, _, change) {
      if (before < 1) {
        database.createObjectStore('waiting', { autoIncrement: true }).createIndex('batch', 'batch')
        database.createObjectStore('heard', { keyPath: 'id' })
      }
      if (before < 2) database.createObjectStore('verdicts', { keyPath: 'batch' })
      // What an earlier page kept of the house has not all that this one shows: this number grows whenever a batch's state does.
      if (before < 3) void change.objectStore('heard').clear()
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
