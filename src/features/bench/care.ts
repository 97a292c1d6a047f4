import type { LogEntry } from '../../core/facts'
import type { SeasonOutlook } from '../../core/season'
import type { GardenState } from '../../data/garden-state'

/** What a place was given and how it was found, by its sensors and by hand; what a hand found counts last. */
export function careOf(
  { readings }: GardenState,
  { counted, today }: Pick<SeasonOutlook, 'counted' | 'today'>,
  placeId: string,
): LogEntry[] {
  const last = new Map(
    readings.filter((one) => one.placeId === placeId && one.on <= today).map((one) => [one.on, one] as const),
  )
  const read = [...last.values()].map(({ at, on, content }): LogEntry<'moisture-read'> => ({
    id: `${placeId} ${at}`,
    subject: { type: 'place', id: placeId },
    kind: 'moisture-read',
    on,
    at,
    data: { method: 'sensor', content },
    note: '',
    voids: null,
  }))
  return [...read, ...counted.filter(({ subject }) => subject.type === 'place' && subject.id === placeId)]
}
