'use client'

import { useAct } from '../../components/act/use-act'
import { useChange } from '../../components/act/use-change'
import type { TrialResult } from '../../core/trial'
import { capital } from '../../wording/names'
import { sayVerdict } from '../../wording/trials'
import { takeTried, putTriedBack } from './actions'
import type { TrialsView } from './queries'
import { spreadOf } from './chart-values'
import { trialCsv } from './trial-csv'

type Trial = NonNullable<TrialsView['trial']>

/** What follows from a trial: the garden takes a way, or it is noted; the numbers as a file; on paper. */
export function UseWay({ view, trial, result }: { view: TrialsView; trial: Trial; result: TrialResult }) {
  const { busy, change } = useChange()
  const { act, busy: noting, isAhead } = useAct(view)
  const names = Object.fromEntries(trial.ways.map(({ id, name }) => [id, name]))
  const verdict = sayVerdict(result, names, { measure: trial.measure, manner: view.manner })
  const { planting } = trial
  const others = trial.ways.slice(1)
  // The best one is offered first.
  const offered = [...others].sort(
    (one, other) => Number(other.id === verdict.best) - Number(one.id === verdict.best),
  )
  const file = async () => {
    const text = await trialCsv(trial, result)
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type: 'text/csv' }))
    link.download = 'prairie-trial.csv'
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return (
    <>
      {offered.map(({ id, name, isPlanned }) =>
        isPlanned ? (
          <button
            key={id}
            type="button"
            disabled={busy || isAhead}
            className={`btn min-h-11 ${id === verdict.best ? 'btn-primary' : 'bg-base-100'}`}
            onClick={() =>
              void change({
                send: () => takeTried(planting.id, id),
                said: `${planting.name}, ${planting.place}: ${name} from now on.`,
                undo: {
                  name: `${name} for ${planting.name}`,
                  send: ({ before }) => putTriedBack(planting.id, before),
                },
              })
            }
          >
            Use: {name}
          </button>
        ) : (
          <button
            key={id}
            type="button"
            disabled={noting || isAhead}
            className={`btn min-h-11 ${id === verdict.best ? 'btn-primary' : 'bg-base-100'}`}
            onClick={() =>
              void act({
                entries: [
                  {
                    subject: { type: 'planting', id: planting.id },
                    kind: 'note',
                    data: {},
                    note: `${capital(name)}. ${verdict.headline}.`,
                  },
                ],
                said: `Noted for ${planting.name}: ${name}.`,
              })
            }
          >
            Note: {name}
          </button>
        ),
      )}
      <button
        type="button"
        disabled={noting || isAhead}
        className="btn min-h-11 bg-base-100"
        onClick={() =>
          void act({
            entries: [
              {
                subject: { type: 'planting', id: planting.id },
                kind: 'tried',
                data: {
                  asked: trial.asked,
                  seasons: result.done,
                  said: verdict.headline,
                  measure: trial.measure,
                  ways: result.ways.map(({ id, measured }) => ({
                    name: capital(names[id]!),
                    ...roundedSpread(measured),
                  })),
                },
              },
            ],
            said: 'This trial is kept.',
          })
        }
      >
        Keep this trial
      </button>
      <button type="button" className="btn min-h-11 bg-base-100" onClick={() => void file()}>
        Save as CSV
      </button>
      <button type="button" className="btn min-h-11 bg-base-100" onClick={() => window.print()}>
        Print
      </button>
    </>
  )
}

/** To the gram: more is not known. */
function roundedSpread(kg: readonly number[]) {
  const gram = (value: number) => Number(value.toFixed(3))
  const { low, middle, high } = spreadOf(kg)
  return { low: gram(low), middle: gram(middle), high: gram(high) }
}
