import { Link } from '../../../components/link'
import { SoilReadingForm } from '../../../components/forms/soil-reading-form'
import type { IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { ROOT_DEPTH } from '../../../core/season'
import { sayNumber } from '../../../wording/say'
import { GardenPage } from '../garden-tabs'
import { DayForm } from './day-form'
import { ForecastForm } from './forecast-form'
import type { WeatherLineView, WeatherView } from './queries'
import { StationSwitch } from './station-switch'
import { WeatherChart } from './weather-chart-lazy'

/** The weather record by months: as a chart and a table, by hand, by file, and the soil thermometer. */
export function WeatherScreen({ view, on, query }: { view: WeatherView; on: IsoDate; query: string }) {
  const { month, days, manner } = view
  const at = (to: string) => `/garden/weather${query === '' ? '?' : `${query}&`}month=${to}`
  return (
    <GardenPage at="/garden/weather" title={view.answer} deciding={view.deciding} query={query}>
      <div className="mt-6 grid gap-x-10 gap-y-8 xl:grid-cols-[1fr_24rem]">
        <div className="min-w-0 space-y-6">
          <section aria-label="Record">
            <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
              <h2 className="text-xl font-semibold">{month.name}</h2>
              <span className="flex gap-2">
                <Link className="btn min-h-11 bg-base-100" href={at(month.before)} scroll={false}>
                  The month before
                </Link>
                {month.after && (
                  <Link className="btn min-h-11 bg-base-100" href={at(month.after)} scroll={false}>
                    The month after
                  </Link>
                )}
              </span>
            </div>
            {days.length === 0 ? (
              <p className="text-quiet">
                You have no weather for this month. Import a file, or enter days by hand.
              </p>
            ) : (
              <>
                <WeatherChart
                  days={days.map(({ date, low, high, rain, source }) => ({
                    name: String(Number(date.slice(8))),
                    range: [low, high],
                    rain: rain ?? 0,
                    made: source === 'simulated' || source === 'forecast',
                  }))}
                  manner={manner}
                />
                <DayTable days={days} manner={manner} />
              </>
            )}
          </section>
        </div>
        <div className="space-y-8">
          <section>
            <h2 className="mb-2 text-xl font-semibold">Add weather</h2>
            <p className="flex flex-wrap gap-2">
              <Link className="btn btn-primary min-h-11" href={`/garden/weather/import${query}`}>
                Import a weather file
              </Link>
              <a className="btn min-h-11 bg-base-100" href="/weather.csv" download>
                Record as CSV
              </a>
            </p>
          </section>
          <section>
            <h2 className="mb-2 text-xl font-semibold">Days ahead</h2>
            <ForecastForm key={view.now} now={view.now} foretold={view.foretold} manner={manner} />
          </section>
          <section>
            <h2 className="mb-2 text-xl font-semibold">Enter a day by hand</h2>
            <DayForm on={on <= view.now ? on : view.now} now={view.now} manner={manner} />
          </section>
          <section>
            <h2 className="text-xl font-semibold">Soil thermometer</h2>
            {view.places.length === 0 ? (
              <p className="text-quiet">A reading needs a place. Plan a planting first.</p>
            ) : (
              <SoilReadingForm
                places={view.places}
                depth={ROOT_DEPTH}
                on={on <= view.now ? on : view.now}
                now={view.now}
                manner={manner}
              />
            )}
            <ul className="mt-2 list-disc pl-5 text-quiet" aria-label="Readings">
              {view.readings.map(({ id, text }) => (
                <li key={id}>{text}</li>
              ))}
            </ul>
          </section>
          <StationSwitch station={view.station} />
        </div>
      </div>
    </GardenPage>
  )
}

const SOURCES: Record<WeatherLineView['source'], string> = {
  imported: 'imported',
  entered: 'by hand',
  simulated: 'simulated',
  forecast: 'forecast',
}

function DayTable({ days, manner }: { days: WeatherLineView[]; manner: Manner }) {
  const [degree, depth, speed] = manner.units === 'us' ? ['°F', 'in', 'mph'] : ['°C', 'mm', 'm/s']
  const heads = [
    ['low', degree],
    ['high', degree],
    ['rain', depth],
    ['dew point', degree],
    ['wind', speed],
    ['sun', 'MJ/m²'],
    ['leaves wet', 'h'],
    ['early blight', '0–4'],
  ]
  return (
    <div className="table-room mt-4">
      <table aria-label="Days" className="cards w-full border-collapse text-right">
        <thead className="text-sm text-quiet">
          <tr>
            <th scope="col" className="text-left font-normal">
              day
            </th>
            {heads.map(([name, unit]) => (
              <th key={name} scope="col" className="px-2 font-normal whitespace-nowrap">
                {name}
                <br />
                {unit}
              </th>
            ))}
            <th scope="col" className="pl-3 text-left font-normal">
              from
            </th>
          </tr>
        </thead>
        <tbody>
          {days.map((day) => (
            <tr
              key={day.date}
              data-date={day.date}
              className={`border-t border-base-300 ${day.isAhead ? 'text-quiet' : ''}`}
            >
              <th scope="row" className="py-1 text-left font-normal whitespace-nowrap">
                {day.day}
              </th>
              {[
                day.low,
                day.high,
                day.rain,
                day.dewPoint,
                day.wind,
                day.solar,
                day.wetHours,
                day.earlyBlight,
              ].map((value, index) => (
                <td key={index} data-label={heads[index]!.join(', ')} className="px-2">
                  {value === null ? '–' : sayNumber(value, manner, 2)}
                </td>
              ))}
              <td data-label="from" className="pl-3 text-left leading-tight">
                {SOURCES[day.source]}
                {day.lateBlight && <strong className="block text-sm text-cut">late-blight weather</strong>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
