import { v7 } from 'uuid'
import type { IsoDate } from '../../../core/calendar'
import { dateInSeason } from '../../../core/climate'
import type { Carries } from '../../../core/crop'
import type { GardenCultivar, Planting, RaisingWay } from '../../../core/facts'
import type { EntryData, EntryKind, LogEntry } from '../../../core/log'
import {
  AS_FOUND,
  growthOfMet,
  isPastItsAge,
  openWindow,
  standingSince,
  type Met,
  type SeasonOutlook,
  type WateredLately,
} from '../../../core/season'
import type { Result } from '../../../core/result'
import type { Beginning } from './values'

/** How a planting begins, as its form was checked. */
export interface Begun {
  begins: Beginning
  sownOn?: IsoDate | ''
  got?: 'now' | 'later'
  potVolume?: number | null
  height?: number | null
  leaves?: number | null
  carries?: Carries
  since?: IsoDate | ''
  watered?: WateredLately
}

const RAISED: Record<Beginning, RaisingWay> = {
  seed: 'plant',
  'seed-in-place': 'direct',
  bought: 'bought',
  growing: 'bought',
}
/** How a planting that begins so is raised. */
export const raisedBy = ({ begins }: Begun): RaisingWay => RAISED[begins]

/** The day from which a usual plant can stand outside this season; null: never. */
function opensOn(outlook: SeasonOutlook, { crop }: GardenCultivar): IsoDate | null {
  const { p50 } = openWindow(outlook, crop).opens
  return p50 === null ? null : dateInSeason(outlook.start, p50)
}

/** What you recorded to a planting before it was written down: its first entries; or why that cannot be. */
export function firstEntries(
  begun: Begun,
  planting: Pick<Planting, 'id' | 'count'>,
  cultivar: GardenCultivar,
  outlook: SeasonOutlook,
): Result<{ entries: LogEntry[] }> & { field?: 'since' } {
  const { line, today } = outlook
  const at = new Date().toISOString()
  const entry = <Kind extends EntryKind>(kind: Kind, on: IsoDate, data: EntryData[Kind]) =>
    ({
      id: v7(),
      subject: { type: 'planting', id: planting.id },
      ...{ kind, on, at, data },
      note: '',
      voids: null,
    }) as LogEntry
  const { begins, sownOn, got, potVolume, watered } = begun
  if (begins === 'seed' || begins === 'seed-in-place')
    return { ok: true, entries: sownOn ? [entry('sown', sownOn, { seeds: planting.count })] : [] }
  if (begins === 'bought' && got === 'later') return { ok: true, entries: [] }
  const met: Met = {
    as: begins,
    height: begun.height ?? null,
    leaves: begun.leaves ?? null,
    carries: begun.carries ?? 'nothing',
    ...(typeof potVolume === 'number' && { potVolume }),
    ...(begins === 'growing' && watered && { watered }),
  }
  if (begins === 'bought') return { ok: true, entries: [entry('met', today, met)] }
  const growth = growthOfMet(met, cultivar)
  const since =
    begun.since || standingSince(growth, cultivar, line.air, { opens: opensOn(outlook, cultivar), on: today })
  if (isPastItsAge(growth, cultivar, line.air, { since, on: today }))
    return {
      ok: false,
      field: 'since',
      message: 'Plants planted out that day cannot be so tall yet. Enter an earlier day or a smaller height.',
    }
  const setOut = { count: planting.count, method: 'upright', ...AS_FOUND } as const
  return { ok: true, entries: [entry('set-out', since, setOut), entry('met', today, met)] }
}
