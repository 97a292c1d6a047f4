import { normalsFor, OPEN_GROUND, simulateSeasons, stationForecast } from '../src/core/climate'
import { callsOf } from '../src/core/calls'
import { isoDate } from '../src/core/calendar'
import { seasonOutlook, transplantWindow } from '../src/core/season'
import { adviseDepth, type DepthInput } from '../src/core/transplant'
import { demoGarden } from '../src/data/demo'

/** Times of the core alone, ms: the first run and the median of later ones. */
function bench(name: string, work: () => unknown, turns = 15): void {
  const times = Array.from({ length: turns + 1 }, () => {
    const began = performance.now()
    work()
    return performance.now() - began
  })
  const [first, ...later] = times as [number, ...number[]]
  later.sort((a, b) => a - b)
  console.log(
    `${name}: first ${first.toFixed(2)}, then ${later[Math.floor(later.length / 2)]!.toFixed(3)} ms`,
  )
}

const normals = normalsFor('humid-warm-summer', { latitude: 41, elevation: 450 })
bench('200 simulated seasons', () => simulateSeasons({ normals, latitude: 41 }), 5)
bench(
  'a transplant window over 200 new seasons',
  () =>
    transplantWindow(
      simulateSeasons({ normals, latitude: 41 }),
      'tomato',
      { toFirstFlower: 300, ripening: 560 },
      OPEN_GROUND,
    ),
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
bench('the demo garden dated whole, 18 plantings', () => seasonOutlook(garden, today, forecast))
const outlook = seasonOutlook(garden, today, forecast)
bench('calls of the demo garden', () => callsOf(outlook))

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
