import type { BatchEvent } from '@/api/types'

const MOST = 4

/** What waits to be sent, the latest last, in few words. */
export function unsentWords(waiting: BatchEvent[]): string {
  const words = waiting.map(event => {
    const kind = event.kind.replaceAll('_', ' ')
    if (event.piece) return `${kind} ${event.piece}`
    return event.stage ? `${kind} ${event.stage}` : kind
  })
  const more = words.length - MOST
  return [...(more > 0 ? [`${more} more`] : []), ...words.slice(-MOST)].join(', ')
}
