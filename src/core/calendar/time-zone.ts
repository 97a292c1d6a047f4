/** Whether a name is one of a time zone that is known here, such as `America/Chicago` or `UTC`. */
export function isTimeZone(zone: string): boolean {
  try {
    return zone !== '' && Boolean(new Intl.DateTimeFormat('en', { timeZone: zone }))
  } catch {
    return false
  }
}
