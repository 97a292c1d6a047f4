import { type IsoDate, epochDay } from '../core/calendar'
import {
  frostPercentiles,
  normalsFor,
  SEASON_DAYS,
  simulateSeasons,
  type ClimateTemplateId,
} from '../core/climate'
import type { Training } from '../core/crop'
import { seasonWeathers, type SeasonPlan, type SeasonWeather } from '../core/season-model'
import {
  runTrial,
  turningValues,
  usualPlan,
  type TrialMeasure,
  type TrialResult,
  type TurningValue,
} from '../core/trial'
import { sayHolds } from '../wording/trial-holds'
import { cultivarOf } from './season-plans'

/** A climate in which growers quarrel, and the day on which its growers plant out. */
interface Ground {
  id: ClimateTemplateId
  name: string
  latitude: number
  elevation: number
  plantsOut: string
}

const GROUNDS: readonly Ground[] = [
  { id: 'humid-warm-summer', name: 'Humid plain, 41° N', latitude: 41, elevation: 450, plantsOut: '05-12' },
  { id: 'cool-maritime', name: 'Cool coast, 52° N', latitude: 52, elevation: 50, plantsOut: '06-01' },
  { id: 'dry-summer-warm', name: 'Dry summer, 38° N', latitude: 38, elevation: 100, plantsOut: '04-20' },
  {
    id: 'hot-semi-arid',
    name: 'Hot and half dry, 32° N',
    latitude: 32.5,
    elevation: 350,
    plantsOut: '03-05',
  },
]

/** What growers who all succeed say against each other. */
interface Dispute {
  asks: string
  /** The first is what the other is held against. */
  ways: readonly [string, string]
  measure: TrialMeasure
  /** @param setOut @param frost days from the season's start */
  plans: (setOut: number, frost: number) => readonly [SeasonPlan, SeasonPlan]
}

const slicer = cultivarOf('slicer')
const cherry = cultivarOf('cherry')
const paste = cultivarOf('paste', 'determinate')
const bell = cultivarOf('bell', null)
const vine = (training: Training, setOut: number, change: Partial<SeasonPlan> = {}) =>
  usualPlan(slicer, training, setOut, change)
const POT = (litres: number) => ({ kind: 'pot' as const, litres, reservoir: 0 })
/** Days before the first frost of autumn from which a flower no longer ripens. */
const TOPPED_BEFORE = 60
const INCH = 25.4

const DISPUTES: readonly Dispute[] = [
  {
    asks: 'One stem or a cage, by the plant',
    ways: ['one stem', 'cage'],
    measure: 'plant',
    plans: (out) => [vine('single-stem', out), vine('cage', out)],
  },
  {
    asks: 'One stem or a cage, by the ground',
    ways: ['one stem', 'cage'],
    measure: 'area',
    plans: (out) => [vine('single-stem', out), vine('cage', out)],
  },
  {
    asks: 'Take the lowest leaves or leave them',
    ways: ['leave them', 'clear 30 cm'],
    measure: 'plant',
    plans: (out) => [
      vine('cage', out, { clearStem: 0, mulch: 'bare' }),
      vine('cage', out, { mulch: 'bare' }),
    ],
  },
  {
    asks: 'Mulch or bare soil',
    ways: ['bare soil', 'straw'],
    measure: 'plant',
    plans: (out) => [vine('two-stems', out, { mulch: 'bare' }), vine('two-stems', out)],
  },
  {
    asks: 'Wait for warm soil, or go two weeks early',
    ways: ['wait', 'two weeks early'],
    measure: 'plant',
    plans: (out) => [vine('two-stems', out), vine('two-stems', out - 14)],
  },
  {
    asks: 'Two weeks early under a cloth, or wait',
    ways: ['wait', 'early, under cloth for 4 weeks'],
    measure: 'plant',
    plans: (out) => [vine('two-stems', out), vine('two-stems', out - 14, { cloth: 28 })],
  },
  {
    asks: 'Deep or shallow',
    ways: ['shallow', 'deep'],
    measure: 'plant',
    plans: (out) => [vine('two-stems', out, { buried: 0.03 }), vine('two-stems', out, { buried: 0.25 })],
  },
  {
    asks: 'An inch a week, or when the soil says so',
    ways: ['when it needs it', 'an inch a week'],
    measure: 'plant',
    plans: (out) => {
      const byNeed = vine('two-stems', out)
      return [byNeed, { ...byNeed, watering: { by: 'fixed', litres: INCH * byNeed.ground, every: 7 } }]
    },
  },
  {
    asks: 'Feed every week, or compost and little else',
    ways: ['compost', 'every week'],
    measure: 'plant',
    plans: (out) => [
      vine('two-stems', out, { feeds: [{ day: 0, nitrogen: 90, release: 'compost' }] }),
      vine('two-stems', out, {
        feeds: Array.from({ length: 12 }, (_, week) => ({
          day: 14 + 7 * week,
          nitrogen: 0.7,
          release: 'soluble' as const,
        })),
      }),
    ],
  },
  {
    asks: 'Tight or roomy, by the ground',
    ways: ['roomy', 'tight'],
    measure: 'area',
    plans: (out) => {
      const plan = vine('two-stems', out)
      return [
        { ...plan, ground: plan.ground * 1.3 },
        { ...plan, ground: plan.ground * 0.7 },
      ]
    },
  },
  {
    asks: 'Top a vine, or let it grow on',
    ways: ['grow on', 'top'],
    measure: 'plant',
    plans: (out, frost) => [
      vine('two-stems', out),
      vine('two-stems', out, { topped: frost - TOPPED_BEFORE }),
    ],
  },
  {
    asks: 'Hold a bush tomato up, or let it lie',
    ways: ['let it lie', 'weave'],
    measure: 'plant',
    plans: (out) => [usualPlan(paste, 'bush', out), usualPlan(paste, 'weave', out)],
  },
  {
    asks: 'A pot of 10 L or of 40 L',
    ways: ['10 L', '40 L'],
    measure: 'plant',
    plans: (out) => {
      const pot = (litres: number) =>
        usualPlan(cherry, 'cage', out, {
          roots: POT(litres),
          watering: { by: 'need', at: 0.8, every: 1, most: 40 },
        })
      return [pot(10), pot(40)]
    },
  },
  {
    asks: 'Pinch a pepper’s first flowers, or leave them',
    ways: ['leave them', 'pinch for 4 weeks'],
    measure: 'plant',
    plans: (out) => [
      usualPlan(bell, 'pepper', out + 10),
      usualPlan(bell, 'pepper', out + 10, { pinched: 28 }),
    ],
  },
  {
    asks: 'Shade cloth, or full sun',
    ways: ['full sun', '30 % shade'],
    measure: 'plant',
    plans: (out) => [
      usualPlan(bell, 'pepper', out + 10),
      usualPlan(bell, 'pepper', out + 10, { shade: 0.3 }),
    ],
  },
]

interface Settled {
  dispute: Dispute
  ground: Ground
  result: TrialResult
  /** Working values of the model that turn it when they are a quarter off; null: not looked at. */
  turning: readonly TurningValue[] | null
}

const weathersOf = ({ id, latitude, elevation }: Ground, count: number) => {
  const ensemble = simulateSeasons({ normals: normalsFor(id, { latitude, elevation }), latitude, count })
  return {
    from: ensemble.seasons[0]!.from,
    frost: frostPercentiles(ensemble).firstAutumn.p50 ?? SEASON_DAYS,
    weathers: seasonWeathers(ensemble, { latitude, elevation }, 'open'),
  }
}

/** Every dispute in every climate. @param count seasons of each; @param isVaried whether the working values are too */
export function settled(count: number, isVaried: boolean): Settled[] {
  return GROUNDS.flatMap((ground) => {
    const { from, frost, weathers } = weathersOf(ground, count)
    const setOut = (epochDay(`2001-${ground.plantsOut}` as IsoDate) - from + 365) % 365
    return DISPUTES.map((dispute) => {
      const ways = dispute.plans(setOut, frost)
      return {
        ...{ dispute, ground },
        result: held(dispute, ways, weathers),
        turning: isVaried ? turnedBy(ways, weathers, dispute.measure) : null,
      }
    })
  })
}

function held(
  { measure }: Dispute,
  [was, is]: readonly [SeasonPlan, SeasonPlan],
  seasons: readonly SeasonWeather[],
): TrialResult {
  return runTrial({
    ways: [
      { id: 'was', plan: was },
      { id: 'is', plan: is },
    ],
    seasons,
    measure,
  })
}

function turnedBy(
  ways: readonly [SeasonPlan, SeasonPlan],
  seasons: readonly SeasonWeather[],
  measure: TrialMeasure,
): TurningValue[] {
  const steps = turningValues({ ways, seasons, measure })
  for (;;) {
    const { done, value } = steps.next()
    if (done) return value
  }
}

const kg = (value: number) => value.toFixed(2)
const signed = (value: number) =>
  kg(Math.abs(value)) === kg(0) ? kg(0) : `${value < 0 ? '−' : '+'}${kg(Math.abs(value))}`

/** The disputes as a document: who is right where, and where nothing tells them apart. */
export function disputesTable(all: readonly Settled[]): string {
  const parts = DISPUTES.map((dispute) => {
    const own = all.filter((one) => one.dispute === dispute)
    const rows = own.map(({ ground, result }) => {
      const [was, is] = result.ways
      const [one] = result.paired
      const { median, low, high, better, isClear } = one!
      const verdict = isClear ? dispute.ways[median > 0 ? 1 : 0] : 'no clear difference'
      const [first] = one!.causes
      return `| ${ground.name} | ${kg(middle(was!.measured))} | ${kg(middle(is!.measured))} | ${signed(median)} (${signed(low)} to ${signed(high)}) | ${Math.round(better * result.done)} of ${result.done} | **${verdict}** | ${first!.cause} ${signed(first!.kg)} |`
    })
    const unit = dispute.measure === 'plant' ? 'kg a plant' : 'kg a square meter'
    return `## ${dispute.asks}

| climate | ${dispute.ways[0]}, ${unit} | ${dispute.ways[1]} | difference, 8 years in 10 | better in | right is | mostly for |
|---|---|---|---|---|---|---|
${rows.join('\n')}

${own.flatMap(({ ground, turning }) => (turning ? [`- ${ground.name}: ${sayHolds(turning)}`] : [])).join('\n')}
`
  })
  return `# Old disputes, settled climate by climate

Each way is grown in the same simulated seasons of a climate, by an average plant of the season model, and held against the
other season by season. Where 8 years in 10 lie on both sides, or the middle one is under a hundredth of the crop, there is
no clear difference. Sound ripe fruit counts. The last column is what made most of the mean difference.
Under each table stands which of the model's working values turn its conclusion in the first 30 seasons when they are a quarter
less or more. \`npm run disputes\` makes this document.

${parts.join('\n')}`
}

const middle = (values: readonly number[]) =>
  [...values].sort((one, other) => one - other)[values.length >> 1]!
