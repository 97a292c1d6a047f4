import { onceADay } from '../../core/garden-day'
import type { Day } from '../../data/garden-state'
import type { IsoDate } from '../../core/calendar'
import { dayOfYear } from '../../core/calendar'
import { growingDays } from '../../core/light'
import {
  holdsOn,
  wantedIn,
  type GardenCultivar,
  type GroundRows,
  type Manner,
  type Place,
} from '../../core/facts'
import { rotation, type Rotation } from '../../core/rotation'
import { onPlan, seasonInView, type StandingCanopy } from '../../core/season'
import { bedOf, takenBy, crowding, fill, leafAreaOf, recommendSpacing, unaccounted } from '../../core/spacing'
import { sayCount, sayMeasure, sayNumber } from '../../wording/say'
import { sayReason } from '../../wording/say-reason'
import { overlaps } from './plan/faults'

/** What is told of a place in layers and list. */
export interface PlaceNote {
  /** `6 Copperlace, 6 Dusk Plum`; empty: nothing stands there. */
  held: string
  plants: number
  rotation: { verdict: Rotation['verdict']; text: string }
  /** Plants that stand closer than advised. */
  crowded: string[]
  leafArea: string
  /** Something was entered of it, or grew in it. */
  history: boolean
  /** How many more of what stands there would fit. */
  room: number
}

/** The ground as of a date. */
export interface GroundView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  query: string
  site: { latitude: number }
  /** The day shown, and the middle of each month without frost, 1–366. */
  dayOfYear: number
  seasonDays: number[]
  answer: string
  deciding: string
  troubles: string[]
  rows: GroundRows
  /** How many changes of the garden the rows follow. */
  changes: number
  canopies: StandingCanopy[]
  notes: Record<string, PlaceNote>
  cultivars: GardenCultivar[]
  putAway: Place[]
}

export const groundView = onceADay('groundView', (day: Day): GroundView => {
  const { state, on, manner, canopies } = day
  const rows = rowsOn(day)
  const notes = Object.fromEntries(rows.place.map((place) => [place.id, noteOf(day, place, canopies)]))
  const room = Object.values(notes).reduce((sum, note) => sum + note.room, 0)
  const stand = canopies.filter(({ stands }) => stands).length
  const planned = canopies.length - stand
  return {
    manner,
    on,
    now: state.now,
    query: day.query,
    site: { latitude: state.garden.latitude },
    dayOfYear: dayOfYear(on),
    seasonDays: growingDays(state.record.ensemble),
    answer:
      rows.place.length === 0
        ? 'Draw your first place'
        : canopies.length === 0
          ? `${sayCount(rows.place.length, 'place')}, nothing planted yet`
          : `${sayCount(stand, 'plant')} on ${sayCount(rows.place.length, 'place')}, room for ${room} more`,
    deciding: decidingOf(rows, notes, planned),
    troubles: troublesOf(day, rows, notes),
    rows,
    changes: state.changes,
    canopies,
    notes,
    cultivars: [...state.record.cultivars],
    putAway: state.record.places.filter((place) => place.to !== null && place.to < on),
  }
})

function rowsOn(day: Day): GroundRows {
  const { state, on, outlook } = day
  const planting = onPlan(outlook).map((own) => own.planting)
  const ids = new Set(planting.map(({ id }) => id))
  return {
    place: state.record.places.filter((place) => holdsOn(place, on)),
    obstacle: state.obstacles.filter((obstacle) => holdsOn(obstacle, on)),
    planting,
    plant: day.plants.filter(({ plantingId }) => ids.has(plantingId)),
  }
}

function decidingOf(rows: GroundRows, notes: GroundView['notes'], planned: number): string {
  if (rows.place.length === 0) return 'Everything else follows from where your beds, rows and pots are.'
  if (rows.planting.length === 0) return 'Open a place to see how many fit in it.'
  const widest = rows.place.reduce((most, place) =>
    notes[place.id]!.room > notes[most.id]!.room ? place : most,
  )
  const more = notes[widest.id]!.room
  return [
    more > 0
      ? `Most of it in ${widest.name}: ${more} more of what grows there.`
      : 'Every place is as full as we advise.',
    planned > 0 ? `${planned} more are planned and have a place.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}

/** What is wrong with the plan, in words. */
function troublesOf(day: Day, rows: GroundRows, notes: GroundView['notes']): string[] {
  const { manner, outlook } = day
  const nameOf = new Map(
    onPlan(outlook).map(({ planting, cultivar, place }) => [
      planting.id,
      `${cultivar.name} in ${place.name}`,
    ]),
  )
  return [
    ...wantedIn(seasonInView(outlook).season, day.state.wanted, day.state.record.plantings)
      .filter(({ left }) => left > 0)
      .map(({ cultivarId, left }) => {
        const wished = day.state.record.cultivars.find(({ id }) => id === cultivarId)
        return `${left} ${wished?.name ?? ''} on your list ${left === 1 ? 'has' : 'have'} no place yet.`
      }),
    ...overlaps(rows.place).map(
      ({ one, other, area }) =>
        `${one.name} and ${other.name} overlap by ${sayMeasure({ kind: 'area', value: area }, manner)}.`,
    ),
    ...unaccounted(
      rows.planting.map(({ id, count }) => ({
        plantingId: id,
        raised: count,
        positions: rows.plant.filter(({ plantingId }) => plantingId === id).length,
      })),
    ).map(({ plantingId, leftOff, empty }) =>
      leftOff > 0
        ? `${nameOf.get(plantingId)}: ${sayCount(leftOff, 'plant')} not on the plan yet.`
        : `${nameOf.get(plantingId)}: ${sayCount(empty, 'position')} still empty.`,
    ),
    ...rows.place.flatMap((place) => {
      const { crowded } = notes[place.id]!
      return crowded.length > 0
        ? [`${place.name}: ${sayCount(crowded.length, 'plant')} closer than advised.`]
        : []
    }),
  ]
}

function noteOf(day: Day, place: Place, canopies: readonly StandingCanopy[]): PlaceNote {
  const { state, manner, outlook, wetness } = day
  const own = onPlan(outlook).filter((other) => other.place.id === place.id)
  const here = canopies.filter(({ placeId }) => placeId === place.id)
  const spacingOf = new Map(
    own.map(({ planting, cultivar }) => [
      planting.id,
      recommendSpacing({
        plant: cultivar,
        training: planting.training,
        school: planting.spacingSchool,
        wetness,
      }).answer,
    ]),
  )
  const leafOf = new Map(
    own.map(({ planting, cultivar }) => [planting.id, leafAreaOf(cultivar, planting.training)]),
  )
  const pressed = crowding(
    here.map(({ id, x, y, plantingId }) => ({
      id,
      x,
      y,
      // Lines of a bed stand closer than plants in a row: the nearer of the two is what is advised at least.
      apart: Math.min(spacingOf.get(plantingId)!.inRow, spacingOf.get(plantingId)!.lines),
      leafArea: leafOf.get(plantingId)!,
    })),
    place.length * place.width,
  )
  const turned = rotation(
    { years: day.solanaceaeYears(place.id), container: place.kind === 'container' },
    seasonInView(outlook).season,
  )
  const main = own[0]
  return {
    held: own.map(({ planting, cultivar }) => `${planting.count} ${cultivar.name}`).join(', '),
    plants: here.length,
    rotation: { verdict: turned.answer.verdict, text: sayReason(turned.reasons[0]!, manner) },
    crowded: pressed.crowded,
    history:
      day.solanaceaeYears(place.id).length > 0 ||
      state.record.entries.some(({ subject }) => subject.id === place.id),
    leafArea:
      here.length === 0
        ? ''
        : `Leaves ${sayNumber(pressed.leafAreaIndex, manner)} times the ground’s area, grown: they take ${Math.round(pressed.lightTaken * 100)} % of the light.`,
    room: main
      ? fill({
          ...bedOf(
            place,
            spacingOf.get(main.planting.id)!,
            main.planting.support,
            main.cultivar,
            'rows',
            main.planting.ownCage,
          ),
          taken: takenBy(
            here.map(({ x, y, plantingId }) => ({ x, y, ...spacingOf.get(plantingId)! })),
            spacingOf.get(main.planting.id)!,
          ),
        }).count
      : 0,
  }
}
