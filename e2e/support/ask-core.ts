import { indexOf } from '../../src/core/climate'
import { judgeSetOut } from '../../src/core/season'
import { closeDatabase } from '../../src/data/database'
import { dayOf } from '../../src/core/garden-day'
import { loadGarden } from '../../src/data/garden-state'
import { mannerOf } from '../../src/data/garden-row'
import { formatDate } from '../../src/wording/dates'
import { sayReason } from '../../src/wording/say-reason'

/** What the core itself answers for a planting of a database, to hold the screens to. */
const state = (await loadGarden())!
const outlook = dayOf(state, state.now).outlook
const { cultivar, dates, soil } = outlook.plantings.find(({ planting }) => planting.id === process.argv[2])!
const verdict = judgeSetOut(outlook.line, soil, cultivar.crop, indexOf(outlook.line.air, state.now))
const manner = mannerOf(state.garden)
console.log(
  JSON.stringify({
    reasons: verdict.reasons.map((reason) => sayReason(reason, manner)),
    suits: formatDate(verdict.answer.suits!, manner),
    firstFlower: formatDate(dates['first-flower'].date!, manner),
    firstRipe: formatDate(dates['first-ripe'].date!, manner),
  }),
)
await closeDatabase()
