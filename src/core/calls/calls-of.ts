import type { IsoDate } from '../calendar'
import { ofKind, type LogEntry } from '../facts'
import { readingsIn, type SeasonOutlook } from '../season'
import type { Call, Urgency } from './call'
import { contextOf } from './context'
import { clear, cover, lookForFlowers, pick, top } from './growing'
import { harden, lookForLoops, potUp, sow } from './raising'
import { readSoil, setOut } from './setting-out'

const RANK: Record<Urgency, number> = { tonight: 0, late: 1, today: 2, coming: 3 }

/**
 * What is due in a garden on the outlook's day and in the week after it. First what is lost by night, then
 * what is late, then today's by place, then what is coming by date. Calls that were put off to a later day or
 * declined are left out.
 */
export function callsOf(outlook: SeasonOutlook): Call[] {
  const { counted } = outlook
  const isWaiting = waiting(counted, outlook.today)
  const placeOrder = new Map(outlook.plantings.map(({ place }) => [place.id, place.name]))
  return outlook.plantings
    .flatMap((planting) => {
      const context = contextOf(outlook, planting)
      const lastReading = readingsIn(planting.place, counted).at(-1)?.date ?? null
      return [
        sow(context),
        lookForLoops(context),
        potUp(context),
        harden(context),
        readSoil({ ...context, lastReading }),
        setOut(context),
        cover(context),
        lookForFlowers(context),
        pick(context),
        top(context),
        clear(context),
      ]
    })
    .filter((call): call is Call => call !== null && !isWaiting(call))
    .sort(
      (a, b) =>
        RANK[a.urgency] - RANK[b.urgency] ||
        (a.urgency === 'coming' ? compare(a.window.from, b.window.from) : 0) ||
        compare(placeOrder.get(a.placeId)!, placeOrder.get(b.placeId)!) ||
        compare(a.window.due, b.window.due) ||
        compare(a.id, b.id),
    )
}

const { compare } = new Intl.Collator('en', { numeric: true })

/** Whether a call was declined, or put off to a day that has not come. */
function waiting(entries: readonly LogEntry[], today: IsoDate): (call: Call) => boolean {
  const declined = new Set(ofKind(entries, 'declined').map(({ data }) => data.call))
  const until = new Map(ofKind(entries, 'put-off').map(({ data }) => [data.call, data.until]))
  return ({ id }) => declined.has(id) || (until.get(id) ?? today) > today
}
