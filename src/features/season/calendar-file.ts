import type { Call } from '../../core/calls'
import { REMINDED, type Reminded, type Reminders } from '../../core/facts'
import { dayOf } from '../../core/garden-day'
import ical, { ICalAlarmRelatesTo, ICalAlarmType, ICalEventTransparency } from 'ical-generator'
import { addDays, type IsoDate } from '../../core/calendar'
import { allPlantings, raisingNeeds, seedsInPlace, type PlantingOutlook, type Stage } from '../../core/season'
import type { GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/garden-row'
import { formatDate } from '../../wording/dates'
import { sayReminder, sayRound } from '../../wording/round'
import { sayCount } from '../../wording/say'
import { STAGE_NAMES } from '../../wording/stages'

/** Stages that stand in a calendar: what is to be done, and what is looked forward to. */
const SHOWN = [
  'sow',
  'pot-up',
  'harden',
  'set-out',
  'first-flower',
  'first-green',
  'first-ripe',
  'top',
  'end',
] as const satisfies readonly Stage[]

/** What a calendar reminds of reaches so many days ahead. */
const DAYS_AHEAD = 7
const NO_REMINDERS: Reminders = { frost: null, water: null, round: null }

/**
 * The season as an iCalendar file: an all-day event for each stage of each planting, and one with an alarm for each day
 * of which it is to remind. A stage keeps its UID when its date moves, so that a calendar that reads it again moves the
 * event.
 *
 * @param at when it is written
 */
export function calendarFile(state: GardenState, at: Date, reminders: Reminders = NO_REMINDERS): string {
  const { garden, now } = state
  const calendar = ical({
    name: garden.name,
    prodId: { company: 'Prairie', product: 'season', language: 'EN' },
    // All its events are whole days: the zone is only for what a calendar adds of its own.
    x: { 'X-WR-TIMEZONE': garden.timeZone },
    ttl: 6 * 3600,
  })
  for (const own of allPlantings(dayOf(state, now).outlook))
    for (const stage of SHOWN) {
      const { date, how } = own.dates[stage]
      if (date === null) continue
      calendar.createEvent({
        id: `${own.planting.id}.${stage}@prairie`,
        start: midday(date),
        end: midday(addDays(date, 1)),
        allDay: true,
        stamp: at,
        summary: `${STAGE_NAMES[stage]}: ${own.cultivar.name}, ${own.place.name}${how === 'logged' ? ' (done)' : ''}`,
        description: describe(state, own, stage),
        transparency: ICalEventTransparency.TRANSPARENT,
      })
    }
  for (const { what, date, hour, summary } of remindersOf(state, reminders))
    calendar
      .createEvent({
        id: `${garden.id}.${what}.${date}@prairie`,
        start: midday(date),
        end: midday(addDays(date, 1)),
        allDay: true,
        stamp: at,
        summary,
        transparency: ICalEventTransparency.TRANSPARENT,
      })
      // Counted from the beginning of the day, as the calendar that shows it has its days.
      .createAlarm({ type: ICalAlarmType.display, triggerAfter: hour * 3600, description: summary })
      .relatesTo(ICalAlarmRelatesTo.start)
  return calendar.toString()
}

/** Of what is reminded on the days ahead, as they look now. */
function remindersOf(
  state: GardenState,
  reminders: Reminders,
): { what: Reminded; date: IsoDate; hour: number; summary: string }[] {
  const asked = REMINDED.flatMap((what) => {
    const hour = reminders[what]
    return hour === null ? [] : [{ what, hour }]
  })
  if (asked.length === 0) return []
  const places = new Map(state.record.places.map(({ id, name }) => [id, name]))
  return Array.from({ length: DAYS_AHEAD }, (_, ahead) => addDays(state.now, ahead)).flatMap((date) => {
    const due = dayOf(state, date).calls.filter(({ urgency }) => urgency !== 'coming')
    const names = (kind: Call['kind']) => [
      ...new Set(due.flatMap((call) => (call.kind === kind ? (places.get(call.placeId) ?? []) : []))),
    ]
    const said: Record<Reminded, string> = {
      frost: sayReminder('Cover before tonight', names('cover')),
      water: sayReminder('Water', names('water')),
      round:
        due.length === 0
          ? ''
          : sayRound(
              due.length,
              due.reduce((sum, { minutes }) => sum + minutes, 0),
            ),
    }
    return asked.flatMap(({ what, hour }) =>
      said[what] === '' ? [] : [{ what, hour, date, summary: said[what] }],
    )
  })
}

/** An all-day event wants the day itself, wherever the server stands: its middle is in no other day. */
const midday = (date: IsoDate) => `${date}T12:00:00.000Z`

function describe({ garden }: GardenState, { planting, dates }: PlantingOutlook, stage: Stage): string {
  const manner = mannerOf(garden)
  const { spread } = dates[stage]
  const odds =
    spread?.p10 && spread.p90 && spread.p10 !== spread.p90
      ? `8 years in 10, from ${formatDate(spread.p10, manner)} to ${formatDate(spread.p90, manner)}.`
      : ''
  if (stage !== 'sow' || planting.raising === 'bought')
    return [sayCount(planting.count, 'plant') + '.', odds].join(' ').trim()
  const seeds =
    planting.raising === 'direct' ? seedsInPlace(planting) : raisingNeeds(planting, planting.raising).seeds
  return `${sayCount(seeds, 'seed')} for ${sayCount(planting.count, 'plant')}. ${odds}`.trim()
}
