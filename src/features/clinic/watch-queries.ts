import { dayOf } from '../../core/garden-day'
import { addDays, type IsoDate } from '../../core/calendar'
import { aridMonths, indexOf } from '../../core/climate'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { ofKind } from '../../core/log'
import { BLIGHT_ACT, blightCourse, type BlightDay } from '../../core/garden-health'
import { watchFor, type CauseId, type SignId } from '../../core/health'
import { mannerOf } from '../../data/gardens'
import type { GardenState } from '../../data/garden-state'
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

export function watchView(state: GardenState, on: IsoDate): WatchScreenView {
  const manner = mannerOf(state.garden)
  return {
    manner,
    on,
    now: state.now,
    gardenId: state.garden.id,
    watches: watchesOf(state, on, manner),
    round: roundOf(state, on, manner),
    blight: blightOf(state, on, manner),
  }
}

/** The causes by how many plantings and how strongly they press, each with its places. */
function watchesOf(state: GardenState, on: IsoDate, manner: Manner): WatchView[] {
  const found = new Map<string, WatchView & { order: number }>()
  for (const own of growingOn(state, on)) {
    const { crop } = own.cultivar
    for (const [order, watch] of watchFor(dayOf(state, on).health(own)).entries()) {
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

function roundOf(state: GardenState, on: IsoDate, manner: Manner): WatchScreenView['round'] {
  const { counted, start } = dayOf(state, on).outlook
  const since = firstOut(state, on)
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
function firstOut(state: GardenState, on: IsoDate, crop?: Crop): IsoDate | null {
  const out = dayOf(state, on)
    .outlook.plantings.filter(({ cultivar }) => !crop || cultivar.crop === crop)
    .flatMap(({ stands }) => stands?.from ?? [])
    .sort()
  return out[0] ?? null
}

function blightOf(state: GardenState, on: IsoDate, manner: Manner): WatchScreenView['blight'] {
  const { line, counted, ensemble } = dayOf(state, on).outlook
  const out = firstOut(state, on, 'tomato')
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
  ).filter(({ date, source }) => date <= on || source === 'forecast')
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
