import { addDays, type IsoDate } from '../../core/calendar'
import type { Crop } from '../../core/crop'
import type { Planting, PlantPosition } from '../../core/facts'
import type { EntryData, EntryKind, LogEntry } from '../../core/log'
import { bedOf, placeInBed, recommendSpacing } from '../../core/spacing'
import { CULTIVARS, PLACES } from './facts'
import { careEntries } from './care'
import { CASE_ENTRIES } from './cases'
import { LAST_YEAR, THIS_YEAR, type Story } from './stories'

const RAISED: Record<Crop, { sown: number; emerged: number; pottedUp: number }> = {
  tomato: { sown: 49, emerged: 42, pottedUp: 22 },
  pepper: { sown: 63, emerged: 53, pottedUp: 30 },
}
const SEED_RATE = 1.4

/** The plantings of both years with their plants and log. */
export function demoSeasons(): { plantings: Planting[]; plants: PlantPosition[]; log: LogEntry[] } {
  const plantings: Planting[] = []
  const plants: PlantPosition[] = []
  const drafts: (Omit<LogEntry, 'id' | 'at'> & { id?: string })[] = []
  const inPlace = new Map<string, number>()
  for (const [season, stories] of [
    [2025, LAST_YEAR],
    [2026, THIS_YEAR],
  ] as const) {
    for (const story of stories) {
      const number = (inPlace.get(season + story.place) ?? 0) + 1
      inPlace.set(season + story.place, number)
      const planting = plantingOf(story, season, number)
      plantings.push(planting)
      plants.push(...plantsOf(story, planting, stories))
      drafts.push(...entriesOf(story, planting, season))
    }
  }
  drafts.push(soilReading('2026-06-16', 'demo-bed-4', 22.4), soilReading('2026-05-14', 'demo-bed-1', 17.2))
  drafts.push(...careEntries(), ...CASE_ENTRIES)
  const log = drafts
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
    .map(
      (draft, index) =>
        ({
          id: `demo-${String(index + 1).padStart(4, '0')}`,
          ...draft,
          at: `${draft.on}T07:10:00.000Z`,
        }) as LogEntry,
    )
  return { plantings, plants, log }
}

function plantingOf(story: Story, season: number, number: number): Planting {
  return {
    id: `demo-${season}-${story.place}-${number}`,
    cultivarId: `demo-${story.cultivar}`,
    placeId: `demo-${story.place}`,
    season,
    count: story.count,
    training: story.training,
    support: story.support,
    spacingSchool: 'standard',
    germination: 0.85,
    survival: 0.9,
    raising: 'plant',
    plannedSow: null,
    plannedSetOut: story.setOut as IsoDate,
    ownInRow: null,
    ownLines: null,
    ownCage: null,
    unionHeight: null,
  }
}

/** Plants in lines; plantings that share a place this season stand side by side along it. */
function plantsOf(story: Story, planting: Planting, stories: readonly Story[]): PlantPosition[] {
  const place = PLACES.find(({ id }) => id === planting.placeId)!
  const plant = CULTIVARS.find(({ id }) => id === planting.cultivarId)!
  const { answer: spacing } = recommendSpacing({
    plant,
    training: story.training,
    school: 'standard',
    wetness: 'low',
  })
  const sharing = stories.filter((other) => other.place === story.place && other.reached !== 'planned')
  const shares = story.reached === 'planned' ? 1 : Math.max(1, sharing.length)
  const offset = story.reached === 'planned' ? 0 : (sharing.indexOf(story) * place.length) / shares
  const before = sharing
    .slice(0, Math.max(0, sharing.indexOf(story)))
    .reduce((sum, { count }) => sum + count, 0)
  const end = offset + place.length / shares
  const { positions } = placeInBed(
    {
      ...bedOf(place, spacing, story.support, plant),
      taken: [
        { x: -1, y: -1, length: 1 + offset, width: place.width + 2 },
        { x: end, y: -1, length: place.length - end + 1, width: place.width + 2 },
      ],
    },
    story.count,
  )
  return positions.map(({ x, y }, index) => ({
    id: `${planting.id}-${index + 1}`,
    plantingId: planting.id,
    label: String(before + index + 1),
    x: Math.round(x * 1000) / 1000,
    y: Math.round((story.line ?? y) * 1000) / 1000,
    from: planting.plannedSetOut,
    to: null,
  }))
}

function entriesOf(story: Story, planting: Planting, season: number): Omit<LogEntry, 'id' | 'at'>[] {
  const { crop } = CULTIVARS.find(({ id }) => id === planting.cultivarId)!
  const setOut = planting.plannedSetOut!
  const entries: Omit<LogEntry, 'id' | 'at'>[] = []
  const add = <Kind extends EntryKind>(kind: Kind, on: IsoDate, data: EntryData[Kind], note = '') =>
    entries.push({
      subject: { type: 'planting', id: planting.id },
      kind,
      on,
      data,
      note,
      voids: null,
    } as Omit<LogEntry, 'id' | 'at'>)
  if (story.reached !== 'planned') {
    const raised = RAISED[crop]
    const seeds = Math.ceil(story.count * SEED_RATE) + 2
    add('sown', addDays(setOut, -raised.sown), { seeds })
    add('emerged', addDays(setOut, (story.behind ?? 0) - raised.emerged), { count: Math.ceil(seeds * 0.87) })
    add('potted-up', addDays(setOut, -raised.pottedUp), { count: story.count, potVolume: 0.5 })
    const days = story.hardened ?? 8
    for (let day = 1; day <= days; day++)
      add(
        'hardened',
        story.reached === 'hardening'
          ? addDays('2026-06-17' as IsoDate, day - days)
          : addDays(setOut, day - 9),
        { day, hours: 1.5 * day },
      )
  }
  if (story.reached === 'growing') {
    const stemBuried = crop === 'pepper' ? 0 : 0.12
    add('set-out', setOut, {
      count: story.count,
      method: 'upright',
      school: 'worked-out',
      stemBuried,
      holeDepth: 0.09 + stemBuried,
      leavesStripped: crop === 'pepper' ? 0 : 2,
    })
  }
  if (story.flowered) add('flowered', story.flowered as IsoDate, {})
  const missed = (story.missed ?? []).map((number) => `${planting.id}-${number}`)
  for (const [on, leaves] of story.pruned ?? [])
    add('pruned', on as IsoDate, {
      cuts: leaves.map((leaf) => ({ stem: 0, node: leaf - 1, organ: 'sucker' })),
      ...(missed.length > 0 ? { except: missed } : {}),
    })
  for (const [on, mass, count] of story.picked ?? []) add('picked', on as IsoDate, { mass, count })
  for (const [on, text] of story.notes ?? []) add('note', on as IsoDate, {}, text)
  if (season < 2026) add('cleared', '2025-10-06' as IsoDate, {})
  return entries
}

function soilReading(on: string, placeId: string, temperature: number): Omit<LogEntry, 'id' | 'at'> {
  return {
    subject: { type: 'place', id: placeId },
    kind: 'soil-read',
    on: on as IsoDate,
    data: { depth: 0.15, temperature },
    note: '',
    voids: null,
  }
}
