import { timerJson } from '../../features/bench/water/timer-files'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The tap timer's runs to download. */
export const GET = () => gardenFile(timerJson, 'application/json', 'prairie-timer.json')
