import type { RaisingWay } from '../../core/facts'
import { STAGES, type PlantingDates, type PlantingOutlook, type TurningDays } from '../../core/season'

/** A planting that has a lane, or several that are alike in all but their place: what can be moved of it, and its dates as they are kept. */
export interface LanePlanting {
  id: string
  href: string
  name: string
  place: string
  /** Itself, and the others that share its lane. */
  parts: { id: string; href: string; place: string; count: number }[]
  raising: RaisingWay
  /** Nothing is sown yet: the sowing date can be moved. */
  movable: boolean
  /** A sowing date is set by hand. */
  pinned: boolean
  turns: TurningDays
  dates: PlantingDates
}

/** The lanes of a season, the first sown first. */
export const lanesOf = (plantings: readonly PlantingOutlook[]): LanePlanting[] =>
  alike(plantings)
    .map((lane) => lanePlanting(lane))
    .sort((a, b) => (beginsOn(a) < beginsOn(b) ? -1 : 1))

/** Its first date: what is bought was sown elsewhere. */
const beginsOn = ({ dates }: LanePlanting): string => dates.sow.date ?? dates['set-out'].date ?? '9'

/** Plantings together with those that were planned like them and go the same way in other places. */
function alike(plantings: readonly PlantingOutlook[]): PlantingOutlook[][] {
  const lanes = new Map<string, PlantingOutlook[]>()
  for (const own of plantings) {
    const { cultivarId, training, support, spacingSchool, raising, plannedSow, plannedSetOut } = own.planting
    const key = JSON.stringify([
      ...[cultivarId, training, support, spacingSchool, raising, plannedSow, plannedSetOut],
      ...[own.phase, own.turns, STAGES.map((stage) => [own.dates[stage].date, own.dates[stage].how])],
    ])
    lanes.set(key, [...(lanes.get(key) ?? []), own])
  }
  return [...lanes.values()]
}

/** The most places of a lane that are named. */
const MOST_NAMED = 4

function lanePlanting(lane: readonly PlantingOutlook[]): LanePlanting {
  const { planting, cultivar, turns, dates, phase } = lane[0]!
  const begun = phase !== 'planned'
  const parts = lane
    .map((own) => ({
      id: own.planting.id,
      href: `/plantings/${own.planting.id}`,
      place: own.place.name,
      count: own.planting.count,
    }))
    .sort((a, b) => a.place.localeCompare(b.place, 'en', { numeric: true }))
  const named = parts.slice(0, MOST_NAMED).map(({ place }) => place)
  const more = parts.length - named.length
  return {
    id: planting.id,
    href: `/plantings/${planting.id}`,
    name: `${cultivar.name} × ${lane.reduce((sum, own) => sum + own.planting.count, 0)}`,
    place: [...named, ...(more > 0 ? [`${more} more`] : [])].join(', '),
    parts,
    raising: planting.raising,
    movable: !begun && dates.sow.date !== null,
    pinned: planting.plannedSow !== null,
    turns,
    dates,
  }
}
