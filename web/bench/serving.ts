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

export interface Meant {
  label: string
  local: string
}

const HOURS = [1, 2, 4]
const MEALS = ['12:30', '19:00']

/** The times people mean: in so many hours, to the next five minutes, and the next meals. */
export function meantFrom(now: Date): Meant[] {
  const later = HOURS.map(hours => {
    const five = 5 * 60_000
    const moment = new Date(Math.ceil((now.getTime() + hours * 3_600_000) / five) * five)
    return { label: hours === 1 ? 'In an hour' : `In ${hours} hours`, local: toLocal(moment) }
  })
  const meals = MEALS.map(meal => {
    const moment = new Date(now)
    const [hour, minute] = meal.split(':').map(Number)
    moment.setHours(hour ?? 0, minute ?? 0, 0, 0)
    if (moment <= now) moment.setDate(moment.getDate() + 1)
    return { label: moment.getDate() === now.getDate() ? meal : `${meal} tomorrow`, local: toLocal(moment) }
  })
  return [...later, ...meals]
}
