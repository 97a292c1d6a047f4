import { normalsFor, OPEN_GROUND, simulateSeasons, stationForecast } from '../src/core/climate'
import { callsOf } from '../src/core/calls'
import { isoDate } from '../src/core/calendar'
import { growPlant, plantTraits, thermalTraits, USUAL_VINE } from '../src/core/crop'
import { lightMap, plantLight, type Shader } from '../src/core/light'
import { ledger } from '../src/core/feeding'
import { hindcasting } from '../src/core/score'
import { advisePruning, practiceTask, scoreCuts } from '../src/core/pruning'
import { waterCourse } from '../src/core/watering'
import { seasonWeathers, simulateSeason } from '../src/core/season-model'
import { runTrial, usualPlan } from '../src/core/trial'
import { stateOfFile } from '../src/test/state-of-file'
import { cultivarOf } from '../src/test/season-plans'
import { bedCapacity, type CapacityInput } from '../src/core/spacing'
import { seasonOutlook, transplantWindow, yearsIn } from '../src/core/season'
import { seasonNeeds, shortOf, spreadOver } from '../src/core/supplies'
import { adviseSupport, type SupportCase } from '../src/core/support'
import { adviseDepth, usualFeeding, type DepthInput } from '../src/core/transplant'
import { demoGarden } from '../src/data/demo'
import { soundByHand } from './lib/season-by-hand'

/** What all times are put against: a million sines. */
function baseline(): number {
  const began = performance.now()
  let sum = 0
  for (let turn = 0; turn < 1_000_000; turn++) sum += Math.sin(turn)
  return performance.now() - began + 0 * sum
}
const MILLION_SINES = [baseline(), baseline(), baseline()].sort((a, b) => a - b)[1]!
console.log(`baseline, a million sines: ${MILLION_SINES.toFixed(1)} ms`)

/** Times of the core alone, ms: the first run, the median of later ones, and that against the baseline. */
function bench(name: string, work: () => unknown, turns = 15): void {
  const times = Array.from({ length: turns + 1 }, () => {
    const began = performance.now()
    work()
    return performance.now() - began
  })
  const [first, ...later] = times as [number, ...number[]]
  later.sort((a, b) => a - b)
  const then = later[Math.floor(later.length / 2)]!
  console.log(
    `${name}: first ${first.toFixed(2)}, then ${then.toFixed(3)} ms (${(then / MILLION_SINES).toFixed(2)} × baseline)`,
  )
}

const normals = normalsFor('humid-warm-summer', { latitude: 41, elevation: 450 })
bench('200 simulated seasons', () => simulateSeasons({ normals, latitude: 41 }), 5)
bench(
  'a transplant window over 200 new seasons',
  () =>
    transplantWindow(
      yearsIn(simulateSeasons({ normals, latitude: 41 }), OPEN_GROUND),
      'tomato',
      thermalTraits(USUAL_VINE),
    ),
  5,
)

const years = simulateSeasons({ normals, latitude: 41 })
const model = { latitude: 41, elevation: 450 }
const felt = () => seasonWeathers({ ...years }, model, 'open')
const plans = [
  usualPlan(cultivarOf('slicer'), 'cage', 116),
  usualPlan(cultivarOf('cherry'), 'single-stem', 116),
  usualPlan(cultivarOf('paste', 'determinate'), 'weave', 116),
  usualPlan(cultivarOf('bell', null), 'pepper', 130),
]
bench(
  'weather columns of 200 seasons, both crops',
  () => felt().forEach((weather) => plans.forEach((plan) => simulateSeason({ ...plan, end: 117 }, weather))),
  5,
)
const weathers = felt()
bench(
  '200 seasons × 12 plantings grown',
  () => {
    for (let turn = 0; turn < 3; turn++)
      for (const plan of plans) for (const weather of weathers) simulateSeason(plan, weather)
  },
  5,
)
const byHand = () => plans.map((plan) => weathers.map((weather) => soundByHand(plan, weather)))
for (const [at, sound] of byHand().entries())
  for (const [season, kg] of sound.entries())
    if (Math.abs(simulateSeason(plans[at]!, weathers[season]!).sound - kg) > 1e-9)
      throw new Error('The loop by hand grows another plant than the season model.')
bench(
  'the same in one loop by hand, to hold the model against',
  () => {
    for (let turn = 0; turn < 3; turn++) byHand()
  },
  5,
)
bench(
  'a trial of four ways over 200 seasons',
  () => runTrial({ ways: plans.map((plan, at) => ({ id: String(at), plan })), seasons: weathers }),
  5,
)

const demo = demoGarden()
const today = isoDate('2026-06-18')
const ensemble = simulateSeasons({ normals: demo.normals, latitude: 41 })
const forecast = stationForecast({ normals: demo.normals, latitude: 41, seed: 1 }, today)
const garden = {
  ensemble,
  places: demo.places,
  cultivars: demo.cultivars,
  plantings: demo.plantings,
  entries: demo.log,
  weather: [],
}
bench(
  '200 seasons × 12 plantings dated whole, from nothing',
  () => {
    const twelve = demo.plantings.filter(({ season }) => season === 2026).slice(0, 12)
    const fresh = simulateSeasons({ normals: demo.normals, latitude: 41 })
    return seasonOutlook({ ...garden, plantings: twelve, ensemble: fresh }, today, forecast)
  },
  5,
)
bench('the demo garden dated whole, 18 plantings', () => seasonOutlook(garden, today, forecast))
const outlook = seasonOutlook(garden, today, forecast)
const score = stateOfFile(demo, ensemble)
bench(
  'forecasts of two seasons made again, 22 plantings, 1, 3 and 6 weeks ahead',
  () => {
    const steps = hindcasting(score)
    while (!steps.next().done);
  },
  3,
)
bench('calls of the demo garden', () =>
  callsOf(outlook, {
    id: demo.garden.id,
    plants: demo.plants,
    water: [],
    wetness: 'medium',
    bears: () => 3,
    vigour: () => null,
    house: { feeding: usualFeeding, watering: 'even', flowers: 'worked-out' },
  }),
)

const plant: DepthInput = {
  crop: 'tomato',
  stemHeight: 0.3,
  leafHeights: [0.03, 0.07, 0.1, 0.14, 0.17, 0.21, 0.24, 0.28],
  rootBallDepth: 0.09,
  rootBallWidth: 0.08,
  soilDepth: 0.35,
  soilTemperatures: [
    { depth: 0.05, temperature: 21 },
    { depth: 0.25, temperature: 17 },
  ],
  dailyDegreeDays: 9,
  seasonSlackDays: 40,
}
bench('depth advice with all schools', () => adviseDepth(plant), 200)

const longBed: CapacityInput = {
  length: 30,
  width: 1.2,
  inRow: 0.45,
  betweenRows: 0.5,
  edge: 0.15,
  openSides: ['north', 'south'],
}
bench('a bed of 1.2 × 30 m filled, with what each looser limit gives', () => bedCapacity(longBed), 100)
bench(
  'the same with two drip lines',
  () => bedCapacity({ ...longBed, emitters: { spacing: 0.3, first: 0.15, lines: [0.3, 0.9] } }),
  100,
)
const row: SupportCase = {
  cultivar: { crop: 'tomato', habit: 'determinate' },
  training: 'weave',
  plants: 20,
  spacing: 0.5,
  canopyHeight: 1.1,
  canopyWidth: 0.7,
  gust: 20,
  shelter: 1,
  soil: 'loose',
  wetness: 'low',
  stemLength: 3.4,
}
bench('a row held six ways, as a slider moves', () => adviseSupport({ ...row, system: 'weave' }), 200)
const rows = outlook.plantings.slice(0, 10).map((own, index) => ({
  ...own,
  planting: { ...own.planting, id: `bench-${index}`, count: 50 },
}))
const site = { gust: 20, shelter: 'open', wetness: 'low', weave: 'sectional' } as const
bench('shed totals for 500 plants', () =>
  spreadOver(shortOf(seasonNeeds(rows, [], site, usualFeeding), demo.supplies, 'metric'), 3),
)
const traits = plantTraits(demo.cultivars.find(({ habit }) => habit === 'indeterminate')!)
const season200 = Array.from({ length: 200 }, (_, day) => ({
  degreeDays: 6 + 5 * Math.sin((Math.PI * day) / 200),
  tmin: 15,
  tmax: 26,
}))
bench(
  '500 plants grown through 200 days, nothing cut',
  () => {
    for (let one = 0; one < 500; one++) growPlant(traits, season200, [])
  },
  3,
)
const grownPlant = growPlant(traits, season200, [])
bench(
  'pruning advice for a plant that was never cut',
  () =>
    advisePruning({
      plant: grownPlant,
      system: 'two-stems',
      context: {
        date: today,
        forecast: [],
        wetnessPressure: 'low',
        daysSinceTransplant: 60,
        seasonSlackDays: 40,
        lastUsefulFlower: null,
        supportTop: 1.8,
        dailyDegreeDays: 12,
      },
    }),
  200,
)
const stand = Array.from({ length: 400 }, (_, index) => ({
  id: String(index),
  x: 1 + (index % 20) * 0.9,
  y: 1 + Math.floor(index / 20) * 1.4,
  height: 1.8,
}))
const question = {
  latitude: 41,
  daysOfYear: [172],
  shaders: stand.map((plant): Shader => ({ ...plant, shape: 'cylinder', radius: 0.35, density: 0.85 })),
}
bench(
  'light over 20 × 30 m, 400 plants, 25 cm, a day in steps of 10 min',
  () => lightMap(question, { x: 0, y: 0, length: 20, width: 30, cell: 0.25 }),
  5,
)
bench('light on each of those plants at three heights', () => plantLight(question, stand), 3)

const waterDays = Array.from({ length: 160 }, (_, day) => ({
  et: 4 + Math.sin(day / 20),
  rain: day % 9 === 0 ? 12 : 0,
  irrigation: day % 5 === 0 ? 15 : 0,
  zone: { taw: 90, raw: 36 },
  found: null,
}))
const fedDays = {
  days: 160,
  temperature: waterDays.map(() => 20),
  soil: waterDays.map(() => 0.2),
  demand: waterDays.map(() => 0.5),
  drainage: waterDays.map(({ rain }) => rain / 200),
  applications: [0, 20, 40, 60, 80].map((day) => ({ day, grams: 20, release: 'meal' as const })),
}
bench(
  'season balance and ledger of N, P and K for 60 places',
  () => {
    for (let place = 0; place < 60; place++) {
      waterCourse(waterDays)
      for (const nutrient of ['n', 'p', 'k'] as const) ledger(nutrient, fedDays)
    }
  },
  20,
)
const task = practiceTask(3, 'rescue')
bench(
  'a practised plant of three months judged',
  () => scoreCuts(task.plant, [], task.system, task.context),
  50,
)
