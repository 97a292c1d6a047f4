import type { Day } from '../../../data/garden-state'
import { dayOf } from '../../../core/garden-day'
import type { IsoDate } from '../../../core/calendar'
import type { Pot } from '../../../core/containers'
import { potOf, type Manner, type Supply, type Support } from '../../../core/facts'
import { degreeDaysFrom, stemHeightAfter, supportCasesOf, type SupportCase } from '../../../core/support'
import { findPlanting } from '../queries'

/** What holds a planting up, before anything is moved. */
export interface SupportView {
  manner: Manner
  on: IsoDate
  query: string
  plantingId: string
  title: string
  system: Support
  weave: 'sectional' | 'continuous'
  /** A case for each row, the longest first. */
  rows: [SupportCase, ...SupportCase[]]
  /** Whether the gust is the record's, or what is taken where there is none. */
  onRecord: boolean
  inTunnel: boolean
  /** Of the stem, m: on the day, 0 before it is set out. */
  heightToday: number
  /** What it stands in, m; null: the ground. */
  pot: Pot | null
  /** How things are sold, for what it would cost, bought new. */
  sold: readonly Supply[]
  growth: { from: IsoDate; sums: number[] } | null
}

export function supportViewOf(day: Day, id: string): SupportView | null {
  const { state, on, outlook } = day
  const own = findPlanting(outlook, id)
  if (!own) return null
  const { planting, cultivar, place, grownFor } = own
  const site = dayOf(state, state.now).supportSite
  const [first, ...others] = supportCasesOf(own, day.plants, site).sort((a, b) => b.plants - a.plants)
  if (!first) return null
  return {
    manner: day.manner,
    on,
    query: day.query,
    plantingId: id,
    title: `${place.name} · ${cultivar.name}`,
    system: planting.support,
    weave: site.weave,
    rows: [first, ...others],
    onRecord: site.onRecord,
    inTunnel: place.kind === 'tunnel',
    heightToday: grownFor === null ? 0 : stemHeightAfter(cultivar, planting.training, grownFor),
    pot: potOf(place),
    sold: state.supplies,
    growth: degreeDaysFrom(own),
  }
}
