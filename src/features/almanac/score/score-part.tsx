'use client'

import { PartHeading } from '../../../components/advice/why'
import { useChange } from '../../../components/act/use-change'
import { followRecord, leaveRecord } from './actions'
import type { FollowedRecord, ScoreView } from './queries'
import { useScore } from './use-score'

/** How right the forecasts were, kind by kind, and whether dates are moved by it. */
export function ScorePart({ address, followed }: { address: string; followed: FollowedRecord | null }) {
  const { score, share, state, start, stop } = useScore(address)
  return (
    <>
      {state === 'running' && score === null && (
        <div className="flex max-w-xl flex-wrap items-center gap-3">
          <label className="min-w-56 grow">
            <span className="text-quiet">Making the forecasts of past seasons again</span>
            <progress className="progress block w-full text-leaf" value={share} max={1} />
          </label>
          <button type="button" className="btn min-h-11" onClick={stop}>
            Stop
          </button>
        </div>
      )}
      {(state === 'stopped' || state === 'failed') && (
        <p role="status" className="flex flex-wrap items-center gap-3">
          {state === 'stopped' ? 'Stopped.' : 'The forecasts could not be made. Is the connection there?'}
          <button type="button" className="btn min-h-11" onClick={start}>
            Start again
          </button>
        </p>
      )}
      {score && (
        <section aria-label="What came of the forecasts" aria-live="polite">
          <h2 className="text-2xl font-semibold">{score.headline}</h2>
          <p className="max-w-[70ch] text-lg text-quiet">{score.detail}</p>
        </section>
      )}
      <RecordPart score={score} followed={followed} />
      {score?.rows.map((row) => (
        <KindPart key={row.id} {...row} />
      ))}
      {score && score.few.length > 0 && (
        <section aria-label="Too few to judge">
          <PartHeading>Too few to judge</PartHeading>
          <p className="max-w-[70ch] text-quiet">{score.few.join('. ')}.</p>
        </section>
      )}
      <p className="max-w-[70ch] text-sm text-quiet">
        Each dot is a forecast; a hollow one missed its range. Each forecast is made again from what was known
        on its day, with the weather and log entries up to then. Dates count once the seed was sown or the
        plants stood outside, so a changed plan is no error. The range given holds 8 seasons in 10. The weight
        of a crop already follows what each cultivar gave here before.
      </p>
    </>
  )
}

/** Whether the garden's dates follow its own record, and what that moves. */
function RecordPart({ score, followed }: { score: ScoreView | null; followed: FollowedRecord | null }) {
  const { change, busy } = useChange()
  const follow = () =>
    void change({
      send: followRecord,
      said: 'Dates now follow your own record.',
      undo: { name: 'following your own record', send: leaveRecord },
    })
  const leave = () =>
    void change({
      send: leaveRecord,
      said: 'Dates no longer follow your own record.',
      undo: { name: 'leaving your own record', send: followRecord },
    })
  const isNew = score !== null && score.moves.length > 0 && score.movesKey !== followed?.movesKey
  if (followed === null && score === null) return null
  return (
    <section aria-label="Your own record" className="border-l-4 border-leaf bg-base-200 px-4 py-3">
      <h2 className="text-xl font-semibold">
        {followed
          ? `Your dates follow your own record since ${followed.since}`
          : score!.moves.length > 0
            ? 'Your dates can follow your own record'
            : 'Your own record moves no date'}
      </h2>
      {followed && <Moves moves={followed.moves} />}
      {followed && isNew && <p className="mt-2">By now it would be:</p>}
      {isNew && <Moves moves={score.moves} />}
      {!followed && score!.moves.length === 0 && (
        <p>No kind of date came clearly early or late. Nothing needs correcting.</p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {isNew && (
          <button type="button" className="btn btn-primary min-h-11" disabled={busy} onClick={follow}>
            {followed ? 'Take the new figures' : 'Follow my own record'}
          </button>
        )}
        {followed && (
          <button type="button" className="btn min-h-11" disabled={busy} onClick={leave}>
            Stop following it
          </button>
        )}
      </div>
    </section>
  )
}

const Moves = ({ moves }: { moves: readonly string[] }) => (
  <ul className="mt-1">
    {moves.length === 0 && <li>It moves no date.</li>}
    {moves.map((said) => (
      <li key={said}>{said}</li>
    ))}
  </ul>
)

/** One kind of forecast: every one of them as a dot, and what they come to. */
function KindPart({ name, says, sides, reach, lines }: ScoreView['rows'][number]) {
  const [above, below] = sides
  return (
    <section aria-label={name}>
      <PartHeading>{name}</PartHeading>
      <p className="max-w-[70ch]">{says}</p>
      <table className="mt-1 w-full table-fixed tabular-nums max-lg:block">
        <thead className="text-sm text-quiet max-lg:hidden">
          <tr>
            <th scope="col" className="w-1/6 py-1 text-left font-normal">
              Made
            </th>
            <th scope="col" className="w-2/5 py-1 font-normal">
              <span className="flex justify-between">
                <span>
                  {reach} {below}
                </span>
                <span>as forecast</span>
                <span>
                  {reach} {above}
                </span>
              </span>
            </th>
            <th scope="col" className="py-1 pl-6 text-left font-normal">
              On average
            </th>
            <th scope="col" className="py-1 text-left font-normal">
              Off by
            </th>
            <th scope="col" className="py-1 text-left font-normal">
              Within the range
            </th>
          </tr>
        </thead>
        <tbody className="max-lg:block">
          {lines.map(({ lead, count, mean, size, inside, dots }) => (
            <tr
              key={lead}
              className="border-t border-base-300 max-lg:grid max-lg:grid-cols-2 max-lg:gap-x-4 max-lg:py-2"
            >
              <th scope="row" className="py-1.5 pr-4 text-left font-normal max-lg:col-span-2">
                {lead} <span className="text-quiet">({count})</span>
              </th>
              <td className="max-lg:col-span-2">
                <Strip dots={dots} />
                <span className="flex justify-between text-sm text-quiet lg:hidden" aria-hidden>
                  <span>
                    {reach} {below}
                  </span>
                  <span>
                    {reach} {above}
                  </span>
                </span>
              </td>
              <td className="py-1.5 lg:pl-6">
                <span className="text-sm text-quiet lg:hidden">On average </span>
                {mean}
              </td>
              <td className="py-1.5">
                <span className="text-sm text-quiet lg:hidden">Off by </span>
                {size}
              </td>
              <td className="py-1.5 max-lg:col-span-2">
                <span className="text-sm text-quiet lg:hidden">Within the range </span>
                {inside ?? 'no range given'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

/** Forecasts along the line of their errors: filled within their range, hollow outside it. */
function Strip({ dots }: { dots: ScoreView['rows'][number]['lines'][number]['dots'] }) {
  return (
    <ul className="relative mx-2 h-7" aria-label="Every forecast">
      <li aria-hidden className="absolute top-1/2 right-0 left-0 border-t border-base-300" />
      <li aria-hidden className="absolute top-0 bottom-0 left-1/2 border-l-2 border-base-content/40" />
      {dots.map(({ at, isInside, title }, index) => (
        <li
          key={index}
          title={title}
          className={`absolute top-1/2 size-3 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-leaf ${isInside === false ? 'bg-base-100' : 'bg-leaf/60'}`}
          style={{ left: `${50 + at * 48}%` }}
        >
          <span className="sr-only">{title}</span>
        </li>
      ))}
    </ul>
  )
}
