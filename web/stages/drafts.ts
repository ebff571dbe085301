import type { PlanRequest } from '@/api/types'
import { own } from '@/bench/person'
import { rebase, same } from './rebase'

interface Draft {
  version: number
  request: PlanRequest
  /** What it changes. */
  before?: PlanRequest
}

/** A changed request waits here, on this device, until the server has it. */
export class Drafts {
  constructor(private readonly store: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = localStorage) {}

  keep(batchId: string, version: number, request: PlanRequest, before: PlanRequest): void {
    this.store.setItem(key(batchId), JSON.stringify({ version, request, before } satisfies Draft))
  }

  /** The draft, on top of what the batch has become since; null where there is none, or the server has it already. */
  of(batchId: string, version: number, current: PlanRequest): PlanRequest | null {
    const draft = this.read(batchId)
    const wanted =
      draft &&
      (draft.version === version
        ? draft.request
        : draft.before && rebase(draft.before, draft.request, current))
    if (wanted && !sameRequest(wanted, current)) return wanted
    this.drop(batchId)
    return null
  }

  drop(batchId: string): void {
    this.store.removeItem(key(batchId))
  }

  private read(batchId: string): Draft | null {
    try {
      return JSON.parse(this.store.getItem(key(batchId)) ?? 'null') as Draft | null
    } catch {
      // What cannot be read is no draft.
      return null
    }
  }
}

/** Whether two requests ask for the same, in whatever order they say it. */
function sameRequest(one: PlanRequest, other: PlanRequest): boolean {
  return same(rebase(other, one, other), rebase(other, other, other))
}

function key(batchId: string): string {
  return own(`draft.${batchId}`)
}
