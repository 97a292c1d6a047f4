import { calendarFile } from '../../features/season/calendar-file'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The season's calendar to download. */
export const GET = () =>
  gardenFile((state) => calendarFile(state, new Date()), 'text/calendar', 'prairie-season.ics')
