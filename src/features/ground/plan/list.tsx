'use client'

import { Link } from '../../../components/link'
import { Fragment, useState } from 'react'
import type { GroundEdit, Manner } from '../../../core/facts'
import { nameOf } from '../../../wording/names'
import { sayLength } from '../../../wording/say'
import type { Piece } from './piece'
import type { Layer } from './layers'
import { PieceForm } from '../shown-later'
import type { PlaceNote } from '../queries'

/** Every place and obstacle as a line: all that the drawing shows and does, for keyboard and reader. */
export function GroundList({
  pieces,
  words,
  notes,
  manner,
  query,
  live,
  layer,
  keptOf,
  onEdit,
  onPutAway,
}: {
  pieces: readonly Piece[]
  words: Record<string, string>
  notes: Record<string, PlaceNote>
  manner: Manner
  query: string
  live: boolean
  layer: Layer
  keptOf: (piece: Piece) => Piece
  onEdit: (edits: GroundEdit[], words: string) => Promise<string | null>
  onPutAway: (piece: Piece) => void
}) {
  const [open, setOpen] = useState<string | null>(null)
  const sorted = [...pieces].sort((a, b) =>
    a.of === b.of ? a.row.name.localeCompare(b.row.name, 'en', { numeric: true }) : a.of === 'place' ? -1 : 1,
  )
  return (
    <div className="mt-4 overflow-x-auto">
      <table className="w-full border-collapse">
        <thead className="text-left text-sm text-quiet">
          <tr>
            {['place', 'size', 'lies', 'holds', layer === 'plants' ? 'water' : layer, ''].map(
              (heading, index) => (
                <th key={heading + index} scope="col" className="py-1 pr-4 font-normal">
                  {heading}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody>
          {sorted.map((piece) => {
            const { row } = piece
            const note = notes[row.id]
            return (
              <Fragment key={row.id}>
                <tr className="border-t border-base-300 align-top">
                  <th scope="row" className="py-2 pr-4 text-left font-semibold">
                    {piece.of === 'place' ? (
                      <Link href={`/ground/${row.id}${query}`} className="link">
                        {row.name}
                      </Link>
                    ) : (
                      row.name
                    )}
                    <span className="block text-sm font-normal text-quiet">{nameOf(row.kind)}</span>
                  </th>
                  <td className="py-2 pr-4 whitespace-nowrap">
                    {sayLength(row.length, manner)} × {sayLength(row.width, manner)}
                    {row.height !== null && (
                      <span className="block text-sm text-quiet">{sayLength(row.height, manner)} high</span>
                    )}
                  </td>
                  <td className="py-2 pr-4 whitespace-nowrap">
                    {sayLength(row.x, manner)} east, {sayLength(row.y, manner)} north
                    {row.turn !== 0 && <span className="block text-sm text-quiet">turned {row.turn}°</span>}
                  </td>
                  <td className="py-2 pr-4">
                    {note ? note.held || 'nothing' : ''}
                    {note && note.room > 0 && (
                      <span className="block text-sm text-quiet">room for {note.room} more</span>
                    )}
                  </td>
                  <td className="py-2 pr-4">
                    {layer === 'plants' && piece.of === 'place'
                      ? piece.row.dripLines.length > 0
                        ? `${piece.row.dripLines.length} drip`
                        : 'by hand'
                      : (words[row.id] ?? '')}
                  </td>
                  <td className="py-1 text-right whitespace-nowrap">
                    {live && (
                      <>
                        <button
                          type="button"
                          className="btn min-h-11 bg-base-100"
                          aria-expanded={open === row.id}
                          onClick={() => setOpen(open === row.id ? null : row.id)}
                        >
                          Change <span className="sr-only">{row.name}</span>
                        </button>{' '}
                        <button
                          type="button"
                          className="btn min-h-11 bg-base-100"
                          onClick={() => onPutAway(piece)}
                        >
                          Put away <span className="sr-only">{row.name}</span>
                        </button>
                      </>
                    )}
                  </td>
                </tr>
                {open === row.id && (
                  <tr>
                    <td colSpan={6} className="border-l-4 border-leaf bg-base-200 px-4 py-3">
                      <div className="max-w-xl">
                        <PieceForm
                          key={JSON.stringify(keptOf(piece).row)}
                          piece={keptOf(piece)}
                          manner={manner}
                          onEdit={onEdit}
                        />
                      </div>
                    </td>
                  </tr>
                )}
              </Fragment>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}
