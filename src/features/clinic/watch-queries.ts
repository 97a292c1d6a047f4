import { dayOf, onceADay } from '../../core/garden-day'
import type { Day } from '../../data/garden-state'
import { addDays, type IsoDate } from '../../core/calendar'
import { aridMonths, indexOf } from '../../core/climate'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { ofKind } from '../../core/log'
import { BLIGHT_ACT, blightCourse, type BlightDay } from '../../core/garden-health'
import { watchFor, type CauseId, type SignId } from '../../core/health'
import { formatDate } from '../../wording/dates'
import { sayHealthReason } from '../../wording/health'
import { SCOUT_EVERY } from '../../core/calls'
import { growingOn } from './contexts'

/** A cause that something known speaks for, and where. */
export interface WatchView {
  cause: CauseId
  sign: SignId
  crop: Crop
  where: string[]
  why: string[]
}

interface BlightPoint {
  name: string
  score: number
  sum: number
  late: number | null
  ahead: boolean
}

export interface WatchScreenView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  gardenId: string
  watches: WatchView[]
  /** The rhythm of looking over: each so many days, last on, next on. */
  round: { every: number; last: string | null; next: string; isDue: boolean } | null
  /** Null: no tomato stands out. */
  blight: {
    points: BlightPoint[]
    today: string
    since: string
    because: 'set-out' | 'clean-up'
    sum: number
    /** The day on which it is time to act by the forecast; null: beyond it. */
    actOn: string | null
    lateDays: string[]
    act: typeof BLIGHT_ACT
  } | null
}

/** Days of the forecast shown. */
const AHEAD = 7
const MOST_WATCHES = 8

export const watchView = onceADay('watchView', (day: Day): WatchScreenView => {
  const { state, on, manner } = day
  return {
    manner,
    on,
    now: state.now,
    gardenId: state.garden.id,
    watches: watchesOf(day),
    round: roundOf(day),
    blight: blightOf(day),
  }
})

/** The causes by how many plantings and how strongly they press, each with its places. */
function watchesOf(day: Day): WatchView[] {
  const { manner } = day
  const found = new Map<string, WatchView & { order: number }>()
  for (const own of growingOn(day)) {
    const { crop } = own.cultivar
    for (const [order, watch] of watchFor(day.health(own)).entries()) {
      const key = `${watch.cause} ${crop}`
      const known = found.get(key)
      const where = own.place.name
      if (!known)
        found.set(key, {
          cause: watch.cause,
          sign: watch.sign,
          crop,
          where: [where],
          why: watch.reasons.map((reason) => sayHealthReason(reason, manner)),
          order: 5 - order,
        })
      else {
        known.order += 5 - order
        if (!known.where.includes(where)) known.where.push(where)
      }
    }
  }
  return [...found.values()]
    .sort((a, b) => b.order - a.order)
    .slice(0, MOST_WATCHES)
    .map(({ cause, sign, crop, where, why }) => ({ cause, sign, crop, where, why }))
}

function roundOf(day: Day): WatchScreenView['round'] {
  const { state, on, manner } = day
  const { counted, start } = day.outlook
  const since = firstOut(day)
  if (since === null) return null
  const every = SCOUT_EVERY[dayOf(state, state.now).wetness]
  const last = ofKind(counted, 'tended').findLast(
    (entry) => entry.on >= start && entry.data.works.includes('scout'),
  )
  const next = addDays(last?.on ?? since, every)
  return {
    every,
    last: last ? formatDate(last.on, manner) : null,
    next: formatDate(next < on ? on : next, manner),
    isDue: next <= on,
  }
}

/** The day from which plants stood this season, of one crop or any. */
function firstOut(day: Day, crop?: Crop): IsoDate | null {
  const out = day.outlook.plantings
    .filter(({ cultivar }) => !crop || cultivar.crop === crop)
    .flatMap(({ stands }) => stands?.from ?? [])
    .sort()
  return out[0] ?? null
}

function blightOf(day: Day): WatchScreenView['blight'] {
  const { state, on, manner } = day
  const { line, counted, ensemble } = day.outlook
  const out = firstOut(day, 'tomato')
  if (out === null) return null
  const cleaned = ofKind(counted, 'tended').findLast(
    (entry) => entry.on >= out && entry.data.works.includes('clean-up'),
  )
  const from = cleaned?.on ?? out
  const days = blightCourse(
    line,
    aridMonths(ensemble.normals, state.garden.latitude),
    indexOf(line.air, from),
    indexOf(line.air, on) + AHEAD,
  ).filter(({ date, source }) => date <= on || source !== 'normal')
  const today = days.findLast(({ date }) => date <= on)
  return {
    points: days.map((day) => pointOf(day, on, manner)),
    today: today ? formatDate(today.date, manner, 'short') : '',
    since: formatDate(from, manner),
    because: cleaned ? 'clean-up' : 'set-out',
    sum: today?.sum ?? 0,
    actOn: dayOver(days, manner),
    lateDays: days
      .filter(({ late, date }) => late && date > addDays(on, -14))
      .map(({ date }) => formatDate(date, manner)),
    act: BLIGHT_ACT,
  }
}

const pointOf = ({ date, score, sum, late }: BlightDay, on: IsoDate, manner: Manner): BlightPoint => ({
  name: formatDate(date, manner, 'short'),
  score,
  sum,
  late: late ? 4 : null,
  ahead: date > on,
})

const dayOver = (days: readonly BlightDay[], manner: Manner) => {
  const day = days.find(({ sum }) => sum >= BLIGHT_ACT.from)
  return day ? formatDate(day.date, manner) : null
}
