/** A moment as a kitchen clock shows it. Put together by hand: a browser's own formatter takes a slow tablet a tenth of a second to make. */
export function timeOfDay(moment: number | string): string {
  const date = new Date(moment)
  return `${String(date.getHours()).padStart(2, '0')}:${String(date.getMinutes()).padStart(2, '0')}`
}
