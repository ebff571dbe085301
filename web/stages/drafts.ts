import type { PlanRequest } from '@/api/types'

/** A changed request waits here, on this device, until the server has it. */
export class Drafts {
  constructor(private readonly store: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = localStorage) {}

  keep(batchId: string, version: number, request: PlanRequest): void {
    this.store.setItem(key(batchId), JSON.stringify({ version, request }))
  }

  /** The draft, if the batch is still the one that it changes. */
  of(batchId: string, version: number | undefined): PlanRequest | null {
    try {
      const draft = JSON.parse(this.store.getItem(key(batchId)) ?? 'null') as {
        version: number
        request: PlanRequest
      } | null
      if (draft?.version === version) return draft?.request ?? null
    } catch {
      // What cannot be read is no draft.
    }
    this.drop(batchId)
    return null
  }

  drop(batchId: string): void {
    this.store.removeItem(key(batchId))
  }
}

function key(batchId: string): string {
  return `mill.draft.${batchId}`
}
