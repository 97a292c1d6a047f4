'use client'

import { Link } from '../../../components/link'
import { useMemo, useState } from 'react'
import { sayFault } from '../../../components/say'
import { Why } from '../../../components/advice/why'
import type { Alternative } from '../../../core/advice'
import { addDays } from '../../../core/calendar'
import { trainingsFor } from '../../../core/crop'
import type { GroundEdit } from '../../../core/facts'
import {
  bedOf,
  takenBy,
  bedCapacity,
  fill,
  layPlanting,
  plantingSpacing,
  type Capacity,
  type CapacityRule,
  type Laying,
  type Position,
} from '../../../core/spacing'
import { sayCount } from '../../../wording/say'
import { BedBoard } from './bed-board'
import type { BoardPlant } from './board-plant'
import { FitPanel } from './fit-panel'
import { GroundTabs } from '../tabs'
import { loosenedPlace, placedEdits, type Wish } from './edits'
import type { PlaceView } from './queries'
import { PlantTable, PotPanel, RowEditor } from '../shown-later'
import { SunPanel } from '../light/sun-panel'
import { UndoButtons } from '../plan/undo-buttons'
import { useGround } from '../plan/use-ground'

/** Inside a place: what stands where, how many more fit, its sun and its rest. */
export function PlaceScreen({ view }: { view: PlaceView }) {
  const { manner, query, cultivars, wetness } = view
  const sent = useMemo(
    () => ({
      changes: view.changes,
      rows: {
        place: [view.place],
        obstacle: [],
        planting: view.plantings.map(({ planting }) => planting),
        plant: view.plants,
      },
    }),
    [view],
  )
  const ground = useGround(sent)
  const { rows, edit } = ground
  const place = rows.place[0] ?? view.place
  const live = view.on === view.now
  const [chosen, setChosen] = useState<string | null>(null)
  const [picked, setPicked] = useState<ReadonlySet<number>>(new Set())
  const [wish, setWish] = useState<Wish>(() => firstWish(view))
  const cultivar = cultivars.find(({ id }) => id === wish.cultivarId)
  const fit = useMemo(() => {
    if (!cultivar) return null
    const { training, support, school: spacingSchool } = wish
    const spacing = plantingSpacing({ training, support, spacingSchool }, cultivar, wetness)
    // What was placed a moment ago keeps the room of its own kind, as it will when the server has answered.
    const spacingOf = new Map(
      rows.planting.flatMap((planting) => {
        const plant = cultivars.find(({ id }) => id === planting.cultivarId)
        if (!plant) return []
        return [[planting.id, plantingSpacing(planting, plant, wetness)]]
      }),
    )
    const empty = bedOf(place, spacing, wish.support, cultivar, wish.layout)
    const standing = rows.plant.map(({ x, y, plantingId }) => ({
      x,
      y,
      ...(spacingOf.get(plantingId) ?? spacing),
    }))
    const capacity = bedCapacity({ ...empty, taken: takenBy(standing, spacing) })
    return { spacing, capacity, standing, whenEmpty: fill(empty).count }
  }, [cultivar, cultivars, wish, wetness, place, rows.plant, rows.planting])
  const cultivarOf = (plantingId: string) =>
    cultivars.find(({ id }) => id === rows.planting.find((other) => other.id === plantingId)?.cultivarId)
  const nameOf = (plantingId: string) =>
    view.plantings.find(({ planting }) => planting.id === plantingId)?.name ??
    cultivarOf(plantingId)?.name ??
    ''
  const plants = rows.plant.map((plant): BoardPlant => ({
    ...(view.canopies.find(({ id }) => id === plant.id) ?? NEW_CANOPY),
    ...plant,
    crop: cultivarOf(plant.plantingId)?.crop ?? 'tomato',
    placeId: place.id,
    name: nameOf(plant.plantingId),
    support: rows.planting.find(({ id }) => id === plant.plantingId)?.support ?? 'none',
    alarm: view.crowded.includes(plant.id),
  }))
  const put = (positions: readonly Position[]) => {
    if (!cultivar || positions.length === 0) return
    edit(
      placedEdits({ ...wish, placeId: place.id, season: view.season }, positions, rows.plant),
      `${sayCount(positions.length, 'plant')} of ${cultivar.name} placed in ${place.name}.`,
    )
    setPicked(new Set())
  }
  const putSome = (count: number, laying: Laying) => {
    if (!cultivar || !fit) return
    const { training, support, school: spacingSchool, layout } = wish
    const wanted = { cultivar, count, training, support, spacingSchool, layout }
    put(layPlanting(place, wanted, fit.standing, wetness, laying).positions)
  }
  const loosen = (choice: Alternative<Capacity, CapacityRule>) => {
    const loosened = loosenedPlace(place, choice)
    if (loosened) edit([{ of: 'place', id: place.id, row: loosened.row }], loosened.words)
  }
  const move = (id: string, to: Position) => {
    const row = rows.plant.find((plant) => plant.id === id)
    if (row) edit([{ of: 'plant', id, row: { ...row, x: to.x, y: to.y } }], `Plant ${row.label} is moved.`)
  }
  const takeOut = (id: string) => {
    const row = rows.plant.find((plant) => plant.id === id)
    if (!row) return
    const stood = view.plantings.some(({ planting, stands }) => planting.id === row.plantingId && stands)
    edit(
      [{ of: 'plant', id, row: stood ? { ...row, to: addDays(view.now, -1) } : null }],
      `Plant ${row.label} is off the plan.`,
    )
    setChosen(null)
  }
  const remove = (plantingId: string) => {
    edit(
      [
        ...rows.plant
          .filter((plant) => plant.plantingId === plantingId)
          .map(({ id }): GroundEdit => ({ of: 'plant', id, row: null })),
        { of: 'planting', id: plantingId, row: null },
      ],
      `${nameOf(plantingId)} is off the plan.`,
    )
  }
  return (
    <div className="mx-auto max-w-6xl px-6 py-5 max-sm:px-4">
      <GroundTabs at="place" query={query} />
      <div className="mt-3 flex flex-wrap items-end justify-between gap-2">
        <div>
          <p className="text-quiet">{place.name}</p>
          <h1 className="text-3xl font-semibold">
            {fit
              ? headline(fit.capacity.answer.count, cultivar!.name, plants.length)
              : 'Nothing to plant yet'}
          </h1>
        </div>
        {live && (
          <span className="flex gap-1">
            <UndoButtons ground={ground} />
          </span>
        )}
      </div>
      <div className="mt-3">
        <BedBoard
          place={place}
          plants={plants}
          free={live && fit ? fit.capacity.answer.positions : []}
          picked={picked}
          live={live}
          manner={manner}
          chosen={chosen}
          onChoose={setChosen}
          onMove={move}
          onPick={(index) =>
            setPicked((before) => {
              const next = new Set(before)
              if (!next.delete(index)) next.add(index)
              return next
            })
          }
        />
      </div>
      {!live && (
        <p className="text-quiet">You are looking at another day. Go back to today to place plants.</p>
      )}
      {cultivars.length === 0 && (
        <p>
          <Link href="/plantings/new" className="link">
            Make a first planting
          </Link>{' '}
          with its cultivar, and this place shows how many fit.
        </p>
      )}
      {live && fit && (
        <FitPanel
          place={place}
          cultivars={cultivars}
          wish={wish}
          spacing={fit.spacing}
          capacity={fit.capacity}
          whenEmpty={fit.whenEmpty}
          pickedCount={picked.size}
          manner={manner}
          onWish={(next) => {
            setWish(next)
            setPicked(new Set())
          }}
          onPlaceAll={() => put(fit.capacity.answer.positions)}
          onPlacePicked={() => put(fit.capacity.answer.positions.filter((_, index) => picked.has(index)))}
          onPlaceSome={putSome}
          onLoosen={loosen}
        />
      )}
      {place.kind === 'rows' && live && (
        <RowEditor
          key={rows.planting.map(({ id }) => id).join()}
          view={view}
          place={place}
          onLay={(edits) => edit(edits, `${place.name} is planted as shown.`)}
          onFail={(message) => sayFault(message)}
        />
      )}
      <div className="mt-7 grid gap-8 lg:grid-cols-2">
        <div className="min-w-0 space-y-6">
          <PlantTable
            plants={plants}
            plantings={view.plantings}
            chosen={chosen}
            isPot={place.pot !== null}
            live={live}
            manner={manner}
            query={query}
            onMove={move}
            onTakeOut={takeOut}
            onRemove={remove}
          />
          {view.leafArea && <p className="text-quiet">{view.leafArea}</p>}
        </div>
        <div className="min-w-0 space-y-6">
          {place.pot && <PotPanel view={view} place={place} />}
          <SunPanel view={view} live={live} onEdit={edit} />
          <Why heading="Rest from the tomato family" reasons={view.rotation.reasons} />
        </div>
      </div>
    </div>
  )
}

const NEW_CANOPY = {
  id: '',
  label: '',
  x: 0,
  y: 0,
  width: 0.2,
  grown: 0.5,
  own: true,
  stands: false,
  height: 0.2,
  grownHeight: 1,
  plantingId: '',
  placeId: '',
}

const headline = (fits: number, name: string, standing: number) =>
  `${fits === 0 ? 'No more' : fits} ${name} ${fits === 1 ? 'fits' : 'fit'}${standing > 0 ? ` beside the ${standing === 1 ? 'one' : standing} here` : ''}`

function firstWish({ plantings, cultivars, school }: PlaceView): Wish {
  const main = plantings[0]
  const cultivar = cultivars.find(({ id }) => id === main?.cultivarId) ?? cultivars[0]
  return {
    cultivarId: cultivar?.id ?? '',
    training: main?.planting.training ?? (cultivar ? trainingsFor(cultivar)[0]! : 'two-stems'),
    support: main?.planting.support ?? 'stake',
    school: main?.planting.spacingSchool ?? (school as Wish['school']),
    layout: 'rows',
  }
}
