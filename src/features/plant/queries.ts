import { addDays, daysBetween, type IsoDate } from '../../core/calendar'
import { dayOf, degreeDays, indexOf } from '../../core/climate'
import {
  growPlant,
  plantTraits,
  RAISED_DAY,
  THERMAL_LIMITS,
  isBush,
  type GrowthDay,
  type Plant,
  type Training,
} from '../../core/crop'
import { ofKind, type LogEntry, type Manner } from '../../core/facts'
import { advisePruning, type Cut, type PruningContext } from '../../core/pruning'
import { depthConditions, type PlantingOutlook, type SeasonOutlook } from '../../core/season'
import { usualHeight } from '../../core/support'
import { mannerOf } from '../../data/gardens'
import { outlookOn, wetnessOf, type GardenState } from '../../data/garden-state'
import { CAUTIONS } from '../../wording/cautions'
import { formatDate } from '../../wording/dates'
import { sayTold } from '../../wording/pruning'
import { sayReason } from '../../wording/say-reason'

/** One plant as of a date: its model, and what to cut. */
export interface PlantView {
  id: string
  manner: Manner
  on: IsoDate
  now: IsoDate
  query: string
  plantingId: string
  title: string
  /** Plants of its planting, this one among them. */
  alike: number
  plant: Plant
  training: Training
  cuts: Cut[]
  reasons: { text: string; weight: string }[]
  cautions: string[]
  /** Above the ground, m; null: nothing stands beside it. */
  supportTop: number | null
  history: { id: string; text: string }[]
  /** Cuts that were entered and fit nowhere. */
  misfits: number
}

/** Days of rain looked ahead. */
const RAIN_AHEAD = 4

export function plantViewOf(state: GardenState, id: string, on: IsoDate): PlantView | null {
  const position = state.plants.find((plant) => plant.id === id)
  const outlook = outlookOn(state, on)
  const own = outlook.plantings.find(({ planting }) => planting.id === position?.plantingId)
  if (!position || !own) return null
  const manner = mannerOf(state.garden)
  const { planting, cultivar, place } = own
  const told = entriesOf(outlook, id, planting.id)
  const plant = grownOn(own, told, on)
  const bush = isBush(cultivar)
  const context = contextOf(state, outlook, own)
  const advice = advisePruning({ plant, bush, system: planting.training, context })
  return {
    id,
    manner,
    on,
    now: state.now,
    query: on === state.now ? '' : `?on=${on}`,
    plantingId: planting.id,
    title: `${cultivar.name} ${position.label}, ${place.name}`,
    alike: state.plants.filter(({ plantingId }) => plantingId === planting.id).length,
    plant,
    training: planting.training,
    cuts: advice.answer,
    reasons: advice.reasons.map((reason) => ({ text: sayReason(reason, manner), weight: reason.weight })),
    cautions: advice.cautions.map((caution) => CAUTIONS[caution]),
    supportTop: context.supportTop,
    history: told.map((entry) => ({
      id: entry.id,
      text: `${formatDate(entry.on, manner)}: ${sayTold(entry, manner)}`,
    })),
    misfits: plant.misfits.length,
  }
}

/** What was cut and seen on this plant, or on all of its planting. */
const entriesOf = ({ counted }: SeasonOutlook, plantId: string, plantingId: string) =>
  counted.filter(
    (entry): entry is LogEntry<'pruned' | 'seen'> =>
      (entry.kind === 'pruned' || entry.kind === 'seen') &&
      (entry.subject.id === plantId || entry.subject.id === plantingId),
  )

/** The plant's model on a day: raised under cover, then by the air about it. */
function grownOn(own: PlantingOutlook, told: readonly LogEntry<'pruned' | 'seen'>[], on: IsoDate): Plant {
  const { cultivar, dates, air, entries } = own
  const traits = plantTraits(cultivar)
  const emerged = dates.emerge.date
  if (emerged === null || emerged > on) return growPlant(traits, [], [], null)
  const setOutEntry = ofKind(entries, 'set-out').at(-1)
  const setOutOn = setOutEntry?.on ?? null
  const limits = THERMAL_LIMITS[cultivar.crop]
  const isDirect = own.planting.raising === 'direct'
  const days = Array.from({ length: daysBetween(emerged, on) + 1 }, (_, index): GrowthDay => {
    const date = addDays(emerged, index)
    const isOutside = isDirect || (setOutOn !== null && date >= setOutOn)
    const at = indexOf(air, date)
    if (!isOutside || at < 0 || at >= air.days) return RAISED_DAY
    const day = dayOf(air, at)
    return { degreeDays: degreeDays(day, limits), tmin: day.tmin, tmax: day.tmax }
  })
  return growPlant(
    traits,
    days,
    told.map((entry) => ({ day: daysBetween(emerged, entry.on), ...entry.data })),
    setOutEntry && setOutEntry.on >= emerged
      ? {
          day: daysBetween(emerged, setOutEntry.on),
          stemBuried: setOutEntry.data.stemBuried,
          leavesStripped: setOutEntry.data.leavesStripped,
        }
      : isDirect
        ? null
        : { day: days.length, stemBuried: 0, leavesStripped: 0 },
  )
}

function contextOf(state: GardenState, outlook: SeasonOutlook, own: PlantingOutlook): PruningContext {
  const { planting, cultivar, dates, air } = own
  const at = indexOf(air, outlook.today)
  const { seasonSlackDays, dailyDegreeDays } = depthConditions(outlook, own)
  const setOut = dates['set-out'].date
  return {
    date: outlook.today,
    // Under cover no rain falls; past the forecast nobody knows the day.
    rain: Array.from({ length: RAIN_AHEAD }, (_, ahead) =>
      own.place.kind === 'tunnel' || outlook.line.sources[at + ahead] === 'normal'
        ? 0
        : (air.rain[at + ahead] ?? 0),
    ),
    wetness: wetnessOf(state),
    daysSinceTransplant: setOut === null ? 0 : Math.max(0, daysBetween(setOut, outlook.today)),
    seasonSlackDays,
    lastUsefulFlower: dates['last-flower-ripe'].date,
    supportTop: planting.support === 'none' ? null : usualHeight(planting.support, { cultivar }),
    dailyDegreeDays: Math.min(40, Math.max(0, dailyDegreeDays)),
  }
}
