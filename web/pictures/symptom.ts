import type { Symptom } from '@/api/types'

type Base = 'disc' | 'side' | 'ball' | 'bowl' | 'stack' | 'fold'
type Mark = { d: string; as: 'line' | 'wet' | 'dark' | 'heat' | 'pale' | 'air' }

const line = (d: string): Mark => ({ d, as: 'line' })
const wet = (d: string): Mark => ({ d, as: 'wet' })
const dark = (d: string): Mark => ({ d, as: 'dark' })
const heat = (d: string): Mark => ({ d, as: 'heat' })
const pale = (d: string): Mark => ({ d, as: 'pale' })
const air = (d: string): Mark => ({ d, as: 'air' })
const dot = (x: number, y: number, r: number) =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`

/** What is drawn under the marks, on 64 by 44. */
export const BASES: Record<Base, string> = {
  disc: dot(32, 22, 17),
  side: 'M8 26q0-5 6-5h36q6 0 6 5t-6 5H14q-6 0-6-5',
  ball: dot(32, 24, 14),
  bowl: 'M10 18h44q-2 20-22 20T10 18',
  stack: 'M12 14h40v7H12zM12 23h40v7H12zM12 32h40v7H12z',
  fold: 'M10 34Q32 2 54 34Z',
}

/** A drawing for each thing that can be seen to be wrong: the bread, and what is the matter with it. */
export const SYMPTOMS: Record<Symptom, { base: Base; marks: Mark[] }> = {
  cracks: { base: 'disc', marks: [line('M47 12l-6 5M50 24l-8-1M16 11l6 6M14 27l8-2M33 40l-1-7')] },
  crumbles: {
    base: 'ball',
    marks: [
      line('M24 14l6 8-5 6 7 9M40 15l-5 7 5 5'),
      pale(dot(52, 36, 3) + dot(57, 30, 2) + dot(10, 36, 2.5)),
    ],
  },
  sticks_to_hands: {
    base: 'ball',
    marks: [line('M6 8q14-4 20 6M8 3q16-2 24 8'), pale('M22 12q4 4 8 0t8 1')],
  },
  sticks_to_liner: { base: 'side', marks: [line('M6 34h40q10 0 12-14'), pale('M44 32q6-2 8-8')] },
  sticks_to_griddle: {
    base: 'side',
    marks: [dark('M4 34h56v5H4z'), pale('M16 31v4M26 31v4M36 31v4M46 31v4')],
  },
  slack: { base: 'bowl', marks: [pale('M4 40q28-8 56 0z')] },
  lumps: {
    base: 'bowl',
    marks: [pale(dot(24, 26, 3) + dot(36, 29, 3.5) + dot(42, 23, 2.5) + dot(30, 21, 2))],
  },
  no_rise: { base: 'bowl', marks: [line('M8 12h48'), wet('M32 9V3M29 6l3-3 3 3')] },
  too_thick: { base: 'bowl', marks: [pale('M20 18q2-10 12-10t12 10z'), line('M32 8V2')] },
  springs_back: { base: 'disc', marks: [line('M8 22h10M14 18l4 4-4 4M56 22H46M50 18l-4 4 4 4')] },
  weeps: { base: 'ball', marks: [wet('M10 40q22-7 44 0zM48 14q4 5 0 7-4-2 0-7M16 12q4 5 0 7-4-2 0-7')] },
  gum_strings: { base: 'ball', marks: [line('M20 34q-2 6 0 9M28 37v6M36 37q1 3 0 6M44 34q2 5 0 9')] },
  tears: { base: 'disc', marks: [air('M32 4l5 14-6 8 4 15-8-3 2-13-4-8z')] },
  uneven: { base: 'side', marks: [air('M8 20h48v-8z'), line('M8 20l48-8')] },
  filling_out: { base: 'side', marks: [heat('M50 22q8 0 10 6t-6 8-8-6')] },
  no_puff: { base: 'side', marks: [line('M16 15q16-8 32 0M16 15l2-4M48 15l-2-4')] },
  blisters: {
    base: 'disc',
    marks: [dark(dot(25, 16, 2.5) + dot(38, 20, 3) + dot(30, 29, 2) + dot(41, 30, 2))],
  },
  curls: {
    base: 'side',
    marks: [air('M6 22q6 8 10 9H4zM58 22q-6 8-10 9h12z'), line('M8 22q-4-8 2-12M56 22q4-8-2-12')],
  },
  dark: { base: 'disc', marks: [dark(dot(32, 22, 14))] },
  burnt_spots: { base: 'disc', marks: [dark(dot(24, 17, 4) + dot(39, 26, 5) + dot(28, 31, 3))] },
  pale: { base: 'disc', marks: [pale(dot(32, 22, 14))] },
  smoke: { base: 'side', marks: [line('M20 18q-4-4 0-8t0-8M32 18q-4-4 0-8t0-8M44 18q-4-4 0-8t0-8')] },
  first_worse: { base: 'stack', marks: [dark('M12 14h40v7H12z'), line('M58 38V16M55 19l3-3 3 3')] },
  shrank: { base: 'disc', marks: [line('M9 22a23 20 0 0 1 46 0M55 22a23 20 0 0 1-46 0')] },
  gummy: { base: 'side', marks: [wet('M12 25h40v3H12z')] },
  raw_smell: { base: 'disc', marks: [pale(dot(32, 22, 8)), line('M40 8q4-4 0-7M46 11q5-4 2-8')] },
  stiff: { base: 'fold', marks: [line('M32 8l-4 10 6 6-4 10')] },
  tough: { base: 'fold', marks: [line('M22 26q10-6 20 0M26 31q6-4 12 0')] },
  soggy: { base: 'stack', marks: [wet('M12 21h40v2H12zM12 30h40v2H12z')] },
  greasy: { base: 'disc', marks: [heat(dot(25, 18, 5) + dot(38, 26, 6))] },
  layers_apart: { base: 'side', marks: [air('M12 25q20-5 40 0-20 5-40 0')] },
  filling_wet: { base: 'side', marks: [heat('M20 24h24v4H20z'), wet('M18 22h28v2H18zM18 28h28v2H18z')] },
  fold_tears: { base: 'fold', marks: [air('M28 12l8 0-2 6 4 4-8 3z')] },
  chewy_chips: { base: 'fold', marks: [wet('M24 24q8-6 16 0-8 6-16 0')] },
  sour: { base: 'disc', marks: [wet('M22 24q10 8 20 0'), line('M25 17h2M37 17h2')] },
  bitter: { base: 'disc', marks: [line('M22 29q10-8 20 0M25 17h2M37 17h2')] },
}
