import { timerCalendar } from '../../features/bench/water/timer-files'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The tap timer's runs as a calendar to download. */
export const GET = () =>
  gardenFile((state) => timerCalendar(state, new Date()), 'text/calendar', 'prairie-timer.ics')
