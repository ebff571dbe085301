import type { BatchEvent, BatchState } from '@/api/types'

/**
 * The bowl and the scale while the house does not answer: sums of what went in, and shares of what stands on the scale. What each
 * gram beside the plan asks for in water, and how fine the scale is, the house said before.
 */
type Bowl = BatchState['bowl']
type Portion = BatchState['portion']

export function toStep(grams: number, step: number): number {
  return Math.round(Math.round(grams / step) * step * 1e6) / 1e6
}

/** What of the whole dough is water: what will be poured, and once it was felt what is in. */
function waterInAll(bowl: Bowl): number {
  return bowl.was_felt ? bowl.water_grams : Math.max(bowl.water_grams, bowl.water.grams)
}

/** The numbers that follow from what is in. */
function told(bowl: Bowl, count: number): Bowl {
  const hydration = bowl.flour_base_grams > 0 ? (100 * bowl.water_grams) / bowl.flour_base_grams : 0
  return {
    ...bowl,
    hydration_percent: hydration,
    hydration_low_percent: bowl.hydration_shares.low * hydration,
    hydration_high_percent: bowl.hydration_shares.high * hydration,
    piece_grams: toStep(bowl.whole_dough_grams * bowl.kept_share, bowl.resolution_grams) / count,
    reserve_left_grams: Math.max(
      0,
      bowl.water.grams - Math.max(bowl.water_grams, bowl.water.first_pour_grams),
    ),
  }
}

/** A line that went in: it counts as it was weighed from now on, and the water follows it. */
export function measured(bowl: Bowl, event: BatchEvent, count: number): Bowl {
  const grams = event.grams ?? 0
  const line = bowl.lines.find(one => one.ingredient === event.ingredient)
  if (!line) return bowl
  const counted = line.measured ? line.grams : line.planned_grams
  const lines = bowl.lines.map(one => (one === line ? { ...one, grams, measured: true } : one))
  const follows = lines.some(
    one => one.measured && Math.abs(one.grams - one.planned_grams) > 0.5 * bowl.resolution_grams,
  )
  const wanted = follows
    ? Math.max(0, toStep(bowl.water.grams + line.water_per_gram * (grams - counted), bowl.resolution_grams))
    : bowl.water.grams
  const first =
    bowl.water.grams > 0
      ? toStep((wanted * bowl.water.first_pour_grams) / bowl.water.grams, bowl.resolution_grams)
      : 0
  const water = {
    ...bowl.water,
    grams: wanted,
    first_pour_grams: first,
    reserve_grams: wanted - first,
    follows_weights: follows,
    jug: bowl.water.jug.map(part => ({
      ...part,
      grams: bowl.water.grams > 0 ? (part.grams * wanted) / bowl.water.grams : 0,
    })),
  }
  const next = {
    ...bowl,
    lines,
    water,
    flour_base_grams: bowl.flour_base_grams + (line.is_flour ? grams - counted : 0),
    dough_grams: bowl.dough_grams + grams - (line.measured ? line.grams : 0),
  }
  return told(
    {
      ...next,
      whole_dough_grams: bowl.whole_dough_grams + grams - counted + waterInAll(next) - waterInAll(bowl),
    },
    count,
  )
}

export function poured(bowl: Bowl, event: BatchEvent, count: number): Bowl {
  const grams = event.grams ?? 0
  const next = {
    ...bowl,
    water_grams: bowl.water_grams + grams,
    dough_grams: bowl.dough_grams + grams,
    feel: null,
  }
  return told(
    { ...next, whole_dough_grams: bowl.whole_dough_grams + waterInAll(next) - waterInAll(bowl) },
    count,
  )
}

export function felt(bowl: Bowl, event: BatchEvent, count: number): Bowl {
  const next = { ...bowl, feel: event.grade ?? null, was_felt: true }
  return told(
    { ...next, whole_dough_grams: bowl.whole_dough_grams + waterInAll(next) - waterInAll(bowl) },
    count,
  )
}

/** What was worked in, by the answer that the house gave for this feel before. */
export function corrected(
  bowl: Bowl,
  event: BatchEvent,
  answers: BatchState['feel_answers'],
  count: number,
): Bowl {
  const water = event.water_grams ?? 0
  const answer = answers.find(one => one.grade === bowl.feel)
  const share = answer?.flour_grams.value ? (event.flour_grams ?? 0) / answer.flour_grams.value : 0
  const mix = new Map(answer?.dry_mix.map(one => [one.ingredient, one.grams * share]))
  const dry = [...mix.values()].reduce((sum, grams) => sum + grams, 0)
  return told(
    {
      ...bowl,
      lines: bowl.lines.map(one => ({ ...one, grams: one.grams + (mix.get(one.ingredient) ?? 0) })),
      water_grams: bowl.water_grams + water,
      flour_base_grams: bowl.flour_base_grams + (event.flour_grams ?? 0),
      dough_grams: bowl.dough_grams + water + dry,
      whole_dough_grams: bowl.whole_dough_grams + water + dry,
      corrections: bowl.corrections + 1,
      feel: null,
    },
    count,
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
