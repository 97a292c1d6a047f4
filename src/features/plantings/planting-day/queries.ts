import { SET_OUT_NIGHTS } from '../../../core/crop'
import type { Day, GardenState } from '../../../data/garden-state'
import { dayOf } from '../../../core/garden-day'
import type { IsoDate } from '../../../core/calendar'
import { weatherAt, indexOf } from '../../../core/climate'
import type { Crop } from '../../../core/crop'
import { filledHeight } from '../../../core/containers'
import { potOf, type Manner, type Place, type Support } from '../../../core/facts'
import { ofKind } from '../../../core/log'
import { depthConditions, judgeSetOut, safeFromOf, type DepthConditions } from '../../../core/season'
import { stakeDistance, supportCasesOf, planOf, type SupportPlan } from '../../../core/support'
import type { DepthSchool, FeedingSchool } from '../../../core/transplant'
import { formatDate } from '../../../wording/dates'
import { sayReasons, type SaidReason } from '../../../wording/say-reason'
import { findPlanting } from '../queries'

/** What planting day knows of one planting before its plants are measured. */
export interface PlantingDay {
  plantingId: string
  title: string
  count: number
  crop: Crop
  grafted: boolean
  /** Of the graft union above the soil of its pot, m; null: not known. */
  union: number | null
  support: Support
  manner: Manner
  on: IsoDate
  now: IsoDate
  soilDepth: number
  conditions: DepthConditions
  school: 'worked-out' | DepthSchool
  verdict: { go: boolean; suits: string | null; reasons: SaidReason[] }
  done: boolean
  /** Of the last plant of this crop that was set out, m. */
  last: { height: number; leaves: number; rootBall: number } | null
  /** The day's high, °C, and wind, m/s; the next nights' lows; days of hardening. */
  weather: { tmax: number; wind: number; nights: number[]; hardeningDays: number }
  feeding: FeedingSchool
  /** Support, a plan for each row. */
  plans: SupportPlan[]
  /** From the stem to its stake, m. */
  stakeDistance: number
  /** They stand in a pot: deep as it is filled. */
  inPot: boolean
}

/** Soil that can be planted into, m: a pot's is as deep as it is filled. */
export const plantingDepth = (place: Place): number => {
  const pot = potOf(place)
  return pot ? Math.max(0.05, filledHeight(pot)) : place.soilDepth
}

export function plantingDayOf(day: Day, id: string): PlantingDay | null {
  const { state, on, manner, outlook } = day
  const own = findPlanting(outlook, id)
  if (!own) return null
  const { planting, cultivar, place } = own
  const at = indexOf(own.air, on)
  const weather = weatherAt(own.air, at)
  const site = dayOf(state, state.now).supportSite
  const verdict = judgeSetOut(
    { air: own.air, sources: outlook.line.sources },
    own.soil,
    cultivar.crop,
    indexOf(outlook.line.air, on),
    safeFromOf(outlook, own),
  )
  return {
    plantingId: id,
    title: `${place.name} · ${cultivar.name}, ${planting.count === 1 ? 'one plant' : `${planting.count} alike`}`,
    count: planting.count,
    crop: cultivar.crop,
    grafted: cultivar.grafted || planting.unionHeight !== null,
    union: planting.unionHeight,
    support: planting.support,
    manner,
    on,
    now: state.now,
    soilDepth: plantingDepth(place),
    conditions: depthConditions(outlook, own),
    school: day.house.depth,
    verdict: {
      go: verdict.answer.go,
      suits: verdict.answer.suits && formatDate(verdict.answer.suits, manner),
      reasons: sayReasons(verdict.reasons, manner),
    },
    done: own.stands !== null,
    last: lastPlant(state, cultivar.crop),
    weather: {
      tmax: weather.tmax,
      wind: weather.wind,
      nights: Array.from({ length: SET_OUT_NIGHTS }, (_, ahead) => own.air.tmin[at + ahead]).filter(
        (low) => low !== undefined,
      ),
      hardeningDays: ofKind(own.entries, 'hardened').length,
    },
    feeding: day.house.feeding(place),
    plans: supportCasesOf(own, day.plants, site).map((row) =>
      planOf(planting.support, { ...row, weave: site.weave }),
    ),
    stakeDistance: stakeDistance(0),
    inPot: place.pot !== null,
  }
}

/** The plant of this crop that was measured last. */
export function lastPlant({ record }: GardenState, crop: Crop): PlantingDay['last'] {
  const crops = new Map(record.cultivars.map((cultivar) => [cultivar.id, cultivar.crop]))
  const own = new Set(
    record.plantings.filter(({ cultivarId }) => crops.get(cultivarId) === crop).map(({ id }) => id),
  )
  const entries = ofKind(record.entries, 'set-out').filter(
    ({ subject, data }) => own.has(subject.id) && data.plant !== undefined,
  )
  return entries.sort((a, b) => (a.at < b.at ? 1 : -1))[0]?.data.plant ?? null
}
