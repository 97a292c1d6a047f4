import type { IsoDate } from '../calendar'
import { indexOf, type WetnessPressure } from '../climate'
import { grownHeight, grownWidth } from '../crop'
import { potOf, type Place, type PlantPosition, type Shelter } from '../facts'
import { remembered } from '../memo'
import { growthFrom, type PlantingOutlook } from '../season'
import { stemHeightAfter } from './growth'
import { LEAST_EMBEDMENT, type Ground } from './post'
import { plantingSpacing } from '../spacing'
import type { SupportCase } from './support-case'
import { SHELTER_FACTOR } from './wind'

/** Plants whose stems lie within so much of a line stand in one row, m. */
const SAME_ROW = 0.12

/** What a garden's site says of every support in it: gust at 10 m, m/s. */
export interface SupportSite {
  gust: number
  shelter: Shelter
  wetness: WetnessPressure
}

/** Rows of so many plants at such a distance. */
export interface Row {
  plants: number
  spacing: number
}

/** The rows that plants stand in, west to east; one of `count` at `spacing` where none has its place yet. */
export function rowsOf(
  positions: readonly Pick<PlantPosition, 'x' | 'y'>[],
  count: number,
  spacing: number,
): Row[] {
  if (positions.length === 0) return count > 0 ? [{ plants: count, spacing }] : []
  const rows: { x: number; y: number }[][] = []
  for (const spot of [...positions].sort((a, b) => a.y - b.y)) {
    const last = rows.at(-1)
    if (last && spot.y - last[0]!.y <= SAME_ROW) last.push(spot)
    else rows.push([spot])
  }
  return rows.map((row) => {
    const xs = row.map(({ x }) => x)
    const length = Math.max(...xs) - Math.min(...xs)
    return {
      plants: row.length,
      spacing: row.length > 1 ? Math.max(0.05, length / (row.length - 1)) : spacing,
    }
  })
}

/** What has to be held of a planting, a case for each of its rows. */
export function supportCasesOf(
  outlook: PlantingOutlook,
  positions: readonly PlantPosition[],
  site: SupportSite,
): SupportCase[] {
  const { planting, cultivar, place } = outlook
  const { inRow } = plantingSpacing(planting, cultivar, site.wetness)
  const stemLength = remembered(outlook, 'stem length', () => {
    const grows = degreeDaysFrom(outlook)?.sums.reduce((sum, day) => sum + day, 0) ?? USUAL_SEASON
    return Math.min(LONGEST_STEM, stemHeightAfter(cultivar, planting.training, Math.min(MOST_GROWTH, grows)))
  })
  const own = positions.filter(({ plantingId }) => plantingId === planting.id)
  const pot = potOf(place)
  return rowsOf(own, planting.count, inRow).map(({ plants, spacing }) => ({
    cultivar,
    training: planting.training,
    plants,
    spacing,
    ...(planting.ownCage !== null && { cage: planting.ownCage }),
    canopyHeight: grownHeight(cultivar, planting.training),
    canopyWidth: grownWidth(cultivar, planting.training),
    gust: site.gust,
    // Inside a tunnel no wind gets at them.
    shelter: place.kind === 'tunnel' ? 0 : SHELTER_FACTOR[site.shelter],
    soil: groundOf(place),
    wetness: site.wetness,
    stemLength,
    groundDepth: pot ? pot.height : undefined,
  }))
}
/** °C d of a usual season in its place, and of the longest that is reckoned with. */
const USUAL_SEASON = 1400
const MOST_GROWTH = 10_000
/** A vine is led up no longer, m: where no winter ends it, it is replaced by then. */
const LONGEST_STEM = 12

/** Filled ground is loose; in open ground a post reaches under what is dug, where it is settled. */
const groundOf = ({ pot, raised, soilDepth }: Pick<Place, 'pot' | 'raised' | 'soilDepth'>): Ground =>
  pot !== null || raised || soilDepth >= LEAST_EMBEDMENT ? 'loose' : 'firm'

/**
 * °C d that it grows on each day from its first in its place on, along the season's line, until its stems are
 * ended or it is; null: no such day is known.
 */
export function degreeDaysFrom(
  own: Pick<PlantingOutlook, 'planting' | 'cultivar' | 'begins' | 'air' | 'dates' | 'end'>,
): { from: IsoDate; sums: number[] } | null {
  const { begins, air, dates, end } = own
  const from = begins.date
  const start = from === null ? -1 : indexOf(air, from)
  if (from === null || start < 0 || start >= air.days) return null
  const growth = growthFrom(own, from)
  const ends = [dates.top.date, end.on].flatMap((date) => (date === null ? [] : [indexOf(air, date)]))
  const days = Math.max(0, Math.min(air.days, ...ends) - start)
  return {
    from,
    sums: Array.from({ length: days }, (_, day) => growth(start + day + 1) - growth(start + day)),
  }
}
