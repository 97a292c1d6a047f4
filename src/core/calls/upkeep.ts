import { addDays, daysBetween, type IsoDate } from '../calendar'
import { coverDay, OPEN_BEFORE, SHADE_FROM, SHUT_BEFORE, type WetnessPressure } from '../climate'
import { entriesAbout } from '../entry'
import { days, onDate, temperature } from '../quantity'
import { standingIn, type WateredPlace } from '../watering'
import type { Call, CallGarden } from './call'
import { madeUp, makeCallAbout, type AboutContext, type PlaceContext } from './context'
import { callEntries, type Work } from './entries'
import { MINUTES } from './minutes'

/**
 * † Days between looking every plant over: by how hard wet leaves press. Against: the usual rounds, each few
 * days to ten.
 */
export const SCOUT_EVERY: Record<WetnessPressure, number> = { low: 10, medium: 7, high: 4 }
/** Days between shakings of trusses that no wind or bee moves: a flower is open for two or three. */
const SHAKE_EVERY = 1
/** Days that a shade cloth hangs. */
const SHADE_HANGS = 7

/** When a work was done last on what the call is about; null: never this season. */
const lastWork = ({ season, subject }: AboutContext, work: Work): IsoDate | null =>
  callEntries(entriesAbout(season.counted, subject), 'tended').findLast(
    ({ on, data }) => on >= season.start && data.works.includes(work),
  )?.on ?? null

/** A tunnel's day: when to open it, when to shut it. */
export function vent(context: PlaceContext): Call | null {
  const { place, season, at, today } = context
  const { air, sources } = season.line
  if (place.kind !== 'tunnel' || sources[at] === 'normal') return null
  const [tmin, tmax] = [air.tmin[at]!, air.tmax[at]!]
  const { opens, shuts } = coverDay({ tmin, tmax })
  const done = lastWork(context, 'open-tunnel') === today
  if (opens === null || done) return null
  return makeCallAbout(context, {
    occurrence: today,
    due: today,
    late: null,
    minutes: shuts === null ? MINUTES.tunnel : 2 * MINUTES.tunnel,
    advice: {
      answer: { kind: 'vent', opens, shuts },
      reasons: [
        {
          rule: 'call.vent-open',
          values: { high: temperature(tmax), limit: temperature(OPEN_BEFORE) },
          weight: 'decides',
        },
        shuts === null
          ? { rule: 'call.vent-night-open', values: { low: temperature(tmin) }, weight: 'supports' }
          : { rule: 'call.vent-shut', values: { limit: temperature(SHUT_BEFORE) }, weight: 'supports' },
      ],
      cautions: ['heat-work'],
    },
    ifItWaits: { rule: 'call.waits-vent', values: {}, weight: 'supports' },
  })
}

/** Trusses under cover, which no wind moves. */
export function shake(context: PlaceContext, watered: WateredPlace): Call | null {
  const { place, today } = context
  if (place.kind !== 'tunnel') return null
  const open = standingIn(watered).filter(({ dates }) => {
    const [flower, top] = [dates['first-flower'].date, dates.top.date]
    return flower !== null && flower <= today && (top === null || today <= top)
  })
  if (open.length === 0) return null
  const last = lastWork(context, 'shake')
  return makeCallAbout(context, {
    occurrence: last ?? 'first',
    due: last === null ? today : addDays(last, SHAKE_EVERY),
    late: null,
    minutes: 1 + MINUTES.shake * open.reduce((sum, { planting }) => sum + planting.count, 0),
    advice: {
      answer: { kind: 'shake' },
      reasons: [{ rule: 'call.shake', values: {}, weight: 'decides' }],
      cautions: [],
    },
    ifItWaits: { rule: 'call.waits-shake', values: {}, weight: 'supports' },
  })
}

/** Shade over what stands in the open through a scorching day. */
export function shade(context: AboutContext, { water }: CallGarden): Call | null {
  const { season, at, today } = context
  const { air, sources } = season.line
  if (!water.some(({ place }) => place.kind !== 'tunnel')) return null
  const scorching = [0, 1].find(
    (ahead) => sources[at + ahead] !== 'normal' && air.tmax[at + ahead]! >= SHADE_FROM,
  )
  const last = lastWork(context, 'shade')
  if (scorching === undefined || (last !== null && daysBetween(last, today) < SHADE_HANGS)) return null
  return makeCallAbout(context, {
    occurrence: addDays(today, scorching),
    due: addDays(today, scorching),
    late: null,
    minutes: MINUTES.shade * water.length,
    advice: {
      answer: { kind: 'shade' },
      reasons: [
        {
          rule: 'call.shade',
          values: { high: temperature(air.tmax[at + scorching]!), limit: temperature(SHADE_FROM) },
          weight: 'decides',
        },
        ...madeUp(season, at + scorching),
      ],
      cautions: ['heat-work'],
    },
    ifItWaits: { rule: 'call.waits-shade', values: {}, weight: 'supports' },
  })
}

/** Every plant of the garden looked over, the more often the more wet leaves press. */
export function scout(context: AboutContext, { water, wetness }: CallGarden): Call | null {
  const { today } = context
  const plantings = water.flatMap(standingIn)
  const since = plantings.flatMap(({ stands }) => stands?.from ?? []).sort()[0]
  if (since === undefined) return null
  const every = SCOUT_EVERY[wetness]
  const last = lastWork(context, 'scout')
  const due = addDays(last ?? since, every)
  const plants = plantings.reduce((sum, { planting }) => sum + planting.count, 0)
  return makeCallAbout(context, {
    occurrence: last ?? 'first',
    due: due < today ? today : due,
    late: null,
    minutes: MINUTES.scout * water.length + MINUTES.scoutPlant * plants,
    advice: {
      answer: { kind: 'scout', plants, every },
      reasons: [
        last === null
          ? { rule: 'call.scout-first', values: { every: days(every) }, weight: 'decides' }
          : {
              rule: 'call.scout-last',
              values: { date: onDate(last), every: days(every) },
              weight: 'decides',
            },
      ],
      cautions: [],
    },
    ifItWaits: { rule: 'call.waits-scout', values: {}, weight: 'supports' },
  })
}
