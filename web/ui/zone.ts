/** By which clock this person lives, as a part of an address: the zone knows when clocks are put forward. */
export function zoneInAddress(): string {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone as string | undefined
  const offset = `offset_minutes=${-new Date().getTimezoneOffset()}`
  return zone ? `${offset}&zone=${encodeURIComponent(zone)}` : offset
}
