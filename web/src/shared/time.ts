const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const SHORT_DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' })

export const timeOf = (millis: number) => TIME.format(millis)
export const dayOf = (millis: number) => DAY.format(millis)

/** The time if it was today, else the day. */
export function whenOf(millis: number): string {
  const then = new Date(millis)
  const now = new Date()
  if (then.toDateString() === now.toDateString()) return TIME.format(millis)
  return then.getFullYear() === now.getFullYear()
    ? SHORT_DAY.format(millis)
    : `${SHORT_DAY.format(millis)} ${then.getFullYear()}`
}

/** The same within a sentence. */
export function whenInWords(millis: number): string {
  const isToday = new Date(millis).toDateString() === new Date().toDateString()
  return isToday ? `today, ${TIME.format(millis)}` : whenOf(millis)
}

/** A day as it stands in the record (2026-11-24), in words. */
export const dateWords = (day: string) => SHORT_DAY.format(new Date(`${day}T12:00:00`))
