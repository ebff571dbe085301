import type { PastBatch, Verdict } from '@/api/types'

/** What a sheet tells of how a batch came out, with nothing where it tells nothing. */
export const toldOf = (told: NonNullable<PastBatch['verdict']>): Verdict => ({
  pliability: null,
  puff: null,
  shade_first: null,
  shade_second: null,
  cracks: null,
  sticking: null,
  pieces_good: null,
  pieces_second: null,
  pieces_lost: null,
  score: null,
  notes: null,
  ...told,
})
