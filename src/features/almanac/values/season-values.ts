import type { IsoDate } from '../../../core/calendar'
import { coverDay, dateInSeason, degreeDays, fruitSet, indexOf } from '../../../core/climate'
import { heatShift, SET_OUT_LIMITS, THERMAL_LIMITS } from '../../../core/crop'
import { raisingDays, seedsToSow } from '../../../core/season'
import { formatDate } from '../../../wording/dates'
import { sayCount, sayLength, sayTemperature } from '../../../wording/say'
import { ofGarden, ofPlanting, today, say, type Values } from './asked'

/** The workings of the weather and the calendar. */
export const SEASON_VALUES = {
  'degree-days': (asked) => {
    const { tmin, tmax } = today(asked)
    const sum = (crop: 'tomato' | 'pepper') =>
      say('degree-days', degreeDays({ tmin, tmax }, THERMAL_LIMITS[crop]), asked.manner)
    return ofGarden(
      `Today ${sayTemperature(tmin, asked.manner)} to ${sayTemperature(tmax, asked.manner)}: tomato ${sum('tomato')}, pepper ${sum('pepper')}.`,
    )
  },
  frost: ({ outlook, state, manner }) => {
    const date = (offset: number | null) =>
      offset === null ? 'none' : formatDate(dateInSeason(outlook.start, offset), manner)
    const { lastSpring, firstAutumn } = outlook.frost
    const { seasons, recorded } = state.record.ensemble
    return ofGarden(
      `Last in spring: ${date(lastSpring.p10)}, ${date(lastSpring.p50)}, ${date(lastSpring.p90)}.`,
      `First in autumn: ${date(firstAutumn.p10)}, ${date(firstAutumn.p50)}, ${date(firstAutumn.p90)}.`,
      `Over ${seasons.length} ${recorded ? 'recorded' : 'simulated'} seasons.`,
    )
  },
  'soil-temperature': ({ own, outlook, on, manner }) =>
    own
      ? ofPlanting(
          own,
          `${sayTemperature(own.soil[indexOf(outlook.line.air, on)]!, manner)} at ${sayLength(0.15, manner)}.`,
        )
      : null,
  window: ({ own, outlook, manner }) => {
    if (!own) return null
    const { may, ideal } = SET_OUT_LIMITS[own.cultivar.crop]
    const date = (offset: number | null) =>
      offset === null ? 'not this season' : formatDate(dateInSeason(outlook.start, offset), manner)
    return ofPlanting(
      own,
      `You may plant out from nights of ${sayTemperature(may.night, manner)} and soil of ${sayTemperature(may.soil, manner)}: about ${date(own.window.opens.p50)}, and not before ${date(own.window.safeFrom)} for frost.`,
      `Ideal from nights of ${sayTemperature(ideal.night, manner)} and soil of ${sayTemperature(ideal.soil, manner)}: about ${date(own.window.ideal.p50)}. ${(own.window.closes.p50 ?? 0) < 0 ? 'In an average season nothing ripens without extra time' : `Closes about ${date(own.window.closes.p50)}`}.`,
    )
  },
  sowing: ({ own, manner }) => {
    if (!own) return null
    const { count, germination, survival } = own.planting
    const seeds = seedsToSow({ plantsWanted: count, germination, survival })
    return ofPlanting(
      own,
      `${sayCount(count, 'plant')} wanted, ${say('share', germination, manner)} come up, ${say('share', survival, manner)} of those live: ${sayCount(seeds, 'seed')}.`,
      `Raised in ${sayCount(raisingDays(own.cultivar.crop), 'day')}.`,
    )
  },
  topping: ({ own, manner }) => {
    if (!own) return null
    const { dates } = own
    const date = (day: IsoDate | null) => (day === null ? 'not before the frost' : formatDate(day, manner))
    return ofPlanting(
      own,
      `Last flower that ripens on the plant: ${date(dates['last-flower-ripe'].date)}; indoors: ${date(dates['last-flower-green'].date)}.`,
    )
  },
  set: (asked) => {
    const { own } = asked
    if (!own) return null
    const at = indexOf(own.air, asked.on)
    const set = fruitSet(
      { nightMinimum: own.air.tmin[at]!, dayMaximum: own.air.tmax[at]! },
      own.cultivar.crop,
      heatShift(own.cultivar),
    )
    return ofPlanting(own, `Of today’s open flowers the weather lets ${say('share', set, asked.manner)} set.`)
  },
  cover: (asked) => {
    const { tmin, tmax } = today(asked)
    const { opens, shuts } = coverDay({ tmin, tmax: Math.max(tmin, tmax) })
    const hour = (value: number) =>
      `${Math.floor(value)}:${String(Math.round((value % 1) * 60)).padStart(2, '0')}`
    return ofGarden(
      opens === null
        ? 'Shut all day today.'
        : `Open by ${hour(opens)}${shuts === null ? ', and through the night' : `, shut about ${hour(shuts)}`}.`,
    )
  },
} satisfies Values
