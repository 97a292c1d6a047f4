import { addDays, type IsoDate } from '../calendar'
import { indexOf } from '../climate'
import { count, length, onDate, speed } from '../quantity'
import { plantEntries } from '../crop'
import { growthOf, type PlantingOutlook } from '../season'
import { stemHeightAfter, tyingPlans } from '../support'
import type { Reason } from '../advice'
import type { Call, CallGarden, CallRule } from './call'
import { endsForSeason, plantingCuts, type AlikePlants } from './planting-cuts'
import { madeUp, makeCall, type CallContext } from './context'
import { callEntries, type Work } from './entries'
import { MINUTES, PLANTS_A_BAY } from './minutes'

/** Days between two rounds of cutting on the same plants. */
const CUT_EVERY = 4
/** Leaves of a plant that are worth going there for. */
const LEAVES_TOGETHER = 3
/**
 * † m/s of a day's mean wind that breaks what is not tied; days looked ahead. Against: nothing measured yet.
 */
const STORM = 8
const STORM_AHEAD = 2

/** A planting's ties, strings and cuts that are due together. */
export function tend(context: CallContext, garden: CallGarden): Call | null {
  if (context.phase !== 'standing') return null
  const { planting, today, season, at } = context
  const ties = tiesDue(context)
  const cut = lastCut(context)
  const rests = cut !== null && addDays(cut, CUT_EVERY) > today
  const alike = rests
    ? []
    : plantingCuts(season, context.own, garden, garden.house.flowers)
        // The tips that the season ends have a stop of their own.
        .map(({ plants, cuts }) => ({ plants, cuts: cuts.filter((one) => !endsForSeason(one)) }))
        .filter(({ cuts }) => (ties.length > 0 ? cuts.length > 0 : isWorthAWalk(cuts)))
  if (ties.length === 0 && alike.length === 0) return null
  const cuts = countCuts(alike)
  const plants = alike.reduce((sum, group) => sum + group.plants.length, 0)
  const windOn = (day: number) =>
    season.line.sources[day] === 'normal' ? 0 : (season.line.air.wind[day] ?? 0)
  const windiest = Array.from({ length: STORM_AHEAD }, (_, ahead) => at + ahead + 1).reduce((a, b) =>
    windOn(b) > windOn(a) ? b : a,
  )
  const wind = windOn(windiest)
  const storm = ties.length > 0 && wind >= STORM
  const reasons: Reason<CallRule>[] = [
    ...ties.map(({ work, stem, height }): Reason<CallRule> => ({
      rule: `call.${work}`,
      values: { stem: length(stem), height: length(height) },
      weight: 'decides',
    })),
    ...(plants > 0
      ? [
          {
            rule: 'call.cut' as const,
            values: {
              suckers: count(cuts.sucker),
              leaves: count(cuts.leaf),
              trusses: count(cuts.truss),
              tips: count(cuts.tip),
            },
            weight: ties.length > 0 ? ('supports' as const) : ('decides' as const),
          },
        ]
      : []),
    ...(storm
      ? [
          { rule: 'call.storm' as const, values: { wind: speed(wind) }, weight: 'warns' as const },
          ...madeUp(season, windiest),
        ]
      : []),
    ...(cut
      ? [{ rule: 'call.cut-last' as const, values: { date: onDate(cut) }, weight: 'supports' as const }]
      : []),
  ]
  const works = ties.map(({ work }) => work)
  const asked = [
    ...works,
    ...(['sucker', 'leaf', 'truss', 'tip'] as const).filter((organ) => cuts[organ] > 0),
  ]
  return makeCall(context, {
    occurrence: `${asked.join('+')}:${[cut, lastTied(context)].filter(Boolean).sort().at(-1) ?? 'first'}`,
    due: today,
    late: null,
    tonight: storm,
    minutes:
      works.reduce((sum, work) => sum + minutesOf(work, planting.count), 0) +
      (cuts.sucker > 0 ? MINUTES.suckers * plants : 0) +
      (cuts.leaf > 0 ? MINUTES.leaves * plants : 0),
    advice: {
      answer: {
        kind: 'tend',
        works,
        plants: works.length > 0 ? planting.count : plants,
        cuts,
        alike: alike.map(partsOf),
      },
      reasons,
      cautions: plants > 0 ? ['sharp-blade', 'foliage-not-food'] : [],
    },
    ifItWaits: {
      rule: ties.length > 0 ? 'call.waits-tie' : 'call.waits-cut',
      values: {},
      weight: 'supports',
    },
  })
}

/** Leaves alone wait for one another; anything else is better cut small. */
const isWorthAWalk = (cuts: AlikePlants['cuts']) =>
  cuts.some(({ organ }) => organ !== 'leaf') || cuts.length >= LEAVES_TOGETHER

const minutesOf = (work: Work, plants: number) =>
  work === 'tier'
    ? MINUTES.tier * Math.ceil(plants / PLANTS_A_BAY)
    : (work === 'lower' ? MINUTES.lower : MINUTES.tie) * plants

/** Works whose next height the stem has passed since they were done last. */
function tiesDue(context: CallContext): { work: 'tie' | 'tier' | 'lower'; stem: number; height: number }[] {
  const { planting, cultivar, grownFor, today, own } = context
  if (grownFor === null) return []
  // What is ended grows no longer.
  const top = own.dates.top.date
  const growth = growthOf(own)
  const stemOn = (date: IsoDate) =>
    stemHeightAfter(cultivar, planting.training, growth(indexOf(context.air, date)))
  const stem = stemOn(top !== null && top < today ? top : today)
  return tyingPlans(planting.support, cultivar, stem).flatMap(({ work, heights }) => {
    const done = lastWork(context, work)
    const then = done === null ? 0 : stemOn(done)
    const height = heights.at(-1)
    return height !== undefined && height > then ? [{ work, stem, height }] : []
  })
}

const lastWork = ({ entries }: CallContext, work: Work): IsoDate | null =>
  callEntries(entries, 'tended').findLast(({ data }) => data.works.includes(work))?.on ?? null
/**
 * Heights at which a planting is tied as of its last tying, m.
 *
 * @param heightOn how high its stem was on a day, m
 */
export function tiedHeights(
  { planting, cultivar, entries }: Pick<PlantingOutlook, 'planting' | 'cultivar' | 'entries'>,
  heightOn: (date: IsoDate) => number,
): number[] {
  const last = callEntries(entries, 'tended').findLast(({ data }) => data.works.includes('tie'))
  if (!last) return []
  return tyingPlans(planting.support, cultivar, heightOn(last.on)).flatMap(({ work, heights }) =>
    work === 'tie' ? heights : [],
  )
}
const lastTied = ({ entries }: CallContext) => callEntries(entries, 'tended').at(-1)?.on ?? null
const lastCut = ({ entries }: CallContext) => plantEntries(entries, 'pruned').at(-1)?.on ?? null

function countCuts(alike: readonly AlikePlants[]) {
  const sum = { sucker: 0, leaf: 0, truss: 0, tip: 0 }
  for (const { plants, cuts } of alike)
    for (const { organ } of cuts) {
      const of = organ === 'flower' || organ === 'fruit' ? 'truss' : organ
      sum[of] += plants.length
    }
  return sum
}

const partsOf = ({ plants, cuts }: AlikePlants) => ({
  plants: plants.map(({ id, label }) => ({ id, label })),
  cuts: cuts.map(({ stem, node, organ }) => ({ stem, node, organ })),
})
