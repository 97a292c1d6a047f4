import { addDays, type IsoDate } from '../../core/calendar'
import type { Crop, Training } from '../../core/crop'
import type { EntryData, EntryKind, LogEntry, Planting, PlantPosition, Support } from '../../core/facts'
import { recommendSpacing, rowPositions } from '../../core/spacing'
import { CULTIVARS, PLACES } from './facts'

/** What is told of a planting; the rest of its log follows from it. */
interface Story {
  place: string
  cultivar: string
  count: number
  training: Training
  support: Support
  /** y of its only line, m, where the place holds another crop beside it. */
  line?: number
  /** The day it was, or is meant to be, set out. */
  setOut: string
  /** How far it has come; a planting that is still to be sown has no log. */
  reached: 'planned' | 'hardening' | 'ready' | 'growing'
  hardened?: number
  flowered?: string
  /** Day, kg and number of each picking. */
  picked?: [on: string, kg: number, count: number][]
  notes?: [on: string, text: string][]
}

const THIS_YEAR: Story[] = [
  { place: 'bed-1', cultivar: 'copperlace', count: 6, training: 'two-stems', support: 'stake', setOut: '2026-05-16', reached: 'growing', flowered: '2026-06-14' },
  { place: 'bed-1', cultivar: 'dusk-plum', count: 6, training: 'two-stems', support: 'stake', setOut: '2026-05-16', reached: 'growing', flowered: '2026-06-12' },
  {
    place: 'bed-2',
    cultivar: 'old-harrow',
    count: 8,
    training: 'two-stems',
    support: 'stake',
    setOut: '2026-05-18',
    reached: 'growing',
    notes: [['2026-06-15', 'Plant 7 was missed twice: four suckers as long as my arm.']],
  },
  {
    place: 'bed-3',
    cultivar: 'barn-door',
    count: 10,
    training: 'pepper',
    support: 'stake',
    setOut: '2026-05-29',
    reached: 'growing',
    notes: [['2026-06-13', 'Very dark leaves, no buds yet. Fed twice by two people in the same week.']],
  },
  { place: 'bed-4', cultivar: 'ditch-wren', count: 8, training: 'weave', support: 'weave', setOut: '2026-06-18', reached: 'ready' },
  { place: 'bed-5', cultivar: 'dusk-plum', count: 8, training: 'cage', support: 'cage', setOut: '2026-05-20', reached: 'growing' },
  { place: 'row-a', cultivar: 'tin-roof', count: 20, training: 'weave', support: 'weave', setOut: '2026-05-19', reached: 'growing' },
  { place: 'row-b', cultivar: 'long-ember', count: 24, training: 'pepper', support: 'weave', setOut: '2026-05-30', reached: 'growing' },
  { place: 'tunnel', cultivar: 'sparrow-lamp', count: 12, training: 'single-stem', support: 'string', setOut: '2026-04-28', reached: 'growing', flowered: '2026-05-17' },
  { place: 'pot-1', cultivar: 'pocket-thistle', count: 1, training: 'bush', support: 'none', setOut: '2026-05-12', reached: 'growing' },
  { place: 'pot-2', cultivar: 'pocket-thistle', count: 1, training: 'bush', support: 'none', setOut: '2026-05-12', reached: 'growing' },
  {
    place: 'pot-3',
    cultivar: 'pocket-thistle',
    count: 1,
    training: 'bush',
    support: 'none',
    setOut: '2026-05-12',
    reached: 'growing',
    notes: [['2026-06-17', 'Light when lifted at noon; leaves limp by two.']],
  },
  { place: 'pot-4', cultivar: 'matchwick', count: 1, training: 'pepper', support: 'none', setOut: '2026-05-26', reached: 'growing' },
  { place: 'pot-5', cultivar: 'matchwick', count: 1, training: 'pepper', support: 'none', setOut: '2026-05-26', reached: 'growing' },
  { place: 'pot-6', cultivar: 'ridge-horn', count: 1, training: 'pepper', support: 'stake', setOut: '2026-06-22', reached: 'hardening', hardened: 3 },
  { place: 'pot-7', cultivar: 'ditch-wren', count: 1, training: 'bush', support: 'cage', setOut: '2026-04-22', reached: 'growing', flowered: '2026-05-08', picked: [['2026-06-14', 0.31, 3]], notes: [['2026-06-14', 'Two of the first five had a black sunken end.']] },
  { place: 'pot-8', cultivar: 'sparrow-lamp', count: 1, training: 'cage', support: 'cage', setOut: '2026-05-01', reached: 'growing', flowered: '2026-05-23' },
  { place: 'tunnel', cultivar: 'ditch-wren', count: 6, training: 'weave', support: 'weave', setOut: '2026-08-03', reached: 'planned' },
]

const LAST_YEAR: Story[] = [
  { place: 'bed-2', cultivar: 'copperlace', count: 10, training: 'two-stems', support: 'stake', setOut: '2025-05-15', reached: 'growing', flowered: '2025-06-13', picked: pickings('2025-08-01', 9, 3.1, 21) },
  { place: 'bed-3', cultivar: 'old-harrow', count: 8, training: 'two-stems', support: 'stake', setOut: '2025-05-19', reached: 'growing', flowered: '2025-06-22', picked: pickings('2025-08-16', 7, 3.6, 10) },
  { place: 'bed-4', cultivar: 'barn-door', count: 10, training: 'pepper', support: 'stake', setOut: '2025-05-28', reached: 'growing', flowered: '2025-06-30', picked: pickings('2025-08-20', 6, 1.6, 10) },
  { place: 'row-a', cultivar: 'long-ember', count: 24, training: 'pepper', support: 'weave', setOut: '2025-05-30', reached: 'growing', flowered: '2025-07-02', picked: pickings('2025-08-24', 6, 3.9, 44) },
  { place: 'row-b', cultivar: 'tin-roof', count: 20, training: 'weave', support: 'weave', setOut: '2025-05-18', reached: 'growing', flowered: '2025-06-14', picked: pickings('2025-07-30', 5, 9.8, 122) },
]

/** Weekly pickings that rise and fall about the middle of the harvest. */
function pickings(first: string, weeks: number, most: number, count: number): [string, number, number][] {
  return Array.from({ length: weeks }, (_, week) => {
    const share = Math.sin(((week + 1) / (weeks + 1)) * Math.PI)
    return [addDays(first as IsoDate, 7 * week), Math.round(most * share * 100) / 100, Math.round(count * share)]
  })
}

const RAISED: Record<Crop, { sown: number; emerged: number; pottedUp: number }> = {
  tomato: { sown: 49, emerged: 42, pottedUp: 22 },
  pepper: { sown: 63, emerged: 53, pottedUp: 30 },
}
const SEED_RATE = 1.4

/** The plantings of both years with their plants and log. */
export function demoSeasons(): { plantings: Planting[]; plants: PlantPosition[]; log: LogEntry[] } {
  const plantings: Planting[] = []
  const plants: PlantPosition[] = []
  const drafts: Omit<LogEntry, 'id' | 'at'>[] = []
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
  const log = drafts
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
    .map((draft, index) => ({ ...draft, id: `demo-${String(index + 1).padStart(4, '0')}`, at: `${draft.on}T07:10:00.000Z` }) as LogEntry)
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
    plannedSetOut: story.setOut as IsoDate,
  }
}

/** Plants in lines; plantings that share a place this season stand side by side along it. */
function plantsOf(story: Story, planting: Planting, stories: readonly Story[]): PlantPosition[] {
  const place = PLACES.find(({ id }) => id === planting.placeId)!
  const plant = CULTIVARS.find(({ id }) => id === planting.cultivarId)!
  const { inRow, lines } = recommendSpacing({ plant, training: story.training, school: 'standard', wetness: 'low' }).answer
  const sharing = stories.filter((other) => other.place === story.place && other.reached !== 'planned')
  const shares = story.reached === 'planned' ? 1 : Math.max(1, sharing.length)
  const offset = story.reached === 'planned' ? 0 : (sharing.indexOf(story) * place.length) / shares
  const before = sharing.slice(0, Math.max(0, sharing.indexOf(story))).reduce((sum, { count }) => sum + count, 0)
  const { positions } = rowPositions({ length: place.length / shares, width: place.width, inRow, lines, count: story.count })
  return positions.map(({ x, y }, index) => ({
    id: `${planting.id}-${index + 1}`,
    plantingId: planting.id,
    label: String(before + index + 1),
    x: Math.round((x + offset) * 1000) / 1000,
    y: Math.round(y * 1000) / 1000,
    from: planting.plannedSetOut,
    to: null,
  }))
}

function entriesOf(story: Story, planting: Planting, season: number): Omit<LogEntry, 'id' | 'at'>[] {
  const { crop } = CULTIVARS.find(({ id }) => id === planting.cultivarId)!
  const setOut = planting.plannedSetOut!
  const entries: Omit<LogEntry, 'id' | 'at'>[] = []
  const add = <Kind extends EntryKind>(kind: Kind, on: IsoDate, data: EntryData[Kind], note = '') =>
    entries.push({ subject: { type: 'planting', id: planting.id }, kind, on, data, note, voids: null } as Omit<LogEntry, 'id' | 'at'>)
  if (story.reached !== 'planned') {
    const raised = RAISED[crop]
    const seeds = Math.ceil(story.count * SEED_RATE) + 2
    add('sown', addDays(setOut, -raised.sown), { seeds })
    add('emerged', addDays(setOut, -raised.emerged), { count: Math.ceil(seeds * 0.87) })
    add('potted-up', addDays(setOut, -raised.pottedUp), { count: story.count, potVolume: 0.5 })
    const days = story.hardened ?? 8
    for (let day = 1; day <= days; day++)
      add('hardened', story.reached === 'hardening' ? addDays('2026-06-17' as IsoDate, day - days) : addDays(setOut, day - 9), { day, hours: 1.5 * day })
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
