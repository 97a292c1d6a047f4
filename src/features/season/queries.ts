import { addDays, daysBetween, monthOf, type IsoDate } from '../../core/calendar'
import { callsOf } from '../../core/calls'
import { dateInSeason } from '../../core/climate'
import type { Manner } from '../../core/facts'
import type { PlantingOutlook, SeasonOutlook, Stage } from '../../core/season'
import { mannerOf } from '../../data/gardens'
import { outlookOn, type GardenState } from '../../data/garden-state'
import { sayCall } from '../../wording/calls'
import { formatDate, monthName } from '../../wording/dates'
import { sayCount } from '../../wording/say'

type SegmentKind = 'raising' | 'hardening' | 'growing' | 'bearing'

/** A planting's season as one lane; days from the axis' start. */
export interface Lane {
  id: string
  href: string
  name: string
  place: string
  segments: { kind: SegmentKind; from: number; to: number }[]
  /** First, middle and last likely day of the first ripe fruit; null: picked already, or not this season. */
  ripe: { from: number; middle: number; to: number } | null
  marks: { stage: 'sow' | 'set-out' | 'first-flower'; day: number; logged: boolean }[]
  text: string
}

export interface SeasonView {
  answer: string
  deciding: string
  next: { text: string; when: string; place: string }[]
  days: number
  today: number
  months: { day: number; name: string }[]
  /** Days in which the last and the first frost fall in eight years of ten; null: no frost. */
  spring: { from: number; to: number } | null
  autumn: { from: number; to: number } | null
  lanes: Lane[]
  newPlantingHref: string
}

const MARGIN = 8

export function seasonView(state: GardenState, on: IsoDate): SeasonView {
  const outlook = outlookOn(state, on)
  const manner = mannerOf(state.garden)
  const [start, end] = axisOf(outlook)
  const day = (date: IsoDate) => daysBetween(start, date)
  const inAxis = (offset: number | null) =>
    offset === null ? null : day(dateInSeason(outlook.start, offset))
  const { lastSpring, firstAutumn } = outlook.frost
  const days = daysBetween(start, end)
  const months = Array.from({ length: days }, (_, index) => addDays(start, index))
    .filter((date) => date.endsWith('-01'))
    .map((date) => ({ day: day(date), name: monthName(monthOf(date)) }))
  const range = (p10: number | null, p90: number | null) => {
    const [from, to] = [inAxis(p10), inAxis(p90)]
    return from === null || to === null ? null : { from: Math.max(0, from), to: Math.min(days, to) }
  }
  const calls = callsOf(outlook)
  return {
    ...answerOf(outlook, manner),
    next: calls.slice(0, 5).map((call) => {
      const { place, cultivar } = outlook.plantings.find(({ planting }) => planting.id === call.plantingId)!
      return {
        text: sayCall(call.advice.answer, manner),
        when: formatDate(call.window.due, manner, 'short'),
        place: `${place.name}, ${cultivar.name}`,
      }
    }),
    days,
    today: day(on),
    months,
    spring: range(lastSpring.p10, lastSpring.p90),
    autumn: range(firstAutumn.p10, firstAutumn.p90),
    lanes: outlook.plantings
      .map((planting) => laneOf(planting, day, days, manner))
      .sort((a, b) => (a.segments[0]?.from ?? 0) - (b.segments[0]?.from ?? 0)),
    newPlantingHref: '/plantings/new',
  }
}

/** From the first sowing, or the spring frosts, to the autumn frosts. */
function axisOf({ plantings, start, frost, today }: SeasonOutlook): [IsoDate, IsoDate] {
  const dates = plantings.flatMap(({ dates }) =>
    (['sow', 'first-ripe'] as Stage[]).flatMap((stage) =>
      dates[stage].date === null ? [] : [dates[stage].date!],
    ),
  )
  const first = [...dates, today, dateInSeason(start, (frost.lastSpring.p10 ?? 90) - 40)].sort()[0]!
  const last = [...dates, today, dateInSeason(start, frost.firstAutumn.p90 ?? 350)].sort().at(-1)!
  return [addDays(first, -MARGIN), addDays(last, MARGIN)]
}

function answerOf(outlook: SeasonOutlook, manner: Manner): Pick<SeasonView, 'answer' | 'deciding'> {
  const ripening = outlook.plantings
    .flatMap(({ dates, cultivar, place }) => {
      const { date, how } = dates['first-ripe']
      return date === null || how === 'logged' || date < outlook.today
        ? []
        : [{ date, name: cultivar.name, place: place.name }]
    })
    .sort((a, b) => (a.date < b.date ? -1 : 1))[0]
  const { p50, p90 } = outlook.frost.firstAutumn
  const say = (offset: number) => formatDate(dateInSeason(outlook.start, offset), manner)
  const spring = outlook.frost.lastSpring
  const frostWords =
    p50 === null
      ? 'In most years no frost ends the season here.'
      : `The last frost comes about ${spring.p50 === null ? 'never' : say(spring.p50)}, the first about ${say(p50)}${p90 === null ? '' : ` (by ${say(p90)} in nine years of ten)`}.`
  if (!ripening)
    return {
      answer:
        outlook.plantings.length === 0
          ? 'Nothing is planned yet'
          : `${sayCount(outlook.plantings.length, 'planting')} this season`,
      deciding: frostWords,
    }
  return {
    answer: `Next to ripen: ${ripening.name} in ${ripening.place}, about ${formatDate(ripening.date, manner)}`,
    deciding: frostWords,
  }
}

function laneOf(
  { planting, cultivar, place, dates }: PlantingOutlook,
  day: (date: IsoDate) => number,
  days: number,
  manner: Manner,
): Lane {
  const at = (stage: Stage) =>
    dates[stage].date === null ? null : Math.min(days, Math.max(0, day(dates[stage].date!)))
  const end = at('end') ?? days
  const segments: Lane['segments'] = []
  const add = (kind: SegmentKind, from: number | null, to: number | null) => {
    if (from !== null && to !== null && to > from) segments.push({ kind, from, to })
  }
  add('raising', at('sow'), at('harden') ?? at('set-out'))
  add('hardening', at('harden'), at('set-out'))
  add('growing', at('set-out'), at('first-ripe') ?? end)
  add('bearing', at('first-ripe'), end)
  const spread = dates['first-ripe'].spread
  const ripe =
    spread?.p10 && spread.p90 && dates['first-ripe'].date && dates['first-ripe'].how !== 'logged'
      ? { from: day(spread.p10), middle: day(dates['first-ripe'].date), to: day(spread.p90) }
      : null
  const say = (stage: Stage) =>
    dates[stage].date === null ? 'not this season' : formatDate(dates[stage].date!, manner)
  return {
    id: planting.id,
    href: `/plantings/${planting.id}`,
    name: `${cultivar.name} × ${planting.count}`,
    place: place.name,
    segments,
    ripe,
    marks: (['sow', 'set-out', 'first-flower'] as const).flatMap((stage) => {
      const where = at(stage)
      return where === null ? [] : [{ stage, day: where, logged: dates[stage].how === 'logged' }]
    }),
    text: `sow ${say('sow')}, set out ${say('set-out')}, first flower ${say('first-flower')}, first ripe ${say('first-ripe')}`,
  }
}
