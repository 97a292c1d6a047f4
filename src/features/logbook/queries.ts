import type { IsoDate } from '../../core/calendar'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { inOrder } from '../../core/entry'
import { ENTRY_KINDS, type EntryKind, type LogEntry } from '../../core/log'
import { closedBy } from '../../data/closed-by'
import type { GardenState } from '../../data/garden-state'
import type { PhotoView } from '../../components/photo/photo-strip'
import { photoViews } from '../../data/photo-views'
import { mannerOf } from '../../data/garden-row'
import { formatDate } from '../../wording/dates'
import { sayEntry } from '../../wording/entries'
import { capital } from '../../wording/names'
import { ENTRY_NAMES } from '../../wording/stages'
import { correctable, type CorrectField } from './correctable'
import type { LogFilter } from './filter'

/** One line of the logbook. */
export interface LogLine {
  id: string
  on: IsoDate
  date: string
  about: string
  said: string
  note: string
  /** Who entered it, by name. */
  by: string | null
  taken: boolean
  /** The archived season that its day belongs to: it stays as it is. */
  closed: number | null
  photos: PhotoView[]
  /** Numbers that can be corrected, besides the day and the note. */
  fields: CorrectField[]
}

export interface LogbookView {
  manner: Manner
  now: IsoDate
  filter: LogFilter
  lines: LogLine[]
  /** All that the filter finds; the lines are a page of them. */
  found: number
  page: number
  pages: number
  places: { id: string; name: string }[]
  kinds: { id: EntryKind; name: string }[]
  /** Who entered anything, by name. */
  people: string[]
  /** The plants of the place that is asked for. */
  plants: { id: string; name: string }[]
}

const PAGE = 60

/** The subjects of a log in words: the place, the cultivar, the plant's label. */
export interface Subjects {
  say: (entry: LogEntry) => { about: string; placeId: string | null; crop: Crop }
}

export function subjectsOf({ record, plants }: GardenState): Subjects {
  const places = new Map(record.places.map((place) => [place.id, place]))
  const cultivars = new Map(record.cultivars.map((one) => [one.id, one]))
  const plantings = new Map(record.plantings.map((one) => [one.id, one]))
  const labels = new Map(plants.map((plant) => [plant.id, plant]))
  const ofPlanting = (id: string) => {
    const planting = plantings.get(id)
    const cultivar = planting && cultivars.get(planting.cultivarId)
    return {
      about: [planting && places.get(planting.placeId)?.name, cultivar?.name].filter(Boolean).join(', '),
      placeId: planting?.placeId ?? null,
      crop: cultivar?.crop ?? ('tomato' as const),
    }
  }
  return {
    say: ({ subject: { type, id } }) => {
      switch (type) {
        case 'garden':
          return { about: 'The garden', placeId: null, crop: 'tomato' }
        case 'place':
          return { about: places.get(id)?.name ?? 'A place', placeId: id, crop: 'tomato' }
        case 'planting':
          return ofPlanting(id)
        case 'plant': {
          const plant = labels.get(id)
          const own = ofPlanting(plant?.plantingId ?? '')
          return { ...own, about: `${own.about} ${plant?.label ?? ''}`.trim() }
        }
      }
    },
  }
}

/** The entries that a filter finds, the last first; those that take others back are not lines of their own. */
export function foundEntries(state: GardenState, filter: LogFilter): { entry: LogEntry; taken: boolean }[] {
  const { entries } = state.record
  const manner = mannerOf(state.garden)
  const subjects = subjectsOf(state)
  const voided = new Set(entries.flatMap(({ voids }) => (voids === null ? [] : [voids])))
  const words = filter.words.toLocaleLowerCase()
  const plantingId = state.plants.find(({ id }) => id === filter.plant)?.plantingId
  return entries
    .filter((entry) => {
      if (entry.kind === 'void' || (voided.has(entry.id) && !filter.taken)) return false
      if (filter.kind !== null && entry.kind !== filter.kind) return false
      if (filter.by !== null && entry.by !== filter.by) return false
      if (filter.plant !== null && !isOfPlant(entry, filter.plant, plantingId)) return false
      if ((filter.from !== null && entry.on < filter.from) || (filter.to !== null && entry.on > filter.to))
        return false
      if (filter.place === null && words === '') return true
      const { about, placeId, crop } = subjects.say(entry)
      if (filter.place !== null && placeId !== filter.place) return false
      return (
        words === '' ||
        `${about} ${sayEntry(entry, crop, manner)} ${entry.note}`
          .replaceAll('\u00a0', ' ')
          .toLocaleLowerCase()
          .includes(words)
      )
    })
    .sort((a, b) => inOrder(b, a))
    .map((entry) => ({ entry, taken: voided.has(entry.id) }))
}

const labelOf = ({ plants }: GardenState, id: string | undefined): string | null =>
  (id !== undefined && plants.find((plant) => plant.id === id)?.label) || null

/** Of the plant itself, or of its planting without leaving it out. */
function isOfPlant(entry: LogEntry, plant: string, plantingId: string | undefined): boolean {
  if (entry.subject.id === plant) return true
  if (entry.subject.id !== plantingId) return false
  if (entry.kind === 'picked') return entry.data.plant === undefined || entry.data.plant === plant
  return !(entry.kind === 'pruned' || entry.kind === 'tended') || !entry.data.except?.includes(plant)
}

/** The plants that stand or stood in a place, those of the last season first. */
function plantsIn({ record, plants }: GardenState, placeId: string | null): LogbookView['plants'] {
  const plantings = record.plantings
    .filter((planting) => planting.placeId === placeId)
    .sort((a, b) => b.season - a.season)
  return plantings.flatMap(({ id, season, cultivarId }) => {
    const cultivar = record.cultivars.find((one) => one.id === cultivarId)?.name ?? ''
    return plants
      .filter(({ plantingId }) => plantingId === id)
      .map((plant) => ({ id: plant.id, name: `${cultivar} ${plant.label}, ${season}` }))
  })
}

export function logbookView(state: GardenState, filter: LogFilter, page: number): LogbookView {
  const manner = mannerOf(state.garden)
  const subjects = subjectsOf(state)
  const found = foundEntries(state, filter)
  const pages = Math.max(1, Math.ceil(found.length / PAGE))
  const shown = Math.min(pages, Math.max(1, page))
  return {
    manner,
    now: state.now,
    filter,
    lines: found.slice((shown - 1) * PAGE, shown * PAGE).map(({ entry, taken }) => {
      const { about: of, crop } = subjects.say(entry)
      const one = entry.kind === 'picked' ? labelOf(state, entry.data.plant) : null
      const about = one === null ? of : `${of} ${one}`
      return {
        id: entry.id,
        on: entry.on,
        date: formatDate(entry.on, manner, 'full'),
        about,
        said: sayEntry(entry, crop, manner),
        note: entry.note,
        by: entry.by ?? null,
        taken,
        closed: closedBy(state.archive, entry.on)?.season ?? null,
        photos: photoViews(state, entry.id, entry.note || `Photo, ${about}`),
        fields: correctable(entry, manner),
      }
    }),
    found: found.length,
    page: shown,
    pages,
    people: [...new Set(state.record.entries.flatMap(({ by }) => by ?? []))].sort((a, b) =>
      a.localeCompare(b),
    ),
    plants: plantsIn(state, filter.place),
    places: state.record.places.map(({ id, name }) => ({ id, name })),
    kinds: ENTRY_KINDS.filter((kind) => kind !== 'void').map((id) => ({
      id,
      name: capital(ENTRY_NAMES[id]),
    })),
  }
}
