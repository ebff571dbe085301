/** By which clock this person lives: the zone knows when clocks are put forward. */
export function hereAndNow(): { offset_minutes: number; zone?: string } {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone as string | undefined
  const offset = { offset_minutes: -new Date().getTimezoneOffset() }
  return zone ? { ...offset, zone } : offset
}

/** The same as a part of an address. */
export function zoneInAddress(): string {
  return Object.entries(hereAndNow())
    .map(([name, value]) => `${name}=${encodeURIComponent(value)}`)
    .join('&')
}
