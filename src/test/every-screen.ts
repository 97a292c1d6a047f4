import type { Day } from '../data/garden-state'
import { NOTHING } from '../core/led-season'
import { hindcasting } from '../core/score'
import { effectsOf } from '../features/almanac/effects'
import { scoreView } from '../features/almanac/score/queries'
import { workedValues } from '../features/almanac/values'
import { basketView } from '../features/basket/queries'
import { nextView } from '../features/basket/next-queries'
import { reviewView } from '../features/basket/review-queries'
import { feedView } from '../features/bench/feed/queries'
import { mixView } from '../features/bench/mix/queries'
import { timerCalendar, timerJson } from '../features/bench/water/timer-files'
import { waterView } from '../features/bench/water/queries'
import { casesView } from '../features/clinic/case-queries'
import { clinicView } from '../features/clinic/queries'
import { watchView } from '../features/clinic/watch-queries'
import { ribbonOf } from '../features/frame/queries'
import { gardenView } from '../features/garden/queries'
import { groundGeoJson, groundSvg } from '../features/ground/files/files'
import { plantLabels, planPaper, positionsCsv } from '../features/ground/papers/paper-queries'
import { placeView } from '../features/ground/place/queries'
import { howManyView, potsView } from '../features/ground/place/plan-queries'
import { groundView } from '../features/ground/queries'
import { filterOf } from '../features/logbook/filter'
import { logCsv } from '../features/logbook/log-csv'
import { logbookView } from '../features/logbook/queries'
import { plantViewOf } from '../features/plant/queries'
import { dayPlanOf } from '../features/plantings/day-plan/queries'
import { plantingDayOf } from '../features/plantings/planting-day/queries'
import { choicesOf } from '../features/plantings/new-planting/choices'
import { plantingView } from '../features/plantings/queries'
import { supportViewOf } from '../features/plantings/support/queries'
import { practiceView } from '../features/practice/queries'
import { ledRun } from '../features/practice/season/led-run'
import { seasonPracticeView } from '../features/practice/season/queries'
import { calendarFile } from '../features/season/calendar-file'
import { seasonView } from '../features/season/queries'
import { seasonCsv } from '../features/season/season-csv'
import { buyingCsv } from '../features/shed/buying-csv'
import { shedView } from '../features/shed/queries'
import { orderViewOf } from '../features/walk/order/queries'
import { trialSky, trialsView } from '../features/trials/queries'
import { roundOf } from '../features/walk/queries'

/** A season led through as nobody would: everything at once, then nothing. */
function ledToTheEnd(day: Day): unknown {
  const { site } = seasonPracticeView(day)
  if (!site) return null
  const all = { water: 'daily', prune: true, tie: true, feed: true, pick: true, cover: true } as const
  const acts = [all, NOTHING, all, NOTHING, NOTHING, all]
  return acts.map((_, at) => ledRun(site, { length: 'short', seed: 1, acts: acts.slice(0, at + 1) }))
}

function finished<Value>(steps: Generator<unknown, Value>): Value {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

const STAMP = new Date('2026-06-18T12:00:00Z')

/** What every screen and file asks of a garden on a day, by its address. */
export const EVERY_SCREEN: Record<string, (day: Day) => unknown> = {
  frame: ({ state }) => ribbonOf(state),
  '/walk': roundOf,
  '/walk/order': (day) => orderViewOf(day, []),
  '/season': seasonView,
  '/season.csv': ({ state }) => seasonCsv(state),
  '/calendar.ics': ({ state }) => calendarFile(state, STAMP),
  '/ground': groundView,
  '/ground/how-many': howManyView,
  '/ground/pots': potsView,
  '/ground.svg': ({ state }) => groundSvg(state),
  '/ground.geojson': ({ state }) => groundGeoJson(state),
  '/ground/papers/plan': planPaper,
  '/ground/papers/labels': (day) => plantLabels(day, 'http://localhost'),
  '/positions.csv': positionsCsv,
  '/ground/[place]': (day) => day.state.record.places.map(({ id }) => placeView(day, id)),
  '/bench/water': waterView,
  '/bench/feed': (day) => day.state.record.places.map(({ id }) => feedView(day, id)),
  '/bench/mix': mixView,
  '/timer.json': ({ state }) => timerJson(state),
  '/timer.ics': ({ state }) => timerCalendar(state, STAMP),
  '/shed': shedView,
  '/buying.csv': ({ state }) => buyingCsv(state),
  '/clinic': (day) => clinicView(day, {}),
  '/clinic/cases': casesView,
  '/clinic/watch': watchView,
  '/basket': basketView,
  '/season/next': nextView,
  '/basket/review': (day) => reviewView(day, undefined),
  '/trials': (day) => trialsView(day, {}),
  '/trials/weather': (day) => trialSky(day, day.state.record.plantings[0]?.id ?? null),
  '/practice': ({ state }) => practiceView(state),
  '/practice/season': ledToTheEnd,
  '/almanac': workedValues,
  '/almanac (ways)': effectsOf,
  '/almanac/score': (day) => scoreView(day, finished(hindcasting(day.state))),
  '/logbook': ({ state }) => logbookView(state, filterOf({}, state), 1),
  '/log.csv': ({ state }) => logCsv(state, null),
  '/garden': gardenView,
  '/planting-day': dayPlanOf,
  '/plantings/new': ({ state }) => choicesOf(state),
  '/plantings/[id]': (day) => day.state.record.plantings.map(({ id }) => plantingView(day, id)),
  '/plantings/[id]/set-out': (day) => day.state.record.plantings.map(({ id }) => plantingDayOf(day, id)),
  '/plantings/[id]/support': (day) => day.state.record.plantings.map(({ id }) => supportViewOf(day, id)),
  '/plants/[id]': (day) => day.state.plants.slice(0, 4).map(({ id }) => plantViewOf(day, id)),
}
