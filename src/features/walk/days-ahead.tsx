import { Link } from '../../components/link'
import type { DayAhead } from './types'

/** The coming days, and what they change. */
export function DaysAhead({ days }: { days: readonly DayAhead[] }) {
  return (
    <div className="mb-4 border-b border-base-300 pb-2">
      <ol aria-label="The coming days" className="grid grid-cols-7 max-sm:grid-cols-4">
        {days.map(({ date, name, high, low, note, usual }, index) => (
          <li
            key={date}
            className={`px-2 text-sm leading-snug ${index > 3 ? 'max-sm:hidden' : ''} ${index === 0 ? 'pl-0' : 'border-l border-base-300'} ${usual ? 'text-quiet' : ''}`}
          >
            <span className="font-semibold">{name}</span>
            <br />
            <span className="text-base font-semibold whitespace-nowrap">{high}</span>
            <br />
            <span className="whitespace-nowrap text-frost">{low}</span>
            <br />
            <span className={/mm|in$/.test(note) ? 'text-water' : 'text-quiet'}>{note || '\u00a0'}</span>
          </li>
        ))}
      </ol>
      {days.some(({ isMadeUp }) => isMadeUp) && (
        <p className="mt-1 text-sm text-quiet">
          Simulated weather.{' '}
          <Link className="link" href="/garden/weather">
            Add a forecast
          </Link>
        </p>
      )}
    </div>
  )
}
