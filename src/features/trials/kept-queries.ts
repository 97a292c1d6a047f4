import { ofKind } from '../../core/log'
import type { Day } from '../../data/garden-state'
import { formatDate } from '../../wording/dates'
import { sayKeptWay } from '../../wording/trials'

/** A trial that was kept, as it was then. */
export interface KeptTrial {
  id: string
  /** When and of what, in words. */
  about: string
  said: string
  ways: readonly string[]
  href: string
  /** Whether the address asks it. */
  isAsked: boolean
}

/** Trials that are listed at once. */
const MOST_KEPT = 30

/** Trials that were kept, the newest first. @param asked how the address asks its own */
export function keptTrials({ outlook, state, manner, now, on }: Day, asked: string | null): KeptTrial[] {
  const names = new Map(
    state.record.plantings.map(({ id, cultivarId, placeId }) => [
      id,
      [
        state.record.cultivars.find((one) => one.id === cultivarId)?.name,
        state.record.places.find((one) => one.id === placeId)?.name,
      ]
        .filter(Boolean)
        .join(', '),
    ]),
  )
  return ofKind(outlook.counted, 'tried')
    .slice(-MOST_KEPT)
    .reverse()
    .map(({ id, on: date, subject, data }) => ({
      id,
      about: `${formatDate(date, manner)}, ${names.get(subject.id) ?? 'a planting that is gone'}`,
      said: data.said,
      ways: data.ways.map((way) => sayKeptWay(way, data.measure, manner)),
      href: `/trials?${data.asked}${on === now ? '' : `&on=${on}`}`,
      isAsked: asked === data.asked,
    }))
}
