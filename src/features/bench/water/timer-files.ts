import { dayOf } from '../../../core/garden-day'
import ical from 'ical-generator'
import { addDays, type IsoDate } from '../../../core/calendar'
import { soakingOf, timerProgramme } from '../../../core/watering'
import type { GardenState } from '../../../data/garden-state'
import { mannerOf } from '../../../data/garden-row'
import { sayMeasure } from '../../../wording/say'
import { drippedPlaces } from './queries'

/** A run of a place's tap timer: minutes from a time of the garden's own day on. */
interface Run {
  place: string
  placeId: string
  date: IsoDate
  start: string
  minutes: number
  litres: number
  /** L/h. */
  flowAnEmitter: number
}

/** Early, when leaves dry soon and the least is lost: min of the day. */
const START = 6 * 60
const DAY = 24 * 60

const clockTime = (minutes: number) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`

function runsOf(state: GardenState): Run[] {
  return drippedPlaces(dayOf(state, state.now)).flatMap(({ place, water, drip }) =>
    timerProgramme(water.depletion, water.ahead, { area: water.course.area, ...drip }).flatMap(
      ({ inDays, minutes, litres }) => {
        // Where the ground takes it in slowly, it comes in turns.
        const turns = soakingOf(place, water.course, litres).drip ?? { runs: 1, minutes, pause: 0 }
        const each = Math.max(1, Math.round(turns.minutes))
        return Array.from({ length: turns.runs }, (_, run) => {
          const from = START + run * (each + Math.ceil(turns.pause))
          return {
            place: place.name,
            placeId: place.id,
            date: addDays(state.now, inDays + 1 + Math.floor(from / DAY)),
            start: clockTime(from % DAY),
            minutes: each,
            litres: Math.round((litres / turns.runs) * 10) / 10,
            flowAnEmitter: drip.flow,
          }
        })
      },
    ),
  )
}

/** The coming two weeks' runs of every place with drip lines, as JSON; see docs/devices.md. */
export const timerJson = (state: GardenState): string =>
  JSON.stringify(
    {
      format: 'prairie-timer',
      version: 2,
      timeZone: state.garden.timeZone,
      runs: runsOf(state).map(({ placeId: _, ...run }) => run),
    },
    null,
    2,
  )

/** The same as an iCalendar file. */
export function timerCalendar(state: GardenState, at: Date): string {
  const calendar = ical({
    name: `${state.garden.name}: tap timer`,
    prodId: { company: 'Prairie', product: 'timer', language: 'EN' },
  })
  const manner = mannerOf(state.garden)
  for (const { place, placeId, date, start, minutes, litres } of runsOf(state)) {
    const [hour, minute] = start.split(':').map(Number) as [number, number]
    const end = hour * 60 + minute + minutes
    // Times without a zone: the garden's own clock, wherever it is read.
    const moment = (total: number) => `${date}T${clockTime(total % DAY)}:00`
    calendar.createEvent({
      id: `${placeId}.${date}.${start.replace(':', '')}@prairie-timer`,
      floating: true,
      start: moment(hour * 60 + minute),
      end: moment(Math.min(end, 23 * 60 + 59)),
      stamp: at,
      summary:
        `Drip ${place}: ${minutes} min, ${sayMeasure({ kind: 'volume', value: litres }, manner)}`.replaceAll(
          '\u00a0',
          ' ',
        ),
    })
  }
  return calendar.toString()
}
