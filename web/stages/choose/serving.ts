/** A moment as the browser's own date field wants it: local time, no offset. */
export function toLocal(moment: Date): string {
  const pad = (value: number) => String(value).padStart(2, '0')
  return `${moment.getFullYear()}-${pad(moment.getMonth() + 1)}-${pad(moment.getDate())}T${pad(moment.getHours())}:${pad(moment.getMinutes())}`
}

/** A local time with the offset of this place on that day, as the contract wants it. */
export function fromLocal(text: string): string | null {
  const moment = new Date(text)
  if (text === '' || Number.isNaN(moment.getTime())) return null
  const offset = -moment.getTimezoneOffset()
  const pad = (value: number) => String(Math.floor(Math.abs(value))).padStart(2, '0')
  return `${toLocal(moment)}:00${offset < 0 ? '-' : '+'}${pad(offset / 60)}:${pad(offset % 60)}`
}
