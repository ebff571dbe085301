import type { Problem } from './types'

/** What is wrong with what was sent; of what somebody may not do, why. */
function said({ errors, status, title, detail }: Problem): string {
  if (errors[0]) return `${errors[0].message} Limit: ${errors[0].limit}.`
  return status === 403 ? detail : title
}

/** What the server refused, in its own words. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(said(problem))
  }

  get status(): number {
    return this.problem.status
  }
}

/** The server could not be reached, or could not do it just now; nothing is known about what it did. */
export class Unreachable extends Error {}

/**
 * Whether the server will never take this: it is wrong, or what it changes has gone. Anything else (an ended session, a busy or
 * broken house) may be sent again as it is.
 */
export function isFinal(failure: unknown): boolean {
  return failure instanceof Refusal && [403, 404, 413, 422].includes(failure.status)
}

/** What to tell the cook of a failure; one that is neither a refusal nor the house being away is a fault, and thrown on. */
export function toldBy(failure: unknown): string {
  if (failure instanceof Refusal || failure instanceof Unreachable) return failure.message
  throw failure
}
