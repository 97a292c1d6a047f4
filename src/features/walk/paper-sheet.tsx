import { PrintFrame } from '../../components/print-frame'
import { formatDate } from '../../wording/dates'
import type { Round, Stop } from './types'

const CELL = 'py-1.5 pr-3 align-top'

/** The round on paper: a box to tick at each stop, and room for a number. */
export function PaperSheet({ round, paper }: { round: Round; paper: 'a4' | 'letter' }) {
  const { on, now, manner, heading, carry, weather, stops } = round
  return (
    <PrintFrame
      title="Today’s round on paper"
      back={{ href: on === now ? '/walk' : `/walk?on=${on}`, label: 'Walk' }}
      hint="Tick off jobs on the printout, then record them under Enter from paper."
      paper={paper}
      landscape={false}
      margin={12}
    >
      <p style={{ fontSize: '14pt' }}>
        <strong>{formatDate(on, manner, 'full')}</strong>: {heading.toLowerCase()}
      </p>
      <p style={{ fontSize: '10.5pt' }}>
        {carry}
        {weather && <strong> {weather}</strong>}
      </p>
      <table className="mt-2 w-full border-collapse" style={{ fontSize: '10pt' }}>
        <thead className="text-left">
          <tr>
            {['done', 'place', 'what', 'actual amount, or reason skipped'].map((heading) => (
              <th key={heading} scope="col" className="py-1 pr-3 font-normal">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {stops.map((stop, index) => (
            <tr key={stop.call} className="break-inside-avoid border-t border-black">
              <td className={`${CELL} whitespace-nowrap`}>
                <span aria-hidden className="mr-2 inline-block h-4 w-4 border border-black align-middle" />
                {index + 1}
              </td>
              <th scope="row" className={`${CELL} text-left`}>
                {stop.place}
                <span className="block font-normal">{stop.cultivar}</span>
              </th>
              <td className={CELL}>
                {stop.title}
                <span className="block">
                  {stop.when}, {stop.minutes}
                  {stop.weather && `, ${stop.weather.text}`}
                </span>
                {stop.act.type === 'tend' &&
                  stop.act.alike.map(({ plants }) => (
                    <span key={plants[0]!.id} className="block">
                      {plants.map(({ label }) => label).join(', ')}: {plants[0]!.each}
                    </span>
                  ))}
              </td>
              <td className="w-[28%] align-bottom" style={{ fontSize: '9pt' }}>
                {writtenIn(stop)}
                <span aria-hidden className="mb-1 block h-4 border-b border-dotted border-black" />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </PrintFrame>
  )
}

/** What is written beside a stop. */
function writtenIn({ act }: Stop): string {
  if (act.type === 'tend') return 'Plants left out'
  return act.type === 'open' ? '' : (act.fields[0]?.label ?? '')
}
