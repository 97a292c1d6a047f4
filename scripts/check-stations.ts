import { againstNeighbours } from '../src/core/climate/stations'

/** Lists the stations that their neighbours tell differently: places of their own kind, or mistakes in the table. */
const MOST = Number(process.argv[2] ?? 40)
const checked = againstNeighbours()
const worst = checked.map(({ over }) => Math.max(...over.map(Math.abs)))
const at = (share: number) => worst[Math.floor(worst.length * (1 - share))]!.toFixed(2)
console.log(
  `${checked.length} stations; the worst of four months is ${at(0.5)} °C off in the middle, ${at(0.9)} in nine of ten.`,
)
console.log(
  'station, °C over its neighbours in January, April, July, October; rain of the year as a share of theirs',
)
for (const { station, over, rain } of checked.slice(0, MOST))
  console.log(`${station.name}: ${over.map((value) => value.toFixed(1)).join(', ')}; ${rain.toFixed(2)}`)
console.log('Rain three times theirs, or a third:')
for (const { station, rain } of checked)
  if (rain > 3 || rain < 1 / 3) console.log(`${station.name}: ${rain.toFixed(2)}`)
