'use client'

import { sayNumber } from '../../../wording/say'
import { useMemo, useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import type { StandingCanopy } from '../../../core/season'
import { judgeSun, tallSide } from '../../../core/light'
import type { GroundEdit, PlantPosition } from '../../../core/facts'
import type { LightTask } from '../../../workers/light.worker'
import { saySun, saySunHours } from '../../../wording/sun'
import { lightTask } from './task'
import type { PlacePlanting, PlaceView } from '../place/queries'
import { swapEdits } from '../plan/swap'
import { useLight } from './use-light'

/** Direct sun of each planting when grown, mean of the season; and what changing two rows about would do. */
export function SunPanel({
  view,
  live,
  onEdit,
}: {
  view: PlaceView
  live: boolean
  onEdit: (edits: GroundEdit[], words: string) => void
}) {
  const { sun, plantings, others, place } = view
  const [pair, setPair] = useState<[string, string] | null>(null)
  const asked = useMemo(
    () => [...plantings, ...others].map(({ planting }) => planting.id),
    [plantings, others],
  )
  const task = useMemo(
    () =>
      only(
        lightTask({ place: sun.places, obstacle: sun.obstacles }, sun.canopies, sun.latitude, sun.days, true),
        sun.canopies,
        asked,
      ),
    [sun, asked],
  )
  const now = useLight(task.plants.length > 0 ? task : null)
  const swappable = plantings.filter(({ stands }) => !stands)
  const partners = useMemo(
    () => [...swappable.map(({ planting, name }) => ({ planting, name, place })), ...others],
    [swappable, others, place],
  )
  const edits = useMemo(() => {
    const [one, other] = (pair ?? []).map((id) => partners.find(({ planting }) => planting.id === id))
    return one && other
      ? swapEdits(
          one.planting,
          other.planting,
          [...view.plants, ...otherPlants(view, other.planting.id)],
          place,
        )
      : null
  }, [pair, partners, view, place])
  const swappedTask = useMemo(() => {
    if (!edits || edits === 'not-rows') return null
    const moved = new Map(
      edits.flatMap(({ of, id, row }) =>
        of === 'plant' && row ? [[id, row as PlantPosition] as const] : [],
      ),
    )
    const placed = new Map(
      edits.flatMap(({ of, id, row }) =>
        of === 'planting' && row ? [[id, (row as { placeId: string }).placeId] as const] : [],
      ),
    )
    const canopies = sun.canopies.map((canopy) => ({
      ...canopy,
      ...(moved.get(canopy.id) && { x: moved.get(canopy.id)!.x, y: moved.get(canopy.id)!.y }),
      placeId: placed.get(canopy.plantingId) ?? canopy.placeId,
    }))
    return only(
      lightTask({ place: sun.places, obstacle: sun.obstacles }, canopies, sun.latitude, sun.days, true),
      canopies,
      asked,
    )
  }, [edits, sun, asked])
  const then = useLight(swappedTask)
  const mean = (light: typeof now, plantingId: string) => {
    const hours = sun.canopies.flatMap(({ plantingId: of, id }) =>
      of === plantingId && light?.plants[id] !== undefined ? [light.plants[id]] : [],
    )
    return hours.length === 0 ? null : hours.reduce((sum, value) => sum + value, 0) / hours.length
  }
  const side = tallSide(sun.latitude)
  return (
    <section aria-label="Sun" className="space-y-2">
      <PartHeading>Sun</PartHeading>
      {plantings.length > 0 && !now && <p role="status">Working out the sun …</p>}
      <ul>
        {plantings.map(({ planting, name }) => (
          <SunLine
            key={planting.id}
            name={name}
            hours={mean(now, planting.id)}
            view={view}
            cultivarId={planting.cultivarId}
          />
        ))}
      </ul>
      <p className="text-quiet">
        Average over the season, with full-grown plants. Put tall rows on the {side} side: their shade then
        falls on paths, not on lower rows.
      </p>
      {live && swappable.length > 0 && partners.length > 1 && (
        <div className="flex flex-wrap items-end gap-2">
          <Pick
            label="Swap two rows"
            value={pair?.[0] ?? ''}
            options={swappable}
            onPick={(id) => setPair([id, pair?.[1] ?? ''])}
          />
          <Pick
            label="with"
            value={pair?.[1] ?? ''}
            options={partners.filter(({ planting }) => planting.id !== pair?.[0])}
            onPick={(id) => setPair([pair?.[0] ?? swappable[0]!.planting.id, id])}
          />
          {edits === 'not-rows' && (
            <p className="text-cut">
              You can swap two rows only if each has its own lines, and equally many.
            </p>
          )}
          {edits && edits !== 'not-rows' && (
            <>
              <p data-testid="swap-effect">
                {pair!.map((id) => {
                  const [before, after] = [mean(now, id), mean(then, id)]
                  const { name } = partners.find(({ planting }) => planting.id === id)!
                  return before === null || after === null
                    ? ''
                    : `${name} ${sayNumber(before, view.manner)} → ${saySunHours(after, view.manner)}. `
                })}
                {!then && 'Working out the sun …'}
              </p>
              <button
                type="button"
                className="btn min-h-11 bg-base-100"
                onClick={() => {
                  onEdit(edits, 'The two rows are swapped.')
                  setPair(null)
                }}
              >
                Swap them
              </button>
            </>
          )}
        </div>
      )}
    </section>
  )
}

/** No map is drawn, and only these plantings are asked about. */
const only = (
  task: LightTask,
  canopies: readonly StandingCanopy[],
  plantingIds: readonly string[],
): LightTask => {
  const asked = new Set(
    canopies.filter(({ plantingId }) => plantingIds.includes(plantingId)).map(({ id }) => id),
  )
  return { ...task, area: null, plants: task.plants.filter(({ id }) => asked.has(id)) }
}

/** Plants of a planting elsewhere, as far as its canopies tell where they stand. */
function otherPlants({ sun, plants }: PlaceView, plantingId: string): PlantPosition[] {
  if (plants.some((plant) => plant.plantingId === plantingId)) return []
  return sun.canopies
    .filter((canopy) => canopy.plantingId === plantingId)
    .map(({ id, label, x, y }) => ({ id, plantingId, label, x, y, from: null, to: null }))
}

function SunLine({
  name,
  hours,
  view,
  cultivarId,
}: {
  name: string
  hours: number | null
  view: PlaceView
  cultivarId: string
}) {
  const { fruit } = view.cultivars.find(({ id }) => id === cultivarId) ?? { fruit: '' }
  const judged = hours === null ? null : judgeSun(hours, { fruit })
  return (
    <li>
      <strong>{name}</strong>
      {hours !== null && (
        <>
          : {saySunHours(hours, view.manner)} per day,{' '}
          <span className={judged?.verdict === 'little' ? 'text-cut' : ''}>{judged && saySun(judged)}</span>
        </>
      )}
    </li>
  )
}

function Pick({
  label,
  value,
  options,
  onPick,
}: {
  label: string
  value: string
  options: readonly Pick<PlacePlanting, 'planting' | 'name'>[]
  onPick: (id: string) => void
}) {
  return (
    <label className="flex flex-col text-sm text-quiet">
      {label}
      <select
        aria-label={label}
        className="select min-h-11 text-base text-base-content"
        value={value}
        onChange={(event) => onPick(event.target.value)}
      >
        <option value="">choose …</option>
        {options.map(({ planting, name }) => (
          <option key={planting.id} value={planting.id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}
