/** Temperature of bread as a colour: slate while cold, pale dough near the gel, amber from boiling on, clay and brown beyond. */
type Stop = readonly [celsius: number, red: number, green: number, blue: number]
const COLD: Stop = [15, 62, 88, 128]
const HOT: Stop = [240, 36, 20, 16]
const STOPS: readonly Stop[] = [
  COLD,
  [45, 129, 152, 184],
  [70, 222, 218, 205],
  [95, 243, 222, 160],
  [101, 236, 184, 82],
  [120, 205, 124, 34],
  [150, 152, 62, 30],
  [190, 78, 34, 22],
  HOT,
]

export const LEGEND = [20, 45, 70, 95, 120, 150, 190]

export function heatColour(celsius: number): string {
  const to = STOPS.find(stop => stop[0] >= celsius) ?? HOT
  const from = STOPS[STOPS.indexOf(to) - 1] ?? COLD
  const share = to[0] === from[0] ? 1 : (celsius - from[0]) / (to[0] - from[0])
  const mix = (low: number, high: number) => Math.round(low + (high - low) * Math.min(1, Math.max(0, share)))
  return `rgb(${mix(from[1], to[1])}, ${mix(from[2], to[2])}, ${mix(from[3], to[3])})`
}
