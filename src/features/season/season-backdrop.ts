import { addDays, daysBetween, monthOf } from '../../core/calendar'
import { dateInSeason, expectedSeries, frostRisk, indexOf } from '../../core/climate'
import { SET_OUT_LIMITS } from '../../core/crop'
import type { SeasonOutlook, Stage } from '../../core/season'
import type { Day } from '../../data/garden-state'
import { monthName } from '../../wording/dates'
import type { Axis } from './lanes'

/** What lies behind the lanes: a value a day of the axis. */
export interface Backdrop {
  low: number[]
  soil: number[]
  risk: number[]
  months: { day: number; name: string }[]
  /** Days on which usual nights and soil come to what a tomato wants, and fall under it again. */
  warm: { nights: [number, number] | null; soil: [number, number] | null }
}

type Outlook = Day['outlook']

const MARGIN = 8
/** Days from today to a season’s first date over which today is left off its axis. */
const FAR_AHEAD = 45

/** From the first sowing, or the spring frosts, to the autumn frosts, with room to sow earlier. */
export function axisOf({ plantings, start, frost, today }: SeasonOutlook): Axis {
  const dates = plantings.flatMap(({ dates }) =>
    (['sow', 'first-ripe', 'end'] as Stage[]).flatMap((stage) =>
      dates[stage].date === null ? [] : [dates[stage].date!],
    ),
  )
  const roomToMove = plantings.some(({ dates }) => dates.sow.how !== 'logged') ? 14 : 0
  const spring = dateInSeason(start, (frost.lastSpring.p10 ?? 90) - 40)
  // A season that is far ahead begins at its own first date.
  const now = daysBetween(today, [...dates, spring].sort()[0]!) > FAR_AHEAD ? [] : [today]
  const first = [...dates, ...now, spring].sort()[0]!
  const last = [...dates, ...now, dateInSeason(start, frost.firstAutumn.p90 ?? 350)].sort().at(-1)!
  const from = addDays(first, -MARGIN - roomToMove)
  return { start: from, days: daysBetween(from, addDays(last, MARGIN)) }
}

export function backdropOf({ state }: Day, outlook: Outlook, { start, days }: Axis): Backdrop {
  const { ensemble } = state.record
  const first = indexOf(outlook.line.air, start)
  const usual = expectedSeries(ensemble.normals, outlook.line.air.from + first, days)
  const risk = frostRisk(ensemble)
  const offset = daysBetween(outlook.start, start)
  const soil = usual.tmin.map(
    (_, day) => soilOn(outlook, first + day) ?? (usual.tmin[day]! + usual.tmax[day]!) / 2,
  )
  const span = (values: ArrayLike<number>, limit: number): [number, number] | null => {
    const warm = Array.from(values, (value, day) => (value >= limit ? day : -1)).filter((day) => day >= 0)
    return warm.length === 0 ? null : [warm[0]!, warm.at(-1)!]
  }
  const round = (values: ArrayLike<number>, digits: number) =>
    Array.from(values, (value) => Number(value.toFixed(digits)))
  return {
    low: round(usual.tmin, 1),
    soil: round(soil, 1),
    risk: Array.from({ length: days }, (_, day) => {
      let sum = 0
      for (let near = -3; near <= 3; near++) sum += risk[(offset + day + near + 3650) % 365]!
      return Number((sum / 7).toFixed(3))
    }),
    months: Array.from({ length: days }, (_, day) => ({ day, date: addDays(start, day) }))
      .filter(({ date }) => date.endsWith('-01'))
      .map(({ day, date }) => ({ day, name: monthName(monthOf(date)) })),
    warm: {
      nights: span(usual.tmin, SET_OUT_LIMITS.tomato.may.night),
      soil: span(soil, SET_OUT_LIMITS.tomato.may.soil),
    },
  }
}

/** Soil at root depth in the first bed that has a planting; null: the line does not reach, or nothing is planted. */
function soilOn({ plantings }: SeasonOutlook, index: number): number | null {
  const bed = plantings.find(({ place }) => place.kind === 'bed' || place.kind === 'rows') ?? plantings[0]
  return bed?.soil[index] ?? null
}
