'use client'

import { useState } from 'react'
import { v7 } from 'uuid'
import { PartHeading } from '../../../components/advice/why'
import { OrderedList } from '../../../components/ordered-list'
import { trainingsFor } from '../../../core/crop'
import type { GroundEdit, Place, Planting } from '../../../core/facts'
import { halves, hedged, layRuns, recommendSpacing, unhedged, type RowRun } from '../../../core/spacing'
import { sayCount, sayLength } from '../../../wording/say'
import type { PlaceView } from '../place/queries'
import { layEdits, runsOf } from './edits'
import { RunStrip } from './run-strip'

/** A field row as a strip of cultivar runs: in order, halved, hedged, then laid. */
export function RowEditor({
  view,
  place,
  onLay,
  onFail,
}: {
  view: PlaceView
  place: Place
  onLay: (edits: GroundEdit[]) => void
  onFail: (message: string) => void
}) {
  const { cultivars, plantings, manner, wetness, trusted, school } = view
  const [runs, hold] = useState(() => told(runsOf(view)))
  const setRuns = (next: readonly RowRun[]) => hold(told(next))
  const nameOf = (id: string) => cultivars.find((cultivar) => cultivar.id === id)?.name ?? ''
  const inRowOf = (cultivarId: string) => {
    const cultivar = cultivars.find(({ id }) => id === cultivarId)!
    return recommendSpacing({
      plant: cultivar,
      training: trainingsFor(cultivar)[0]!,
      school: school as Planting['spacingSchool'],
      wetness,
    }).answer.inRow
  }
  const runOf = (cultivarId: string, plants = 4): RowRun => ({
    cultivarId,
    plants,
    inRow: inRowOf(cultivarId),
  })
  const endEdge = Math.min(place.length / 2, (runs[0]?.inRow ?? 0.5) / 2)
  const laid = layRuns({ length: place.length, endEdge }, runs)
  const standing = plantings.some(({ stands }) => stands)
  const known = new Set(trusted)
  const bare = unhedged(runs, known)
  const change = (index: number, to: Partial<RowRun>) =>
    setRuns(runs.map((run, at) => (at === index ? { ...run, ...to } : run)))
  const lay = () => {
    if (laid.left < 0)
      return onFail(
        `The runs are ${sayLength(-laid.left, manner)} longer than the row. Take out plants first. Nothing was saved.`,
      )
    onLay(layEdits(view, place, runs, endEdge))
  }
  return (
    <section aria-label="Row" className="mt-7 space-y-3">
      <PartHeading>Divide the row among cultivars</PartHeading>
      <RunStrip laid={laid} length={place.length} nameOf={nameOf} manner={manner} />
      <p role="status" className={laid.left < 0 ? 'font-semibold text-cut' : 'text-quiet'}>
        {laid.left < 0
          ? `${sayLength(-laid.left, manner)} too long for the row.`
          : `${sayCount(
              runs.reduce((sum, { plants }) => sum + plants, 0),
              'plant',
            )}, ${sayLength(laid.left, manner)} of the row left.`}{' '}
        {bare.length > 0 &&
          known.size > 0 &&
          `Not next to a cultivar you trust: ${[...new Set(bare.map(({ cultivarId }) => nameOf(cultivarId)))].join(', ')}. If they fail, the row has a gap.`}
      </p>
      {standing ? (
        <p className="text-quiet">Plants grow in this row, so you cannot change it until they are gone.</p>
      ) : (
        <>
          <OrderedList
            label="Runs"
            rows={runs.map((run, index) => ({ ...run, name: `run ${index + 1}, ${nameOf(run.cultivarId)}` }))}
            onOrder={setRuns}
          >
            {(run, index) => (
              <div className="flex flex-wrap items-center gap-2">
                <select
                  className="select min-h-11 w-auto"
                  aria-label={`Run ${index + 1}, cultivar`}
                  value={run.cultivarId}
                  onChange={(event) =>
                    change(index, { cultivarId: event.target.value, inRow: inRowOf(event.target.value) })
                  }
                >
                  {cultivars.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                      {known.has(id) ? '' : ' (new here)'}
                    </option>
                  ))}
                </select>
                <input
                  type="number"
                  min={1}
                  max={2000}
                  className="input min-h-11 w-24"
                  aria-label={`Run ${index + 1}, plants`}
                  value={run.plants}
                  onChange={(event) =>
                    change(index, {
                      plants: Math.min(2000, Math.max(1, Math.round(Number(event.target.value)) || 1)),
                    })
                  }
                />
                <span className="text-quiet">{sayLength(run.inRow, manner)} apart</span>
                <button
                  type="button"
                  className="btn min-h-11 bg-base-100"
                  onClick={() => setRuns(runs.filter((_, at) => at !== index))}
                >
                  Remove <span className="sr-only">run {index + 1}</span>
                </button>
              </div>
            )}
          </OrderedList>
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="btn min-h-11 bg-base-100"
              disabled={cultivars.length === 0}
              onClick={() => setRuns([...runs, runOf(cultivars[0]!.id)])}
            >
              Add a run
            </button>
            <button
              type="button"
              className="btn min-h-11 bg-base-100"
              disabled={runs.length < 2}
              onClick={() => setRuns(halves({ length: place.length, endEdge }, runs[0]!, runs[1]!))}
            >
              Two halves
            </button>
            <button
              type="button"
              className="btn min-h-11 bg-base-100"
              disabled={bare.length === 0 || known.size === 0}
              onClick={() => setRuns(hedged(runs, known))}
            >
              Put new cultivars between proven ones
            </button>
            <button
              type="button"
              className="btn btn-primary min-h-11"
              disabled={runs.length === 0}
              onClick={lay}
            >
              Save the row
            </button>
          </div>
        </>
      )}
    </section>
  )
}

/** Runs as they are told apart while they change places; one that was halved is two. */
function told(runs: readonly (RowRun & { id?: string })[]): (RowRun & { id: string })[] {
  const known = new Set<string>()
  return runs.map(({ id = v7(), cultivarId, plants, inRow }) => {
    const own = known.has(id) ? v7() : id
    known.add(own)
    return { id: own, cultivarId, plants, inRow }
  })
}
