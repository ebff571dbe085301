import { useLocalStorage } from '@vueuse/core'

export type WeekStart = 'monday' | 'sunday' | 'saturday'

/** As calendars count days: Sunday is none. */
export const DAY_OF: Record<WeekStart, number> = { sunday: 0, monday: 1, saturday: 6 }

/** The first day of a week in every calendar that opens. */
export const weekStart = useLocalStorage<WeekStart>('mill.weekStart', 'monday')
