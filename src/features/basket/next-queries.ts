import type { Day, GardenState } from '../../data/garden-state'
import { dayOf, resultsOf } from '../../core/garden-day'
import type { IsoDate } from '../../core/calendar'
import { sumOf } from '../../core/harvest'
import { holdsOn, type Manner } from '../../core/facts'
import type { Verdict } from '../../core/harvest'
import { seedLinesOf } from '../../core/supplies'
import { nextPlaces, rotation } from '../../core/rotation'
import { sayReason } from '../../wording/say-reason'
import { sayCount, sayMass } from '../../wording/say'

/** A planting of this season as it could be grown again. */
export interface NextLine {
  id: string
  cultivarId: string
  cultivar: string
  place: string
  count: number
  verdict: Verdict | null
  /** What it gave a plant, this season or the last one that bore. */
  gave: string
  placeId: string
  germination: number
  survival: number
}

export interface NextView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  season: number
  /** Plantings that the next season holds already. */
  planned: number
  /** Its Season screen. */
  seasonHref: string
  lines: NextLine[]
  /** `isBed`: open ground, which wants rest between two seasons of one family. */
  places: { id: string; name: string; rest: string; isShort: boolean; isBed: boolean }[]
  /** Seeds in the shed by cultivar. */
  seeds: Record<string, number>
}

export function nextView(day: Day): NextView {
  const { state, on, manner } = day
  const { record } = state
  // Early in a season that holds nothing yet, the one before is what is grown again.
  const holds = (number: number) => record.plantings.some((planting) => planting.season === number)
  const season = holds(day.season) ? day.season : day.season - 1
  const results = resultsOf(day)
  const own = record.plantings.filter((planting) => planting.season === season)
  const places = record.places
    .filter((place) => holdsOn(place, on))
    .map((place) => ({
      id: place.id,
      name: place.name,
      kind: place.kind,
      area: place.length * place.width,
      years: dayOf(state, state.now).solanaceaeYears(place.id),
    }))
  const proposed = nextPlaces(own, places, season + 1)
  return {
    manner,
    on,
    now: state.now,
    season,
    planned: record.plantings.filter((planting) => planting.season === season + 1).length,
    seasonHref: `/season${day.query === '' ? '?' : `${day.query}&`}season=${season + 1}`,
    lines: own.flatMap((planting): NextLine[] => {
      const cultivar = record.cultivars.find(({ id }) => id === planting.cultivarId)
      const place = record.places.find(({ id }) => id === planting.placeId)
      if (!cultivar || !place) return []
      const bore = results
        .filter((one) => one.planting.cultivarId === cultivar.id && one.mass > 0)
        .sort((a, b) => b.season - a.season)
      const last = bore.filter((one) => one.season === bore[0]?.season)
      return [
        {
          id: planting.id,
          cultivarId: cultivar.id,
          cultivar: cultivar.name,
          place: place.name,
          count: planting.count,
          verdict: results.find((one) => one.planting.id === planting.id)?.verdict ?? null,
          gave:
            last.length === 0
              ? 'not picked yet'
              : `${sayMass(sumOf(last).aPlant, manner)} per plant in ${last[0]!.season}, ${sayCount(sumOf(last).plants, 'plant')}`,
          placeId: proposed.get(planting.id)?.placeId ?? planting.placeId,
          germination: planting.germination,
          survival: planting.survival,
        },
      ]
    }),
    places: places.map(({ id, name, kind, years }) => {
      const { answer, reasons } = rotation({ years, container: kind === 'container' }, season + 1)
      return {
        id,
        name,
        isBed: kind !== 'container',
        rest: sayReason(reasons[0]!, manner),
        isShort: kind !== 'container' && (answer.verdict === 'short' || answer.verdict === 'again'),
      }
    }),
    seeds: seedsOf(state),
  }
}

/** Seeds in the shed, by cultivar. */
const seedsOf = ({ supplies, record }: GardenState): Record<string, number> =>
  Object.fromEntries(
    record.cultivars.flatMap(({ id, name }) => {
      const lines = seedLinesOf(supplies, name)
      return lines.length > 0 ? [[id, lines.reduce((sum, { quantity }) => sum + quantity, 0)]] : []
    }),
  )
