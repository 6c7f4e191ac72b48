const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const SHORT_DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' })

export const timeOf = (millis: number) => TIME.format(millis)
export const dayOf = (millis: number) => DAY.format(millis)

/** The time if it was today, else the day. */
export function whenOf(millis: number): string {
  return new Date(millis).toDateString() === new Date().toDateString() ? TIME.format(millis) : SHORT_DAY.format(millis)
}
