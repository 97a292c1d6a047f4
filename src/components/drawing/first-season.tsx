import {
  addDays,
  addMonths,
  daysBetween,
  earlierOf,
  laterOf,
  monthOf,
  type IsoDate,
} from '../../core/calendar'
import type { Manner } from '../../core/facts'
import type { FirstDates } from '../../core/season'
import { formatDate, monthName } from '../../wording/dates'
import { capital } from '../../wording/names'

type CropDates = FirstDates['crops'][number]
type Known = CropDates & { sow: IsoDate; opens: IsoDate }

/** What a season without plantings would look like. */
export interface FirstSeasonDates {
  crops: readonly CropDates[]
  /** In the middle year; null: none. */
  lastFrost: IsoDate | null
  firstFrost: IsoDate | null
}

/** Days of warm season shown after a window that no frost ends. */
const WITHOUT_FROST = 120

/** The season to come on one axis: when each crop stands under cover, when it can go out, and when frost is about. */
export function FirstSeason({ dates, manner }: { dates: FirstSeasonDates; manner: Manner }) {
  const known = dates.crops.filter((one): one is Known => one.sow !== null && one.opens !== null)
  if (known.length === 0) return null
  const first = known.map(({ sow }) => sow).reduce(earlierOf)
  const last = known
    .map(({ opens, closes }) => laterOf(opens, closes ?? dates.firstFrost ?? addDays(opens, WITHOUT_FROST)))
    .concat(dates.firstFrost ?? [])
    .reduce(laterOf)
  const from = `${first.slice(0, 8)}01` as IsoDate
  const months = Array.from({ length: 12 }, (_, month) => addMonths(from, month)).filter((day) => day <= last)
  const days = daysBetween(from, addMonths(from, months.length))
  const at = (date: IsoDate) => Math.min(100, Math.max(0, (100 * daysBetween(from, date)) / days))
  const band = (begin: IsoDate, end: IsoDate) => ({ left: `${at(begin)}%`, width: `${at(end) - at(begin)}%` })
  const end = addDays(from, days)
  return (
    <figure className="my-4">
      <div
        role="img"
        aria-label={known.map((one) => said(one, manner)).join(' ')}
        className="border-t border-base-300"
      >
        <div className="ml-20 flex" aria-hidden>
          {months.map((day) => (
            <span
              key={day}
              className="border-l border-base-300 py-0.5 pl-1 text-sm text-quiet"
              style={{ width: `${(100 * daysBetween(day, addMonths(day, 1))) / days}%` }}
            >
              <span className="max-sm:hidden">{monthName(monthOf(day))}</span>
              <span className="sm:hidden">{monthName(monthOf(day)).charAt(0)}</span>
            </span>
          ))}
        </div>
        {known.map(({ crop, sow, opens, closes, isShort }) => (
          <div key={crop} aria-hidden className="flex items-center border-t border-base-300 py-1">
            <span className="w-20 shrink-0 font-semibold">{capital(crop)}</span>
            <span className="relative h-8 grow">
              {dates.lastFrost && (
                <span className="frost-band absolute inset-y-0" style={band(from, dates.lastFrost)} />
              )}
              {dates.firstFrost && (
                <span className="frost-band absolute inset-y-0" style={band(dates.firstFrost, end)} />
              )}
              <span className="absolute inset-y-2 bg-(--leaf-young)" style={band(sow, opens)} />
              {isShort ? (
                <span className="absolute inset-y-1 pl-2 text-sm" style={{ left: `${at(opens)}%` }}>
                  too short a season
                </span>
              ) : (
                <span
                  className="absolute inset-y-1 bg-leaf"
                  style={band(opens, closes ?? dates.firstFrost ?? end)}
                />
              )}
            </span>
          </div>
        ))}
      </div>
      <figcaption className="flex flex-wrap gap-x-5 gap-y-1 border-t border-base-300 pt-1 text-sm text-quiet">
        <span className="inline-flex items-center gap-2">
          <span aria-hidden className="inline-block h-3 w-6 bg-(--leaf-young)" /> sown, under cover
        </span>
        <span className="inline-flex items-center gap-2">
          <span aria-hidden className="inline-block h-4 w-6 bg-leaf" /> plant out between
        </span>
        <span className="inline-flex items-center gap-2">
          <span aria-hidden className="frost-band inline-block h-4 w-6" /> frost in half the years
        </span>
      </figcaption>
    </figure>
  )
}

const said = ({ crop, sow, opens, closes, isShort }: Known, manner: Manner) =>
  `${capital(crop)}: under cover from ${formatDate(sow, manner)}, planted out from ${formatDate(opens, manner)}${closes ? ` to ${formatDate(closes, manner)}` : ''}${isShort ? ', too short a season' : ''}.`
