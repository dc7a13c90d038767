const two = (value: number): string => String(value).padStart(2, '0')

/** The day on the maker's own calendar, `2026-10-05`; the text itself where it is no date. */
export function dayOf(date: string | Date): string {
  const day = typeof date === 'string' ? new Date(date) : date
  if (Number.isNaN(day.getTime())) return String(date).slice(0, 10)
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`
}

/** A moment on a day that was named: now when it is today, at noon otherwise. */
export function momentOf(day: string, now = new Date()): string {
  if (day === dayOf(now)) return now.toISOString()
  const [year, month, date] = day.split('-').map(Number)
  return new Date(year, month - 1, date, 12).toISOString()
}

/** Date and time as one reads them. */
export function dateText(date: string, withTime = false): string {
  const day = new Date(date)
  if (Number.isNaN(day.getTime())) return date
  const time = withTime ? { timeStyle: 'short' as const } : {}
  return day.toLocaleString('en-GB', { dateStyle: 'medium', ...time })
}
