import { TryIt } from '../../../components/try-it'
import { PartHeading } from '../../../components/advice/why'
import { HARDENING_DAYS } from '../../../core/season'
import type { SeasonPart } from './season-part'
import { WayButton } from './way-button'

/** Seeds, trays and room under light. */
export function Needs({ needs }: { needs: NonNullable<SeasonPart['needs']> & { odds: string } }) {
  return (
    <section aria-label="Seeds and trays">
      <PartHeading>Seeds and trays</PartHeading>
      <p className="text-lg font-semibold">{needs.headline}</p>
      <p>{needs.odds}</p>
      <ul className="mt-1 list-disc pl-5">
        {needs.lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  )
}

const MOST_HOURS = 12

/** Hardening off day by day: hours out to scale, and what the weather says of each day. */
export function Hardening({ hardening }: { hardening: SeasonPart['hardening'] }) {
  const { days, done } = hardening
  if (days.length === 0 && done === '') return null
  return (
    <section aria-label="Hardening off">
      <PartHeading>Hardening off, day by day</PartHeading>
      {done && <p className="mb-1 text-quiet">{done}</p>}
      <ol>
        {days.map(({ date, step, hours, where, weather, source, verdict, rests }) => (
          <li
            key={date}
            className={`grid grid-cols-[7.5rem_6.5rem_1fr] items-center gap-x-3 border-t border-base-300 py-1.5 leading-snug max-sm:grid-cols-[6.5rem_1fr] ${rests ? 'bg-(--caution)/60' : ''}`}
          >
            <span>
              {date}
              <span className="block text-sm text-quiet">
                step {step} of {HARDENING_DAYS}
              </span>
            </span>
            <span className="max-sm:hidden" aria-hidden>
              <span className="block h-3 w-full border border-base-300">
                <span className="block h-full bg-leaf" style={{ width: `${(hours / MOST_HOURS) * 100}%` }} />
              </span>
            </span>
            <span>
              <strong className={rests ? 'text-cut' : ''}>{verdict}</strong>: {where.toLowerCase()}
              <span className="block text-sm text-quiet">
                {weather} ({source})
              </span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}

/** How to gain time where the season is short, each with its dates and its odds. */
export function Time({ time }: { time: SeasonPart['time'] }) {
  return (
    <section aria-label="How to gain time">
      <PartHeading>How to gain time</PartHeading>
      <p>The season is short for this cultivar here. Each of these alone helps; see its dates and chances:</p>
      <ul>
        {time.map(({ by, name, how, setOut, ripe, odds }) => (
          <li key={by} className="border-t border-base-300 py-1.5 leading-snug">
            <strong>{name}</strong>
            <span className="text-quiet"> {how}</span>
            <span className="block text-sm">
              out {setOut}; first ripe {ripe}, in <strong>{odds}</strong>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** The same planting raised in each way. */
export function Ways({ id, ways, canChoose }: { id: string; ways: SeasonPart['ways']; canChoose: boolean }) {
  return (
    <section aria-label="Which size to plant">
      <PartHeading>Raised here, sown in place or bought</PartHeading>
      <ul>
        {ways.map(({ way, name, planned, sow, setOut, ripe, effect }) => (
          <li
            key={way}
            className="flex flex-wrap items-center justify-between gap-x-4 border-t border-base-300 py-1.5 leading-snug"
          >
            <span className="min-w-56 flex-1">
              <strong>{name}</strong>
              <span className="text-quiet"> {effect}</span>
              <span className="block text-sm">
                {way !== 'bought' && `sow ${sow}, `}
                {way === 'direct' ? setOut : `plant out ${setOut}`}, first ripe {ripe}
              </span>
            </span>
            {canChoose && !planned && <WayButton id={id} way={way} name={name} />}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-x-6">
        {canChoose && <TryIt planting={id} ask="day" />}
        <TryIt planting={id} ask="cover" />
      </div>
    </section>
  )
}

/** When to open and shut a tunnel, and to shake what flowers in it. */
export function Cover({ cover }: { cover: NonNullable<SeasonPart['cover']> }) {
  return (
    <section aria-label="Under cover">
      <PartHeading>Under cover</PartHeading>
      <p className="text-lg font-semibold">{cover.today}</p>
      <p className="mt-1">
        Shake or tap every open flower cluster once a day, late in the morning. In still air only half the
        flowers set without it.
      </p>
      <ul className="mt-1">
        {cover.days.map(({ date, text }) => (
          <li
            key={date}
            className="grid grid-cols-[7.5rem_1fr] gap-3 border-t border-base-300 py-1 leading-snug"
          >
            <span className="text-quiet">{date}</span>
            <span>{text}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
