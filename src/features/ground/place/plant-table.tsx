'use client'

import { Link } from '../../../components/link'
import { useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import type { Manner } from '../../../core/facts'
import { parseQuantity } from '../../../core/quantity'
import type { Position } from '../../../core/spacing'
import { sayCount, sayLength } from '../../../wording/say'
import type { BoardPlant } from './board-plant'
import type { PlacePlanting } from './queries'

/** Every plant of a place as a line: what the drawing shows and does, for keyboard and reader. */
export function PlantTable({
  plants,
  plantings,
  chosen,
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
  live: boolean
  manner: Manner
  query: string
  onMove: (id: string, to: Position) => void
  onTakeOut: (id: string) => void
  onRemove: (plantingId: string) => void
}) {
  if (plants.length === 0) return <p className="text-quiet">Nothing stands here yet.</p>
  return (
    <section aria-label="Plants">
      <PartHeading>What stands here</PartHeading>
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
              <span className="text-quiet">{stands ? 'set out' : 'planned'}</span>
            </summary>
            <Link href={`/plantings/${planting.id}${query}`} className="link">
              Its dates
            </Link>
            <table className="w-full">
              <thead className="text-left text-sm text-quiet">
                <tr>
                  <th scope="col" className="font-normal">
                    plant
                  </th>
                  <th scope="col" className="font-normal">
                    from the west end
                  </th>
                  <th scope="col" className="font-normal">
                    from the south side
                  </th>
                  <td />
                </tr>
              </thead>
              <tbody>
                {own.map((plant) => (
                  <PlantLine
                    key={`${plant.id} ${plant.x} ${plant.y}`}
                    plant={plant}
                    isChosen={plant.id === chosen}
                    live={live}
                    manner={manner}
                    onMove={onMove}
                    onTakeOut={onTakeOut}
                  />
                ))}
              </tbody>
            </table>
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

function PlantLine({
  plant: { id, label, x, y },
  isChosen,
  live,
  manner,
  onMove,
  onTakeOut,
}: {
  plant: BoardPlant
  isChosen: boolean
  live: boolean
  manner: Manner
  onMove: (id: string, to: Position) => void
  onTakeOut: (id: string) => void
}) {
  const [typed, setTyped] = useState({ x: sayLength(x, manner), y: sayLength(y, manner) })
  const [fault, setFault] = useState('')
  const keep = (axis: 'x' | 'y') => {
    const read = parseQuantity(typed[axis], 'length', manner.units, manner.units === 'us' ? 'ft' : 'm')
    if (typed[axis] === sayLength(axis === 'x' ? x : y, manner)) return setFault('')
    if ('error' in read) return setFault(read.error)
    setFault('')
    onMove(id, { x, y, [axis]: read.value })
  }
  const cell = (axis: 'x' | 'y', words: string) =>
    live ? (
      <input
        className={`input min-h-11 w-28 ${fault ? 'input-error' : ''}`}
        aria-label={`Plant ${label}, ${words}`}
        value={typed[axis]}
        onChange={(event) => setTyped({ ...typed, [axis]: event.target.value })}
        onBlur={() => keep(axis)}
        onKeyDown={(event) => event.key === 'Enter' && keep(axis)}
      />
    ) : (
      typed[axis]
    )
  return (
    <tr className={isChosen ? 'bg-base-200' : undefined}>
      <th scope="row" className="pr-3 text-left font-normal">
        {label}
      </th>
      <td className="py-0.5 pr-2">{cell('x', 'from the west end')}</td>
      <td className="py-0.5 pr-2">
        {cell('y', 'from the south side')}
        {fault && (
          <span role="alert" className="block text-sm text-cut">
            {fault}
          </span>
        )}
      </td>
      <td className="text-right">
        {live && (
          <button type="button" className="btn min-h-11 bg-base-100" onClick={() => onTakeOut(id)}>
            Take out <span className="sr-only">plant {label}</span>
          </button>
        )}
      </td>
    </tr>
  )
}
