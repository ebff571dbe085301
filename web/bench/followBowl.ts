import type { BatchEvent, BatchState } from '@/api/types'

/**
 * The bowl and the scale while the house does not answer: sums of what went in, and shares of what stands on the scale. What each
 * gram beside the plan asks for in water, and how fine the scale is, the house said before.
 */
type Bowl = BatchState['bowl']
type Portion = BatchState['portion']

function toStep(grams: number, step: number): number {
  return Math.round(Math.round(grams / step) * step * 1e6) / 1e6
}

/** What of the whole dough is water: what will be poured, and once it was felt what is in. */
function waterInAll(bowl: Bowl): number {
  return bowl.was_felt ? bowl.water_grams : Math.max(bowl.water_grams, bowl.water.grams)
}

/** The numbers that follow from what is in, where the dry part of the whole dough is told already. */
function told(
  before: Bowl,
  bowl: Bowl,
  { count, resolution_grams }: Pick<Portion, 'count' | 'resolution_grams'>,
): Bowl {
  const hydration = bowl.flour_base_grams > 0 ? (100 * bowl.water_grams) / bowl.flour_base_grams : 0
  const whole = bowl.whole_dough_grams + waterInAll(bowl) - waterInAll(before)
  return {
    ...bowl,
    hydration_percent: hydration,
    hydration_low_percent: bowl.hydration_shares.low * hydration,
    hydration_high_percent: bowl.hydration_shares.high * hydration,
    whole_dough_grams: whole,
    piece_grams: toStep(whole * bowl.kept_share, resolution_grams) / count,
    reserve_left_grams: Math.max(
      0,
      bowl.water.grams - Math.max(bowl.water_grams, bowl.water.first_pour_grams),
    ),
  }
}

/** A line that went in: it counts as it was weighed from now on, and the water follows it. */
export function measured(bowl: Bowl, event: BatchEvent, portion: Portion): Bowl {
  const grams = event.grams ?? 0
  const line = bowl.lines.find(one => one.ingredient === event.ingredient)
  if (!line) return bowl
  const beside = grams - (line.measured ? line.grams : line.planned_grams)
  const lines = bowl.lines.map(one => (one === line ? { ...one, grams, measured: true } : one))
  return told(
    bowl,
    {
      ...bowl,
      lines,
      water: waterFor(bowl.water, lines, line.water_per_gram * beside, portion.resolution_grams),
      flour_base_grams: bowl.flour_base_grams + (line.is_flour ? beside : 0),
      dough_grams: bowl.dough_grams + grams - (line.measured ? line.grams : 0),
      whole_dough_grams: bowl.whole_dough_grams + beside,
    },
    portion,
  )
}

/** What is wanted once the lines ask for so much more; as planned, to the step of the scale, nothing more is. */
function waterFor(water: Bowl['water'], lines: Bowl['lines'], more: number, step: number): Bowl['water'] {
  const follows_weights = lines.some(
    one => one.measured && Math.abs(one.grams - one.planned_grams) > 0.5 * step,
  )
  if (!follows_weights || water.grams <= 0) return { ...water, follows_weights }
  const grams = Math.max(0, toStep(water.grams + more, step))
  const first_pour_grams = toStep((grams * water.first_pour_grams) / water.grams, step)
  return {
    grams,
    first_pour_grams,
    reserve_grams: grams - first_pour_grams,
    jug: water.jug.map(part => ({ ...part, grams: (part.grams * grams) / water.grams })),
    follows_weights,
  }
}

export function poured(bowl: Bowl, event: BatchEvent, portion: Portion): Bowl {
  const grams = event.grams ?? 0
  const next = {
    ...bowl,
    water_grams: bowl.water_grams + grams,
    dough_grams: bowl.dough_grams + grams,
    feel: null,
  }
  return told(bowl, next, portion)
}

export function felt(bowl: Bowl, event: BatchEvent, portion: Portion): Bowl {
  return told(bowl, { ...bowl, feel: event.grade ?? null, was_felt: true }, portion)
}

/** What was worked in, by the answer that the house gave for this feel before. */
export function corrected(
  bowl: Bowl,
  event: BatchEvent,
  answers: BatchState['feel_answers'],
  portion: Portion,
): Bowl {
  const water = event.water_grams ?? 0
  const answer = answers.find(one => one.grade === bowl.feel)
  const share = answer?.flour_grams?.value ? (event.flour_grams ?? 0) / answer.flour_grams.value : 0
  const mix = new Map(answer?.dry_mix.map(one => [one.ingredient, one.grams * share]))
  const dry = [...mix.values()].reduce((sum, grams) => sum + grams, 0)
  return told(
    bowl,
    {
      ...bowl,
      lines: bowl.lines.map(one => ({ ...one, grams: one.grams + (mix.get(one.ingredient) ?? 0) })),
      water_grams: bowl.water_grams + water,
      flour_base_grams: bowl.flour_base_grams + (event.flour_grams ?? 0),
      dough_grams: bowl.dough_grams + water + dry,
      whole_dough_grams: bowl.whole_dough_grams + dry,
      corrections: bowl.corrections + 1,
      feel: null,
    },
    portion,
  )
}

/** The bowl is on the scale, to be divided into so many. */
export function scaleSet(portion: Portion, event: BatchEvent): Portion {
  const grams = event.grams ?? 0
  const count = event.pieces ?? portion.count
  const mean = grams / count
  return marked({
    ...portion,
    count,
    left: count,
    start_grams: grams,
    reading_grams: grams,
    tolerance_grams: Math.max(
      portion.resolution_grams,
      toStep(portion.tolerance_share * mean, portion.resolution_grams),
    ),
    pieces: [],
    worst_deviation_grams: null,
    spread_percent: null,
    out_of_tolerance: null,
  })
}

/** The reading after each piece still to take, if each takes its equal share of what is left. */
function marked(portion: Portion): Portion {
  const marks: number[] = []
  let reading = portion.reading_grams ?? 0
  for (let left = portion.left; left > 0; left--) {
    reading = toStep((reading * (left - 1)) / left, portion.resolution_grams)
    marks.push(reading)
  }
  const next = marks[0] ?? null
  return {
    ...portion,
    marks,
    next_mark_grams: next,
    next_piece_grams: next === null ? null : (portion.reading_grams ?? 0) - next,
  }
}

export function portioned(portion: Portion, event: BatchEvent): Portion {
  const grams = event.grams ?? 0
  const taken = (portion.reading_grams ?? 0) - grams
  return marked({
    ...portion,
    left: Math.max(0, portion.left - 1),
    reading_grams: grams,
    pieces: [...portion.pieces, { piece: portion.pieces.length + 1, grams: taken, deviation_grams: null }],
    // Whether it is like the others the house alone tells.
    out_of_tolerance: null,
  })
}
