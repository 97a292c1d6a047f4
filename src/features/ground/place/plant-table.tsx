'use client'

import { Link } from '../../../components/link'
import { useState } from 'react'
import { TryIt } from '../../../components/try-it'
import { PartHeading } from '../../../components/advice/why'
import { DataTable, type Column } from '../../../components/table/data-table'
import type { Manner } from '../../../core/facts'
import { parseQuantity } from '../../../core/quantity'
import type { Position } from '../../../core/spacing'
import { sayCount, sayLength } from '../../../wording/say'
import type { BoardPlant } from './board-plant'
import type { PlacePlanting } from './queries'
import { longUnit } from '../../../wording/either'

/** Every plant of a place as a line: what the drawing shows and does, for keyboard and reader. */
export function PlantTable({
  plants,
  plantings,
  chosen,
  isPot,
  live,
  manner,
  query,
  onMove,
  onTakeOut,
  onRemove,
}: {
  plants: readonly BoardPlant[]
  plantings: readonly PlacePlanting[]
  chosen: string | null
  isPot: boolean
  live: boolean
  manner: Manner
  query: string
  onMove: (id: string, to: Position) => void
  onTakeOut: (id: string) => void
  onRemove: (plantingId: string) => void
}) {
  const along = (axis: 'x' | 'y', words: string): Column<BoardPlant> => ({
    id: axis,
    heading: words,
    value: (plant) => plant[axis],
    cell: (plant) =>
      live ? (
        <PlaceCell plant={plant} axis={axis} words={words} manner={manner} onMove={onMove} />
      ) : (
        sayLength(plant[axis], manner)
      ),
  })
  const columns: Column<BoardPlant>[] = [
    { id: 'plant', heading: 'plant', isName: true, value: ({ label }) => label, cell: ({ label }) => label },
    along('x', 'from the west end'),
    along('y', 'from the south side'),
    {
      id: 'acts',
      heading: '',
      className: 'text-right whitespace-nowrap',
      cell: ({ id, label }) =>
        live && (
          <button type="button" className="btn min-h-11 bg-base-100" onClick={() => onTakeOut(id)}>
            Take out <span className="sr-only">plant {label}</span>
          </button>
        ),
    },
  ]
  if (plants.length === 0) return <p className="text-quiet">Nothing is planted here yet.</p>
  return (
    <section aria-label="Plants">
      <PartHeading>Plants here</PartHeading>
      {plantings.map(({ planting, name, stands }) => {
        const own = plants.filter(({ plantingId }) => plantingId === planting.id)
        if (own.length === 0) return null
        return (
          <details
            key={planting.id}
            className="border-t border-base-300 py-1"
            open={own.some(({ id }) => id === chosen) || undefined}
          >
            <summary className="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3">
              <strong>{sayCount(own.length, `${name}`, name)}</strong>
              <span className="text-quiet">{stands ? 'planted out' : 'planned'}</span>
            </summary>
            <Link href={`/plantings/${planting.id}${query}`} className="link">
              See its dates
            </Link>
            {!stands && (
              <div>
                <TryIt planting={planting.id} ask={isPot ? 'pot' : 'spacing'} />
              </div>
            )}
            <DataTable
              label={`Plants of ${name}`}
              rows={own}
              columns={columns}
              keyOf={({ id, x, y }) => `${id} ${x} ${y}`}
              rowClass={({ id }) => (id === chosen ? 'bg-base-200' : undefined)}
            />
            {live && !stands && (
              <button
                type="button"
                className="btn mt-1 min-h-11 bg-base-100"
                onClick={() => onRemove(planting.id)}
              >
                Take all {name} off the plan
              </button>
            )}
          </details>
        )
      })}
    </section>
  )
}

/** Where a plant stands along one axis, moved by typing. */
function PlaceCell({
  plant: { id, label, x, y },
  axis,
  words,
  manner,
  onMove,
}: {
  plant: BoardPlant
  axis: 'x' | 'y'
  words: string
  manner: Manner
  onMove: (id: string, to: Position) => void
}) {
  const now = sayLength(axis === 'x' ? x : y, manner)
  const [typed, setTyped] = useState(now)
  const [fault, setFault] = useState('')
  const keep = () => {
    if (typed === now) return setFault('')
    const read = parseQuantity(typed, 'length', manner.units, longUnit(manner))
    if ('error' in read) return setFault(read.error)
    setFault('')
    onMove(id, { x, y, [axis]: read.value })
  }
  return (
    <>
      <input
        className={`input min-h-11 w-28 ${fault ? 'input-error' : ''}`}
        aria-label={`Plant ${label}, ${words}`}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
      {fault && (
        <span role="alert" className="block text-sm text-cut">
          {fault}
        </span>
      )}
    </>
  )
}
