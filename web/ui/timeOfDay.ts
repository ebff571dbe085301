/** A moment as a kitchen clock shows it. */
export function timeOfDay(moment: number | string): string {
  return new Date(moment).toLocaleTimeString(undefined, {
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
}
