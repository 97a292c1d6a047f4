'use client'

import { useRouter } from '../../../components/offline'
import Papa from 'papaparse'
import { useState, useTransition } from 'react'
import { Link } from '../../../components/link'
import { ColumnChoices } from '../../../components/table/column-choices'
import { noAnswer } from '../../../components/act/undoing'
import { sayCount } from '../../../wording/say'
import { plantTable, type LineFault } from './actions'
import { guessColumns, PLANTING_ROLES, PLANTING_ROLE_NAMES, type PlantingColumns } from './columns'

const MOST_BYTES = 1_000_000

interface Table {
  rows: string[][]
  header: boolean
  columns: PlantingColumns
}

/** A table as it is pasted or read from a file; tabs, commas and semicolons alike. */
function tableOf(text: string): Table | null {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' })
  return data.length === 0 ? null : { rows: data, ...guessColumns(data) }
}

/** Plantings from a list that is there already: pasted from a spreadsheet, or a CSV file. */
export function TableScreen({ example }: { example: string }) {
  const [text, setText] = useState('')
  const [table, setTable] = useState<Table | null>(null)
  const [faults, setFaults] = useState<LineFault[]>([])
  const [problem, setProblem] = useState('')
  const [done, setDone] = useState('')
  const [busy, start] = useTransition()
  const router = useRouter()
  const read = (next: string) => {
    setText(next)
    setTable(tableOf(next))
    setFaults([])
    setProblem('')
    setDone('')
  }
  const readFile = async (file: File | undefined) => {
    if (!file) return
    if (file.size > MOST_BYTES)
      return setProblem('This file is too large for a list of plantings. Is it the right one?')
    read(await file.text())
  }
  const lines = table ? table.rows.slice(table.header ? 1 : 0) : []
  const plant = () =>
    start(async () => {
      setProblem('')
      setFaults([])
      try {
        const answer = await plantTable({
          columns: table!.columns,
          lines: lines.map((cells, at) => ({ line: at + (table!.header ? 2 : 1), cells })),
        })
        if (answer.ok) {
          read('')
          router.refresh()
          setDone(
            `${sayCount(answer.plantings, 'planting')} with ${sayCount(answer.plants, 'plant')} ${answer.plantings === 1 ? 'is' : 'are'} saved.`,
          )
        } else if ('faults' in answer) setFaults(answer.faults)
        else setProblem(answer.message)
      } catch (error) {
        setProblem(noAnswer(error).message)
      }
    })
  return (
    <div className="mx-auto max-w-5xl space-y-5 px-6 py-5 max-sm:px-4">
      <h1 className="text-3xl font-semibold">Plantings from a list</h1>
      <p className="max-w-prose text-quiet">
        Copy your list from a spreadsheet and paste it here, or choose a CSV file. Use one line per planting:
        its place, its cultivar and how many plants. Add more columns if you have them.
      </p>
      <label className="block">
        <span className="text-sm text-quiet">Your list</span>
        <textarea
          className="textarea mt-1 min-h-40 w-full font-mono text-sm"
          value={text}
          placeholder={example}
          onChange={({ target }) => read(target.value)}
        />
      </label>
      <label className="flex flex-wrap items-center gap-3">
        <span>or a file:</span>
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          className="file-input min-h-11"
          onChange={({ target }) => void readFile(target.files?.[0])}
        />
      </label>
      {table && (
        <section aria-label="Columns" className="space-y-4">
          <h2 className="text-xl font-semibold">
            {sayCount(lines.length, 'line')}. Which column holds what?
          </h2>
          <ColumnChoices
            rows={table.rows}
            header={table.header}
            roles={PLANTING_ROLES}
            names={PLANTING_ROLE_NAMES}
            columns={table.columns}
            onChange={(columns) => setTable({ ...table, columns })}
          />
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={table.header}
              onChange={({ target }) => setTable({ ...table, header: target.checked })}
            />
            The first line names the columns
          </label>
          {faults.length > 0 && (
            <div role="alert" className="border-l-4 border-cut bg-base-200 px-4 py-2">
              <p className="font-semibold">
                Nothing was saved yet.{' '}
                {faults.length === 1 ? 'One line needs' : `${faults.length} lines need`} a look:
              </p>
              <ul className="list-disc pl-5">
                {faults.map(({ line, message }) => (
                  <li key={line}>
                    Line {line}: {message}
                  </li>
                ))}
              </ul>
            </div>
          )}
          <button
            type="button"
            className="btn btn-primary min-h-12 px-6 text-base"
            disabled={busy}
            onClick={plant}
          >
            {busy ? 'Working it out …' : `Save ${sayCount(lines.length, 'planting')}`}
          </button>
        </section>
      )}
      {problem && (
        <p role="alert" className="border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
          {problem}
        </p>
      )}
      {done && (
        <p
          role="status"
          className="flex flex-wrap items-center gap-3 border-l-4 border-leaf bg-base-200 px-4 py-2"
        >
          <strong>{done}</strong>
          <Link href="/season" className="btn min-h-11 bg-base-100">
            See the season
          </Link>
          <Link href="/ground" className="btn min-h-11 bg-base-100">
            See them on the plan
          </Link>
        </p>
      )}
    </div>
  )
}
