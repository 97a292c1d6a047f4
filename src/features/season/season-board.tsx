'use client'

import { useChange } from '../../components/act/use-change'
import { daysBetween } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { SET_OUT_LIMITS } from '../../core/crop'
import type { PlantingDates, Stage } from '../../core/season'
import { formatDate } from '../../wording/dates'
import { sayCount, sayTemperature, sayOdds } from '../../wording/say'
import { moveSowing } from './actions'
import { LaneBackdrop, WeatherBand } from './backdrop'
import { Glyph } from './glyphs'
import { FILL, LaneRow } from './lane-row'
import type { LanePlanting } from './lane-plantings'
import type { SeasonView } from './queries'
import { useDates } from './use-dates'

/** All plantings on one axis, over what the weather usually does; sowing dates can be moved. */
export function SeasonBoard({ view, query }: { view: SeasonView; query: string }) {
  const { axis, backdrop, manner, plantings, kit } = view
  const { moved, dates, hasOdds, progress, move, stop, clear } = useDates(kit)
  const left = (day: number) => `${(day / axis.days) * 100}%`
  return (
    <figure className="mt-5" aria-label="The season">
      <div className="grid grid-cols-[13rem_1fr] max-sm:grid-cols-[7rem_1fr]">
        <div />
        <div>
          <div className="relative h-5 text-sm text-quiet">
            {backdrop.months.map(({ day, name }, index) => (
              <span
                key={name + day}
                className={`absolute pl-1 ${index % 2 === 1 ? 'max-sm:hidden' : ''}`}
                style={{ left: left(day) }}
              >
                {name}
              </span>
            ))}
          </div>
          <WeatherBand backdrop={backdrop} manner={manner} />
        </div>
      </div>
      <div className="relative">
        <div className="absolute inset-y-0 right-0 left-52 max-sm:left-28">
          <LaneBackdrop backdrop={backdrop} today={view.today} />
        </div>
        <ol aria-label="Plantings" className="relative">
          {plantings.map((planting) => {
            const isMoved = moved?.planting.id === planting.id
            return (
              <LaneRow
                key={planting.id}
                planting={planting}
                dates={isMoved && dates ? dates : planting.dates}
                axis={axis}
                manner={manner}
                query={query}
                moved={isMoved}
                onMove={move}
              />
            )
          })}
        </ol>
      </div>
      {moved && dates && (
        <MovedBar
          key={moved.planting.id}
          planting={moved.planting}
          dates={dates}
          hasOdds={hasOdds}
          progress={progress}
          manner={manner}
          onStop={stop}
          onDone={clear}
        />
      )}
      <Legend manner={manner} />
    </figure>
  )
}

/** What a moved sowing date does to the rest, against the plan as it is kept; and whether to keep it. */
function MovedBar({
  planting,
  dates,
  hasOdds,
  progress,
  manner,
  onStop,
  onDone,
}: {
  planting: LanePlanting
  dates: PlantingDates
  hasOdds: boolean
  progress: number | null
  manner: Manner
  onStop: () => void
  onDone: () => void
}) {
  const { busy, change: put } = useChange()
  const sow = dates.sow.date!
  const ids = planting.parts.map(({ id }) => id)
  const keep = async (date: typeof sow | null) => {
    const answer = await put({
      send: () => moveSowing(ids, date),
      said:
        date === null
          ? `${planting.name}: sown on the suggested date.`
          : `Sow ${planting.name} on ${formatDate(date, manner)}: saved.`,
      undo: { name: 'the sowing date', send: ({ before }) => moveSowing(ids, before.plannedSow) },
    })
    if (answer.ok) onDone()
  }
  const change = (stage: Stage) => {
    const [was, is] = [planting.dates[stage].date, dates[stage].date]
    if (is === null) return 'not this season'
    const by = was === null ? 0 : daysBetween(was, is)
    const words = by === 0 ? 'as before' : `${sayCount(Math.abs(by), 'day')} ${by > 0 ? 'later' : 'sooner'}`
    return `${formatDate(is, manner)}, ${words}`
  }
  const odds = dates['first-ripe'].spread
  return (
    <div
      role="status"
      className="sticky bottom-0 z-10 mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 border-l-4 border-feed bg-(--caution) px-4 py-2.5 max-sm:bottom-16"
    >
      <p className="min-w-64 grow leading-snug">
        <strong>
          Sow {planting.name} on {formatDate(sow, manner)}
        </strong>
        {planting.raising !== 'direct' && <>; plant out {change('set-out')}</>}; first flower{' '}
        {change('first-flower')}; first ripe fruit {change('first-ripe')}.{' '}
        {hasOdds && odds && (
          <span data-testid="odds">
            It ripens {sayOdds(odds.share)}
            {odds.p10 && odds.p90
              ? `, from ${formatDate(odds.p10, manner)} to ${formatDate(odds.p90, manner)}, 8 years in 10`
              : ''}
            .
          </span>
        )}
      </p>
      {progress !== null && (
        <span className="flex items-center gap-2">
          <progress className="progress w-28" value={progress} max={1} aria-label="Working out the odds" />
          <button type="button" className="btn min-h-11 bg-base-100" onClick={onStop}>
            Stop
          </button>
        </span>
      )}
      <span className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-primary min-h-11" disabled={busy} onClick={() => keep(sow)}>
          Save
        </button>
        {planting.pinned && (
          <button
            type="button"
            className="btn min-h-11 bg-base-100"
            disabled={busy}
            onClick={() => keep(null)}
          >
            Use the suggested date
          </button>
        )}
        <button type="button" className="btn min-h-11 bg-base-100" onClick={onDone}>
          Cancel
        </button>
      </span>
    </div>
  )
}

function Legend({ manner }: { manner: Manner }) {
  const { night, soil } = SET_OUT_LIMITS.tomato.may
  return (
    <figcaption className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-1.5 text-sm text-quiet">
      <Fill fill={FILL.raising} name="under cover" />
      <Fill fill={FILL.hardening} name="hardening off" />
      <Fill fill={FILL.growing} name="in the ground" />
      <Fill fill={FILL.bearing} name="bearing" />
      {(['sow', 'emerge', 'set-out', 'first-flower', 'first-green', 'first-ripe', 'peak'] as const).map(
        (stage) => (
          <span key={stage} className="flex items-center gap-1">
            <Glyph stage={stage} />
            {MARK_NAMES[stage]}
          </span>
        ),
      )}
      <span className="flex items-center gap-1.5">
        <span aria-hidden className="relative h-2 w-6 border-x-2 border-leaf">
          <span className="absolute top-[3px] right-0 left-0 border-t-2 border-leaf" />
        </span>
        8 years in 10
      </span>
      <Fill
        fill="bg-[repeating-linear-gradient(135deg,transparent_0_5px,var(--frost)_5px_6px)]"
        name="frost: denser, likelier"
      />
      <span className="flex items-center gap-1.5">
        <span aria-hidden className="h-4 border-l border-dashed border-frost" /> nights from{' '}
        {sayTemperature(night, manner)}
      </span>
      <span className="flex items-center gap-1.5">
        <span aria-hidden className="h-4 border-l border-dashed border-stake" /> soil from{' '}
        {sayTemperature(soil, manner)}
      </span>
    </figcaption>
  )
}

const MARK_NAMES = {
  sow: 'sow',
  emerge: 'seedlings show',
  'set-out': 'plant out',
  'first-flower': 'first flower',
  'first-green': 'first green pepper',
  'first-ripe': 'first ripe',
  peak: 'most ripe',
}

function Fill({ fill, name }: { fill: string; name: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden className={`h-2.5 w-6 ${fill}`} />
      {name}
    </span>
  )
}
