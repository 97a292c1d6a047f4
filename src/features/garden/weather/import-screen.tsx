'use client'

import { useRouter } from '../../../components/offline'
import { useRef, useState, useTransition, type ChangeEvent } from 'react'
import { say } from '../../../components/say'
import { noAnswer } from '../../../components/act/undoing'
import type { IsoDate } from '../../../core/calendar'
import { LARGEST, type Manner } from '../../../core/facts'
import { formatDate } from '../../../wording/dates'
import { sayCount } from '../../../wording/say'
import type { GardenWays, Mapping } from '../../../workers/weather-import/mapping'
import type { ReadDay, ReadResult } from '../../../workers/weather-import/read-days'
import { WeatherImport } from '../../../workers/weather-import/weather-import'
import type { OpenedTable } from '../../../workers/weather-import/weather-import.worker'
import { daysOnRecord, takeDays } from './actions'
import { MappingForm } from './mapping-form'

type Replaced = 'simulated' | 'imported' | 'all'

/** A file that is open, and how often it was looked at anew. */
interface Table extends OpenedTable {
  name: string
  look: number
}
interface Reading extends ReadResult {
  imported: number
  entered: number
}

const PROBLEMS = {
  empty: 'This file is empty.',
  'not-text': 'This is not a text file. Save the sheet as CSV first, then choose that.',
  'not-a-table':
    'This is not a table of days. A weather file has lines with the date and temperatures in columns.',
}

/** A weather file: chosen, its columns told, its lines checked, and taken or not. */
export function ImportScreen({ manner, now }: { manner: Manner; now: IsoDate }) {
  const [table, setTable] = useState<Table | null>(null)
  const [reading, setReading] = useState<Reading | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [progress, setProgress] = useState<number | null>(null)
  const [replaced, setReplaced] = useState<Replaced>('simulated')
  const [busy, startTaking] = useTransition()
  const worker = useRef<WeatherImport | null>(null)
  const router = useRouter()

  const ways: GardenWays = { decimals: manner.decimals, units: manner.units, dates: manner.dates }

  const choose = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0]
    setTable(null)
    setReading(null)
    setProblem(null)
    if (!file) return
    if (file.size > LARGEST.weather)
      return setProblem(
        `This file is ${Math.round(file.size / 1024 / 1024)} MB, but twenty years of days take less than 1 MB. Remove what is not daily weather, and choose it again. Nothing was saved.`,
      )
    worker.current ??= new WeatherImport()
    const opened = await worker.current.open(await file.arrayBuffer(), ways)
    if ('problem' in opened) return setProblem(`${PROBLEMS[opened.problem]} Nothing was saved.`)
    setTable({ name: file.name, look: 0, ...opened })
  }
  const nameOn = async (heading: number | null) => {
    setReading(null)
    const opened = await worker.current!.guess(ways, heading)
    if (table) setTable({ ...table, ...opened, look: table.look + 1 })
  }
  const read = async (mapping: Mapping) => {
    setProgress(0)
    setReading(null)
    let reading = true
    const result = await worker.current!.read(mapping, now, (share) => {
      // Progress travels beside the answer, and may come after it.
      if (reading) setProgress(share)
    })
    reading = false
    const dates = result.days.map(({ date }) => date).sort()
    const known =
      dates.length === 0 ? { imported: [], entered: [] } : await daysOnRecord(dates[0]!, dates.at(-1)!)
    const mine = new Set(dates)
    const among = (list: string[]) => list.filter((date) => mine.has(date)).length
    setReading({ ...result, imported: among(known.imported), entered: among(known.entered) })
    setProgress(null)
  }
  const stop = () => {
    worker.current?.stop()
    setProgress(null)
    setTable(null)
    setProblem('Stopped. Nothing was saved. Choose the file again to start over.')
  }
  const take = (days: ReadDay[]) =>
    startTaking(async () => {
      const answer = await takeDays(JSON.stringify(days), replaced).catch(noAnswer)
      if (!answer.ok) return setProblem(answer.message)
      say(`${answer.days} days imported. Your dates use them now.`)
      router.push('/garden/weather')
      router.refresh()
    })

  return (
    <div className="max-w-4xl space-y-6 px-6 py-5 max-sm:px-4">
      <div>
        <h1 className="text-3xl font-semibold">Import a weather file</h1>
        <p className="mt-1 text-lg text-quiet">
          Use the file as your station or weather service gives it: one line per day, hour or five minutes,
          with columns in any order and language. You see how Prairie reads it, and can change what is wrong
          before you import it.
        </p>
      </div>
      <label className="block">
        <span className="text-sm text-quiet">Weather file (CSV)</span>
        <input
          type="file"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          className="file-input mt-1 block min-h-11 w-full max-w-md"
          onChange={choose}
        />
      </label>
      {problem && (
        <p role="alert" className="border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
          {problem}
        </p>
      )}
      {table && (
        <MappingForm
          key={`${table.name} ${table.look}`}
          table={table}
          manner={manner}
          busy={progress !== null}
          onHeading={(heading) => void nameOn(heading)}
          onRead={(mapping) => void read(mapping)}
        />
      )}
      {progress !== null && (
        <p className="flex items-center gap-3">
          <progress className="progress w-60" value={progress} max={1} aria-label="Reading the file" />
          <button type="button" className="btn min-h-11 bg-base-100" onClick={stop}>
            Stop
          </button>
        </p>
      )}
      {reading && (
        <Found
          reading={reading}
          manner={manner}
          now={now}
          replaced={replaced}
          onReplaced={setReplaced}
          busy={busy}
          onTake={() => take(reading.days)}
          onLeave={() => router.push('/garden/weather')}
        />
      )}
    </div>
  )
}

const MOST_FAULTS = 40

/** What was found in the file, and the question whether to take it. */
function Found({
  reading,
  manner,
  now,
  replaced,
  onReplaced,
  busy,
  onTake,
  onLeave,
}: {
  reading: Reading
  manner: Manner
  now: IsoDate
  replaced: Replaced
  onReplaced: (to: Replaced) => void
  busy: boolean
  onTake: () => void
  onLeave: () => void
}) {
  const { days, faults, imported, entered } = reading
  const dates = days.map(({ date }) => date as IsoDate).sort()
  const say = (date: IsoDate) => formatDate(date, manner, 'full')
  const known = imported + entered
  const ahead = dates.filter((date) => date > now).length
  const taken = days.length - (replaced === 'all' ? 0 : replaced === 'imported' ? entered : known)
  return (
    <section aria-label="What Prairie found" className="space-y-4">
      <p className="text-xl font-semibold" role="status">
        {sayCount(days.length, 'good day')}, {faults.length} wrong
        {dates.length > 0 && `: ${say(dates[0]!)} to ${say(dates.at(-1)!)}`}
      </p>
      {ahead > 0 && (
        <p>
          {sayCount(ahead, 'day')} of them {ahead === 1 ? 'is' : 'are'} still to come: a forecast, until
          measured days take
          {ahead === 1 ? ' its' : ' their'} place.
        </p>
      )}
      {faults.length > 0 && (
        <div className="border-l-4 border-cut bg-base-200 px-3 py-2">
          <p className="font-semibold">Lines that cannot be imported</p>
          <ul aria-label="Wrong lines">
            {faults.slice(0, MOST_FAULTS).map(({ line, reason }) => (
              <li key={line}>
                Line {line}: {reason}.
              </li>
            ))}
            {faults.length > MOST_FAULTS && <li>… and {faults.length - MOST_FAULTS} more</li>}
          </ul>
        </div>
      )}
      {known > 0 && (
        <fieldset>
          <legend className="mb-1 font-semibold">
            {known} of these days {known === 1 ? 'is' : 'are'} on record already
            {entered > 0 && `, ${entered} of them by hand`}
          </legend>
          {(
            [
              ['simulated', 'Keep those as they are, and add only new days'],
              ['imported', 'Replace imported days, but keep days entered by hand'],
              ['all', 'Replace them all, also days entered by hand'],
            ] as const
          ).map(([value, text]) => (
            <label key={value} className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                className="radio"
                name="replaced"
                checked={replaced === value}
                onChange={() => onReplaced(value)}
              />
              {text}
            </label>
          ))}
        </fieldset>
      )}
      <p className="flex flex-wrap gap-2">
        {days.length > 0 && (
          <button
            type="button"
            className="btn btn-primary min-h-11"
            disabled={busy || taken === 0}
            onClick={onTake}
          >
            {busy
              ? 'Saving …'
              : taken === 0
                ? 'No new days to import'
                : `Take ${faults.length > 0 ? 'the ' : ''}${taken} good ${taken === 1 ? 'day' : 'days'}`}
          </button>
        )}
        <button type="button" className="btn min-h-11 bg-base-100" onClick={onLeave}>
          Cancel
        </button>
      </p>
    </section>
  )
}
