import type { Manner } from '../../core/facts'
import { monthName } from '../../wording/dates'
import { saySeasonOf } from '../../wording/first-dates'
import { capital } from '../../wording/names'
import { bandsOf, type Band, type FirstSeasonDates } from './first-season-bands'

const across = ({ left, width }: Band) => ({ left: `${left}%`, width: `${width}%` })

/** The season to come on one axis: when each crop stands under cover, when it can go out, and when frost is about. */
export function FirstSeason({ dates, manner }: { dates: FirstSeasonDates; manner: Manner }) {
  const bands = bandsOf(dates)
  if (!bands) return null
  return (
    <figure className="my-4">
      <div
        role="img"
        aria-label={bands.crops.map((one) => saySeasonOf(one.dates, manner)).join(' ')}
        className="border-t border-base-300"
      >
        <div className="ml-20 flex" aria-hidden>
          {bands.months.map(({ month, width }) => (
            <span
              key={month}
              className="border-l border-base-300 py-0.5 pl-1 text-sm text-quiet"
              style={{ width: `${width}%` }}
            >
              <span className="max-sm:hidden">{monthName(month)}</span>
              <span className="sm:hidden">{monthName(month).charAt(0)}</span>
            </span>
          ))}
        </div>
        {bands.crops.map(({ dates: { crop }, raised, out }) => (
          <div key={crop} aria-hidden className="flex items-center border-t border-base-300 py-1">
            <span className="w-20 shrink-0 font-semibold">{capital(crop)}</span>
            <span className="relative h-8 grow">
              {bands.frost.map((frost) => (
                <span key={frost.left} className="frost-band absolute inset-y-0" style={across(frost)} />
              ))}
              <span className="absolute inset-y-2 lane-raised" style={across(raised)} />
              {out ? (
                <span className="absolute inset-y-1 lane-out" style={across(out)} />
              ) : (
                <span
                  className="absolute inset-y-1 pl-2 text-sm"
                  style={{ left: `${raised.left + raised.width}%` }}
                >
                  too short a season
                </span>
              )}
            </span>
          </div>
        ))}
      </div>
      <figcaption className="flex flex-wrap gap-x-5 gap-y-1 border-t border-base-300 pt-1 text-sm text-quiet">
        <span className="inline-flex items-center gap-2">
          <span aria-hidden className="inline-block h-3 w-6 lane-raised" /> sown, under cover
        </span>
        <span className="inline-flex items-center gap-2">
          <span aria-hidden className="inline-block h-4 w-6 lane-out" /> plant out between
        </span>
        <span className="inline-flex items-center gap-2">
          <span aria-hidden className="frost-band inline-block h-4 w-6" /> frost in half the years
        </span>
      </figcaption>
    </figure>
  )
}
