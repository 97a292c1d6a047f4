'use client'

import { Link } from '../../../components/link'
import { DataTable, type Column } from '../../../components/table/data-table'
import { useState } from 'react'
import type { GroundEdit, Manner } from '../../../core/facts'
import { nameOf } from '../../../wording/names'
import { sayLength } from '../../../wording/say'
import type { Piece } from './piece'
import type { Layer } from './layers'
import { CopiesForm, PieceForm } from '../shown-later'
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
  const columns: Column<Piece>[] = [
    {
      id: 'place',
      heading: 'place',
      isName: true,
      value: ({ row }) => `${row.name} ${nameOf(row.kind)}`,
      cell: ({ of, row }) => (
        <>
          {of === 'place' ? (
            <Link href={`/ground/${row.id}${query}`} className="link">
              {row.name}
            </Link>
          ) : (
            row.name
          )}
          <span className="block text-sm font-normal text-quiet">{nameOf(row.kind)}</span>
        </>
      ),
    },
    {
      id: 'size',
      heading: 'size',
      className: 'whitespace-nowrap',
      value: ({ row }) => row.length * row.width,
      cell: ({ row }) => (
        <>
          {sayLength(row.length, manner)} × {sayLength(row.width, manner)}
          {row.height !== null && (
            <span className="block text-sm text-quiet">{sayLength(row.height, manner)} high</span>
          )}
        </>
      ),
    },
    {
      id: 'lies',
      heading: 'lies',
      className: 'whitespace-nowrap',
      value: ({ row }) => row.x,
      cell: ({ row }) => (
        <>
          {sayLength(row.x, manner)} east, {sayLength(row.y, manner)} north
          {row.turn !== 0 && <span className="block text-sm text-quiet">turned {row.turn}°</span>}
        </>
      ),
    },
    {
      id: 'holds',
      heading: 'holds',
      value: ({ row }) => notes[row.id]?.held || null,
      cell: ({ row }) => {
        const note = notes[row.id]
        return (
          note && (
            <>
              {note.held || 'nothing'}
              {note.room > 0 && <span className="block text-sm text-quiet">room for {note.room} more</span>}
            </>
          )
        )
      },
    },
    {
      id: 'layer',
      heading: layer === 'plants' ? 'water' : layer,
      value: (piece) => toldOf(piece) || null,
      cell: (piece) => toldOf(piece),
    },
    {
      id: 'acts',
      heading: '',
      className: 'text-right whitespace-nowrap',
      cell: (piece) =>
        live && (
          <>
            <button
              type="button"
              className="btn min-h-11 bg-base-100"
              aria-expanded={open === piece.row.id}
              onClick={() => setOpen(open === piece.row.id ? null : piece.row.id)}
            >
              Change <span className="sr-only">{piece.row.name}</span>
            </button>{' '}
            <button type="button" className="btn min-h-11 bg-base-100" onClick={() => onPutAway(piece)}>
              Remove <span className="sr-only">{piece.row.name}</span>
            </button>
          </>
        ),
    },
  ]
  /** What the layer says of it. */
  function toldOf(piece: Piece): string {
    if (layer !== 'plants' || piece.of !== 'place') return words[piece.row.id] ?? ''
    const { length } = piece.row.dripLines
    return length > 0 ? `${length} drip` : 'by hand'
  }
  return (
    <div className="mt-4">
      <DataTable
        label="Places, trees and buildings"
        rows={sorted}
        columns={columns}
        keyOf={({ row }) => row.id}
        under={(piece) =>
          open === piece.row.id && (
            <div className="border-l-4 border-leaf bg-base-200 px-4 py-3">
              <div className="max-w-xl">
                <PieceForm
                  key={JSON.stringify(keptOf(piece).row)}
                  piece={keptOf(piece)}
                  manner={manner}
                  onEdit={onEdit}
                />
                {piece.of === 'place' && <CopiesForm place={piece.row} pieces={pieces} onEdit={onEdit} />}
              </div>
            </div>
          )
        }
      />
    </div>
  )
}
