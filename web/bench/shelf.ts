import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Batch, BatchEvent } from '@/api/types'

interface Shelf extends DBSchema {
  /** Events that the server has not heard of, in the order in which they happened. */
  waiting: { key: number; value: { batch: string; event: BatchEvent }; indexes: { batch: string } }
  /** What the server last said of a batch, by its id: for when it does not answer. */
  heard: { key: string; value: Batch }
}

let shelf: Promise<IDBPDatabase<Shelf>> | undefined

/** What this device keeps of its own. */
export function openShelf(): Promise<IDBPDatabase<Shelf>> {
  shelf ??= openDB<Shelf>('mill', 1, {
    upgrade(database) {
      database.createObjectStore('waiting', { autoIncrement: true }).createIndex('batch', 'batch')
      database.createObjectStore('heard', { keyPath: 'id' })
    },
  })
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
