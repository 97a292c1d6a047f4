import { addDays } from '../calendar'
import { adviseFeed, feedWarnings, ledgerOf } from '../feeding'
import { count, duration, mass, onDate } from '../quantity'
import { stageEntries } from '../season'
import {
  dripOf,
  irrigationMinutes,
  dueWatering,
  soakingOf,
  standingIn,
  waterLevel,
  type WateredPlace,
} from '../watering'
import type { Call, CallGarden } from './call'
import { makeCallAbout, type PlaceContext } from './context'
import { CAN, MINUTES } from './minutes'

/** A watering is told of so many days before. */
const WATER_AHEAD = 2
/** Days between feeds: of a pot, of a bed. */
const FEED_EVERY = { pot: 7, bed: 14 }

const lastOf = (entries: WateredPlace['entries'], kind: 'watered' | 'fed') =>
  entries.findLast((entry) => entry.kind === kind)?.on ?? null

/** A place that comes to where growth slows. */
export function water(context: PlaceContext, watered: WateredPlace, { house }: CallGarden): Call | null {
  const { today } = context
  const { place, entries, water: own } = watered
  const level = waterLevel(watered)
  if (!level) return null
  const { inDays, isDry, litres: wanted, splits } = dueWatering(own, house.watering)
  if (inDays === null || inDays > WATER_AHEAD) return null
  const due = addDays(today, inDays)
  const litres = Math.max(0.1, wanted)
  const drip = dripOf(place)
  const turns = soakingOf(place, own.course, litres)[drip ? 'drip' : 'hand']
  const last = lastOf(entries, 'watered')
  return makeCallAbout(context, {
    occurrence: last ?? 'first',
    due,
    late: null,
    tonight: isDry && place.pot !== null,
    minutes: drip ? MINUTES.tap : MINUTES.can * Math.max(1, litres / CAN),
    advice: {
      answer: {
        kind: 'water',
        litres,
        dripMinutes: drip && irrigationMinutes({ litres, ...drip }),
        splits,
      },
      reasons: [
        {
          rule: isDry ? 'call.water-dry' : 'call.water-due',
          values: { missing: level.short, limit: level.limit },
          weight: 'decides',
        },
        ...(turns
          ? [
              {
                rule: 'call.water-turns' as const,
                values: {
                  turns: count(turns.runs),
                  minutes: duration(turns.minutes * 60),
                  pause: duration(turns.pause * 60),
                },
                weight: 'supports' as const,
              },
            ]
          : []),
        ...(last
          ? [
              {
                rule: 'call.water-last' as const,
                values: { date: onDate(last) },
                weight: 'supports' as const,
              },
            ]
          : [{ rule: 'call.water-never' as const, values: {}, weight: 'supports' as const }]),
      ],
      cautions: [],
    },
    ifItWaits: {
      rule: place.pot ? 'call.waits-water-pot' : 'call.waits-water',
      values: {},
      weight: 'supports',
    },
  })
}

/** A place in which nitrogen will be missing. */
export function feed(
  context: PlaceContext,
  watered: WateredPlace,
  { house, bears }: CallGarden,
): Call | null {
  const { place, entries, water: own } = watered
  const plantings = standingIn(watered)
  const { today } = context
  const last = lastOf(entries, 'fed')
  if (last !== null && addDays(last, place.pot ? FEED_EVERY.pot : FEED_EVERY.bed) > today) return null
  const ledger = ledgerOf(watered, today, bears)
  if (!ledger) return null
  const plants = plantings.reduce((sum, { planting }) => sum + planting.count, 0)
  const school = house.feeding(place)
  const { mix, gap } = adviseFeed(ledger, school, plants)
  if (!mix) return null
  const flowers = plantings.some(({ entries: told }) => stageEntries(told, 'flowered').length > 0)
  return makeCallAbout(context, {
    occurrence: last ?? 'first',
    due: today,
    late: null,
    minutes: MINUTES.feed + MINUTES.feedPlant * plants,
    advice: {
      answer: { kind: 'feed', product: mix.name, grams: mix.grams, plants },
      reasons: [
        { rule: 'call.feed-gap', values: { missing: mass(gap.n / 1000) }, weight: 'decides' },
        ...feedWarnings(own, ledger).map((warning) => ({
          rule: `call.feed-${warning}` as const,
          values: {},
          weight: 'warns' as const,
        })),
        ...(flowers
          ? [
              {
                rule: 'call.feed-flowers' as const,
                values: { plants: count(plants) },
                weight: 'supports' as const,
              },
            ]
          : []),
      ],
      cautions: ['label-is-limit'],
    },
    ifItWaits: { rule: 'call.waits-feed', values: {}, weight: 'supports' },
  })
}
