'use client'

import { Link } from '../../../components/link'
import { useRouter } from '../../../components/offline'
import { useMemo, useState } from 'react'
import { addDays } from '../../../core/calendar'
import type { GroundEdit } from '../../../core/facts'
import { capital, nameOf } from '../../../wording/names'
import { formatDate } from '../../../wording/dates'
import type { Lying } from '../../../core/ground'
import { PiecePick } from './pick'
import { GroundPlan } from './plan'
import type { Piece } from './piece'
import { GroundTabs } from '../tabs'
import { layerOf, LAYERS, LayerLegend, type Layer } from './layers'
import { lightTask } from '../light/task'
import { newPiece, NEW_KINDS, type NewKind } from './new-piece'
import { CopiesForm, GroundList, PieceForm } from '../shown-later'
import type { GroundView } from '../queries'
import { UndoButtons } from './undo-buttons'
import { useGround } from './use-ground'
import { useLight } from '../light/use-light'

/** The garden from above: what lies where, edited by hand or by typing, under one layer of knowledge at a time. */
export function GroundScreen({ view, list }: { view: GroundView; list: boolean }) {
  const { manner, canopies, notes, now, on, query } = view
  const router = useRouter()
  const ground = useGround(view)
  const { rows, edit, editByForm } = ground
  const [chosen, setChosen] = useState<string | null>(null)
  const [layer, setLayer] = useState<Layer>('plants')
  const [season, setSeason] = useState(true)
  const pieces = useMemo(
    (): Piece[] => [
      ...rows.obstacle.map((row): Piece => ({ of: 'obstacle', row })),
      // A tunnel may stand over beds: it is drawn under them.
      ...[...rows.place]
        .sort((a, b) => Number(b.kind === 'tunnel') - Number(a.kind === 'tunnel'))
        .map((row): Piece => ({ of: 'place', row })),
    ],
    [rows],
  )
  const task = useMemo(
    () =>
      layer === 'light'
        ? lightTask(rows, canopies, view.site.latitude, season ? view.seasonDays : [view.dayOfYear], season)
        : null,
    [layer, rows, canopies, view.site.latitude, view.seasonDays, view.dayOfYear, season],
  )
  const light = useLight(task)
  const { words, tints, alarmed } = useMemo(
    () => layerOf(layer, rows, canopies, notes, light, manner),
    [layer, rows, canopies, notes, light, manner],
  )
  /** As the server has it: a form is not made anew by what may yet be refused. */
  const keptOf = (of: Piece): Piece =>
    ({
      of: of.of,
      row: (view.rows[of.of] as Piece['row'][]).find(({ id }) => id === of.row.id) ?? of.row,
    }) as Piece
  const piece = pieces.find(({ row }) => row.id === chosen) ?? null
  const change = (of: Piece, row: Piece['row'] | null): GroundEdit =>
    ({ of: of.of, id: of.row.id, row }) as GroundEdit
  const move = (of: Piece, { x, y, length, width, turn }: Lying) =>
    edit([change(of, { ...of.row, x, y, length, width, turn })], `${of.row.name} is moved.`)
  const add = (kind: NewKind) => {
    const made = newPiece(kind, pieces, manner)
    edit([change(made, made.row)], `${made.row.name} is there: drag it, or type where it lies.`)
    setChosen(made.row.id)
  }
  const putAway = (of: Piece) => {
    const note = notes[of.row.id]
    edit(
      [change(of, of.of === 'obstacle' || !note?.history ? null : { ...of.row, to: addDays(now, -1) })],
      `${of.row.name} is removed.`,
    )
    setChosen(null)
  }
  const open = (of: Piece) => router.push(`/ground/${of.row.id}${query}`)
  const live = on === now
  return (
    <div className="mx-auto max-w-7xl px-6 py-5 max-sm:px-4">
      <GroundTabs at={list ? 'list' : 'plan'} query={query} />
      <h1 className="mt-3 text-3xl font-semibold">{view.answer}</h1>
      <p className="mt-1 text-lg text-quiet">{view.deciding}</p>
      {view.troubles.length > 0 && (
        <details
          className="mt-2 border-l-4 border-feed bg-(--caution) px-3 py-1.5"
          open={view.troubles.length < 3}
        >
          <summary className="min-h-8 pointer-coarse:min-h-11 cursor-pointer font-semibold">
            {view.troubles.length === 1 ? 'One thing' : `${view.troubles.length} things`} to look at
          </summary>
          <ul className="list-disc pl-5">
            {view.troubles.map((trouble) => (
              <li key={trouble}>{trouble}</li>
            ))}
          </ul>
        </details>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <fieldset className="flex flex-wrap items-center gap-1">
          <legend className="sr-only">Layer</legend>
          {LAYERS.map((other) => (
            <label
              key={other}
              className="btn min-h-11 bg-base-100 has-checked:bg-base-200 has-checked:font-semibold has-focus-visible:outline-2"
            >
              <input
                type="radio"
                name="layer"
                className="sr-only"
                checked={layer === other}
                onChange={() => setLayer(other)}
              />
              {capital(other)}
            </label>
          ))}
        </fieldset>
        {layer === 'light' && (
          <select
            className="select min-h-11 w-auto"
            aria-label="Sun of"
            value={String(season)}
            onChange={(event) => setSeason(event.target.value === 'true')}
          >
            <option value="true">average of the season, with full-grown plants</option>
            <option value="false">{formatDate(on, manner)}, with the plants as they are</option>
          </select>
        )}
        {live && (
          <span className="flex flex-wrap items-center gap-1">
            <select
              className="select min-h-11 w-auto"
              aria-label="Add to the plan"
              value=""
              onChange={(event) => event.target.value && add(event.target.value as NewKind)}
            >
              <option value="">Add …</option>
              {NEW_KINDS.map((kind) => (
                <option key={kind} value={kind}>
                  {capital(nameOf(kind))}
                </option>
              ))}
            </select>
            <UndoButtons ground={ground} />
          </span>
        )}
        {!live && (
          <p className="text-quiet">You are looking at another day. Go back to today to change the plan.</p>
        )}
      </div>
      {list ? (
        <GroundList
          pieces={pieces}
          words={words}
          notes={notes}
          manner={manner}
          query={query}
          live={live}
          layer={layer}
          keptOf={keptOf}
          onEdit={editByForm}
          onPutAway={putAway}
        />
      ) : (
        <div className="mt-3 grid gap-6 lg:grid-cols-[minmax(0,1fr)_19rem]">
          <div>
            <GroundPlan
              pieces={pieces}
              canopies={canopies}
              words={words}
              tints={tints}
              alarmed={alarmed}
              light={light?.map ?? null}
              chosen={live ? chosen : null}
              manner={manner}
              onChoose={live ? setChosen : noChoice}
              onOpen={open}
              onMove={move}
            />
            <LayerLegend layer={layer} working={layer === 'light' && light === null} />
          </div>
          <aside aria-label="Selected" className="min-w-0">
            {piece && live ? (
              <>
                <div className="mb-3 flex flex-wrap gap-2">
                  {piece.of === 'place' && (
                    <Link href={`/ground/${piece.row.id}${query}`} className="btn btn-primary min-h-11">
                      Open
                    </Link>
                  )}
                  <button type="button" className="btn min-h-11 bg-base-100" onClick={() => putAway(piece)}>
                    Remove
                  </button>
                </div>
                {notes[piece.row.id] && (
                  <p className="mb-3">
                    {notes[piece.row.id]!.held || 'Nothing is planted here.'}{' '}
                    <span className="text-quiet">{notes[piece.row.id]!.rotation.text}</span>
                  </p>
                )}
                <PieceForm
                  key={JSON.stringify(keptOf(piece).row)}
                  piece={keptOf(piece)}
                  manner={manner}
                  onEdit={editByForm}
                />
                {piece.of === 'place' && (
                  <CopiesForm key={piece.row.id} place={piece.row} pieces={pieces} onEdit={editByForm} />
                )}
              </>
            ) : (
              <>
                {live && (
                  <p className="text-quiet">
                    Choose a bed to see or change its size. Drag it to move it, or drag a corner to resize it.
                    Arrow keys move the selected bed. You can do all this in the{' '}
                    <Link href={`/ground/list${query}`} className="link">
                      list
                    </Link>{' '}
                    too.
                  </p>
                )}
                <PiecePick
                  pieces={pieces}
                  held={(id) => notes[id]?.held ?? ''}
                  query={query}
                  onChoose={live ? setChosen : undefined}
                />
              </>
            )}
          </aside>
        </div>
      )}
      {view.putAway.length > 0 && (
        <details className="mt-6">
          <summary className="min-h-8 pointer-coarse:min-h-11 cursor-pointer text-quiet">
            Removed: {view.putAway.length}
          </summary>
          <ul className="mt-1 space-y-1">
            {view.putAway.map((place) => (
              <li key={place.id} className="flex items-center gap-3">
                {place.name}, until {formatDate(place.to!, manner)}
                <button
                  type="button"
                  className="btn min-h-11 bg-base-100"
                  onClick={() =>
                    edit(
                      [{ of: 'place', id: place.id, row: { ...place, to: null } }],
                      `${place.name} is back.`,
                    )
                  }
                >
                  Bring back
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  )
}

const noChoice = () => undefined
