import { onPlan } from '../../../core/season'
import type { Day } from '../../../data/garden-state'
import { unparse } from 'papaparse'
import { inGarden } from '../../../core/facts'
import { matrixCode, type MatrixCode } from '../../../components/drawing/matrix-code'
import { formatDate } from '../../../wording/dates'
import { sayLength } from '../../../wording/say'
import type { Piece } from '../plan/piece'
import { groundView, type GroundView } from '../queries'

export const PAPERS = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const
export type Paper = keyof typeof PAPERS

export const paperOf = (asked: unknown): Paper => (asked === 'letter' ? 'letter' : 'a4')

/** Places and obstacles as pieces, in the order they are drawn. */
export const piecesOf = ({ rows }: Pick<GroundView, 'rows'>): Piece[] => [
  ...rows.obstacle.map((row): Piece => ({ of: 'obstacle', row })),
  ...rows.place.map((row): Piece => ({ of: 'place', row })),
]

export interface PlanPaper {
  name: string
  date: string
  view: GroundView
  lines: { name: string; size: string; held: string }[]
}

export function planPaper(day: Day): PlanPaper {
  const { state, on } = day
  const view = groundView(day)
  const { manner } = view
  return {
    name: state.garden.name,
    date: formatDate(on, manner),
    view,
    lines: view.rows.place.map((place) => ({
      name: place.name,
      size: `${sayLength(place.length, manner)} × ${sayLength(place.width, manner)}`,
      held: view.notes[place.id]!.held || 'nothing',
    })),
  }
}

export interface PlantLabel {
  id: string
  cultivar: string
  where: string
  date: string
  code: MatrixCode
}

/** A label for every plant of the season: cultivar, where, when set out, and a code that opens its page. */
export function plantLabels(day: Day, origin: string): PlantLabel[] {
  const { manner } = day
  return onPlan(day.outlook).flatMap(({ planting, cultivar, place, begins, stands }) => {
    const { date } = begins
    const done = planting.raising === 'direct' ? 'seedlings showed' : 'planted out'
    const ahead = planting.raising === 'direct' ? 'seedlings show about' : 'plant out'
    return day.plants
      .filter(({ plantingId }) => plantingId === planting.id)
      .map(({ id, label }) => ({
        id,
        cultivar: cultivar.name,
        where: `${place.name}, plant ${label}`,
        date: date ? `${stands ? done : ahead} ${formatDate(date, manner)}` : '',
        code: matrixCode(`${origin}/plants/${encodeURIComponent(id)}`),
      }))
  })
}

/** Where every plant stands, in its place and in the garden, as a table. */
export function positionsCsv({ state, outlook, plants }: Day): string {
  const places = new Map(state.record.places.map((place) => [place.id, place]))
  const metres = (value: number) => Math.round(value * 1000) / 1000
  const rows = onPlan(outlook).flatMap(({ planting, cultivar }) => {
    const place = places.get(planting.placeId)!
    return plants
      .filter(({ plantingId }) => plantingId === planting.id)
      .map((plant) => {
        const spot = inGarden(place, plant)
        return {
          place: place.name,
          plant: plant.label,
          cultivar: cultivar.name,
          'from the west end, m': metres(plant.x),
          'from the south side, m': metres(plant.y),
          'east in the garden, m': metres(spot.x),
          'north in the garden, m': metres(spot.y),
        }
      })
  })
  return unparse(rows, { escapeFormulae: true })
}
