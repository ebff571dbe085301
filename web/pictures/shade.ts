/** The colour of a baked face from 0 (pale) to 1 (burnt), for drawing only. */
const STEPS: [number, [number, number, number]][] = [
  [0, [245, 233, 203]],
  [0.3, [235, 205, 142]],
  [0.5, [206, 153, 79]],
  [0.7, [150, 92, 42]],
  [1, [48, 33, 24]],
]

export function shadeColour(shade: number): string {
  const at = Math.min(1, Math.max(0, shade))
  const upper = STEPS.findIndex(([step]) => step >= at)
  const [to, end] = STEPS[Math.max(1, upper)] ?? [1, [48, 33, 24]]
  const [from, start] = STEPS[Math.max(1, upper) - 1] ?? [0, [245, 233, 203]]
  const share = (at - from) / (to - from)
  const channels = start.map((value, index) => Math.round(value + ((end[index] ?? value) - value) * share))
  return `rgb(${channels.join(', ')})`
}
