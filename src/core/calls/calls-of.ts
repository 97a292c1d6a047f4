import type { IsoDate } from '../calendar'
import { indexOf } from '../climate'
import type { AnyEntry, EntrySubject } from '../entry'
import { allPlantings, readingsIn, type PlantingOutlook, type SeasonOutlook } from '../season'
import type { Call, CallGarden, CallKind, Urgency } from './call'
import { feed, water } from './caring'
import { followCases } from './cases'
import { contextOf, type AboutContext, type CallContext } from './context'
import { callEntries } from './entries'
import { clear, cover, lookForFlowers, pick, top } from './growing'
import { paceOf } from './pace'
import { get, harden, lookForLoops, potUp, sow } from './raising'
import { readSoil, setOut } from './setting-out'
import { tend } from './tending'
import { scout, shade, shake, vent } from './upkeep'
import { standingIn } from '../watering'
import { walkingOrder } from './walking-order'

const RANK: Record<Urgency, number> = { tonight: 0, late: 1, today: 2, coming: 3 }

/**
 * What is due in a garden on the outlook's day and in the week after it. What is due, in walking order: all of one place
 * together, there first what is lost by night and what is late; then what is coming by date. Calls that were put off to
 * a later day or declined are left out.
 */
export function callsOf(outlook: SeasonOutlook, garden: CallGarden): Call[] {
  const { counted } = outlook
  const plantings = allPlantings(outlook)
  const isWaiting = waiting(counted, outlook.today)
  const pace = paceOf(counted)
  const places = new Map(plantings.map(({ place }) => [place.id, place]))
  const order = new Map(walkingOrder([...places.values()]).map((id, index) => [id, index]))
  // What the whole garden asks has no place: shade is hung first, and all is looked over last.
  const stopAt = ({ kind, placeId }: Call) =>
    kind === 'shade' ? -1 : kind === 'scout' ? order.size : order.get(placeId)!
  return [
    ...plantings.flatMap((planting) => callsOfPlanting(contextOf(outlook, planting), garden)),
    ...careCalls(outlook, garden),
    ...followCases(outlook, garden),
  ]
    .filter((call): call is Call => call !== null && !isWaiting(call))
    .map((call) => ({ ...call, minutes: call.usualMinutes * pace(call.kind) }))
    .sort(
      (a, b) =>
        Number(a.urgency === 'coming') - Number(b.urgency === 'coming') ||
        (a.urgency === 'coming' ? compare(a.window.from, b.window.from) : 0) ||
        stopAt(a) - stopAt(b) ||
        RANK[a.urgency] - RANK[b.urgency] ||
        (WEIGHT[b.kind] ?? 0) - (WEIGHT[a.kind] ?? 0) ||
        compare(a.window.due, b.window.due) ||
        compare(a.id, b.id),
    )
}

/** What is never made good again goes before the rest of its place. */
const WEIGHT: Partial<Record<CallKind, number>> = { cover: 3, vent: 2, shade: 2, water: 1, 'set-out': 1 }

function callsOfPlanting(context: CallContext, garden: CallGarden): (Call | null)[] {
  const lastReading = readingsIn(context.place, context.season.counted).at(-1)?.date ?? null
  return [
    sow(context),
    get(context),
    lookForLoops(context),
    potUp(context),
    harden(context),
    readSoil({ ...context, lastReading }),
    setOut(context),
    cover(context),
    lookForFlowers(context),
    pick(context),
    top(context, garden),
    clear(context),
    tend(context, garden),
  ]
}

/** What places and the garden ask by their water, feed and weather. */
function careCalls(outlook: SeasonOutlook, garden: CallGarden): (Call | null)[] {
  const about = (subject: EntrySubject, own: PlantingOutlook): AboutContext => ({
    season: outlook,
    today: outlook.today,
    at: indexOf(outlook.line.air, outlook.today),
    subject,
    own,
  })
  // A place that was cleared asks for nothing any more.
  const standing = garden.water.filter((watered) => standingIn(watered).length > 0)
  const planted = { ...garden, water: standing }
  const first = standing[0] && standingIn(standing[0])[0]
  const whole = first && about({ type: 'garden', id: garden.id }, first)
  return [
    ...standing.flatMap((watered) => {
      const context = {
        ...about({ type: 'place', id: watered.place.id }, standingIn(watered)[0]!),
        place: watered.place,
      }
      return [
        water(context, watered, garden),
        feed(context, watered, garden),
        vent(context),
        shake(context, watered),
      ]
    }),
    ...(whole ? [shade(whole, planted), scout(whole, planted)] : []),
  ]
}

const { compare } = new Intl.Collator('en', { numeric: true })

/** Whether a call was declined, or put off to a day that has not come. */
function waiting(entries: readonly AnyEntry[], today: IsoDate): (call: Call) => boolean {
  const declined = new Set(callEntries(entries, 'declined').map(({ data }) => data.call))
  const until = new Map(callEntries(entries, 'put-off').map(({ data }) => [data.call, data.until]))
  return ({ id }) => declined.has(id) || (until.get(id) ?? today) > today
}
