import { addDays, type IsoDate } from '../../core/calendar'
import type { Training } from '../../core/crop'
import type { Support } from '../../core/facts'

/** What is told of a planting; the rest of its log follows from it. */
export interface Story {
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
  /** Days that its seedlings came up after the others. */
  behind?: number
  flowered?: string
  /** Day, kg and number of each picking. */
  picked?: [on: string, kg: number, count: number][]
  notes?: [on: string, text: string][]
  /** Day, and the leaves of the main stem whose suckers were taken; `missed`: the plants that were passed over. */
  pruned?: [on: string, leaves: number[]][]
  missed?: number[]
}

export const THIS_YEAR: Story[] = [
  {
    place: 'bed-1',
    cultivar: 'copperlace',
    count: 6,
    training: 'two-stems',
    support: 'stake',
    setOut: '2026-05-16',
    reached: 'growing',
    flowered: '2026-06-14',
    pruned: [
      ['2026-06-06', [4, 5, 6]],
      ['2026-06-13', [7]],
    ],
  },
  {
    place: 'bed-1',
    cultivar: 'dusk-plum',
    count: 6,
    training: 'two-stems',
    support: 'stake',
    setOut: '2026-05-16',
    reached: 'growing',
    flowered: '2026-06-12',
    pruned: [
      ['2026-06-06', [4, 5, 6]],
      ['2026-06-13', [7]],
    ],
  },
  {
    place: 'bed-2',
    cultivar: 'old-harrow',
    count: 8,
    training: 'two-stems',
    support: 'stake',
    setOut: '2026-05-18',
    reached: 'growing',
    notes: [['2026-06-15', 'Plant 7 was missed twice: four suckers as long as my arm.']],
    pruned: [
      ['2026-06-06', [4, 5]],
      ['2026-06-13', [6, 7]],
    ],
    missed: [7],
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
  {
    place: 'bed-4',
    cultivar: 'ditch-wren',
    count: 8,
    training: 'weave',
    support: 'weave',
    setOut: '2026-06-18',
    reached: 'ready',
  },
  {
    place: 'bed-5',
    cultivar: 'dusk-plum',
    count: 8,
    training: 'cage',
    support: 'cage',
    setOut: '2026-05-20',
    reached: 'growing',
  },
  {
    place: 'row-a',
    cultivar: 'tin-roof',
    count: 20,
    training: 'weave',
    support: 'weave',
    setOut: '2026-05-19',
    reached: 'growing',
  },
  {
    place: 'row-b',
    cultivar: 'long-ember',
    count: 24,
    training: 'pepper',
    support: 'weave',
    setOut: '2026-05-30',
    reached: 'growing',
  },
  {
    place: 'tunnel',
    cultivar: 'sparrow-lamp',
    count: 12,
    line: 1.8,
    training: 'single-stem',
    support: 'string',
    setOut: '2026-04-28',
    reached: 'growing',
    flowered: '2026-05-17',
  },
  {
    place: 'pot-1',
    cultivar: 'pocket-thistle',
    count: 1,
    training: 'bush',
    support: 'none',
    setOut: '2026-05-12',
    reached: 'growing',
  },
  {
    place: 'pot-2',
    cultivar: 'pocket-thistle',
    count: 1,
    training: 'bush',
    support: 'none',
    setOut: '2026-05-12',
    reached: 'growing',
  },
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
  {
    place: 'pot-4',
    cultivar: 'matchwick',
    count: 1,
    training: 'pepper',
    support: 'none',
    setOut: '2026-05-26',
    reached: 'growing',
  },
  {
    place: 'pot-5',
    cultivar: 'matchwick',
    count: 1,
    training: 'pepper',
    support: 'none',
    setOut: '2026-05-26',
    reached: 'growing',
  },
  {
    place: 'pot-6',
    cultivar: 'ridge-horn',
    count: 1,
    training: 'pepper',
    support: 'stake',
    setOut: '2026-06-22',
    reached: 'hardening',
    hardened: 3,
  },
  {
    place: 'pot-7',
    cultivar: 'ditch-wren',
    count: 1,
    training: 'bush',
    support: 'cage',
    setOut: '2026-04-22',
    reached: 'growing',
    flowered: '2026-05-08',
    picked: [['2026-06-14', 0.31, 3]],
    notes: [['2026-06-14', 'Two of the first five had a black sunken end.']],
  },
  {
    place: 'pot-8',
    cultivar: 'sparrow-lamp',
    count: 1,
    training: 'cage',
    support: 'cage',
    setOut: '2026-05-01',
    reached: 'growing',
    flowered: '2026-05-23',
  },
  {
    place: 'tunnel',
    cultivar: 'ditch-wren',
    count: 6,
    line: 0.6,
    training: 'weave',
    support: 'weave',
    setOut: '2026-08-03',
    reached: 'planned',
  },
]

export const LAST_YEAR: Story[] = [
  {
    place: 'bed-2',
    cultivar: 'copperlace',
    count: 8,
    training: 'two-stems',
    support: 'stake',
    setOut: '2025-05-15',
    reached: 'growing',
    behind: 1,
    flowered: '2025-06-13',
    picked: pickings('2025-08-01', 9, 3.1, 21),
  },
  {
    place: 'bed-3',
    cultivar: 'old-harrow',
    count: 8,
    training: 'two-stems',
    support: 'stake',
    setOut: '2025-05-19',
    reached: 'growing',
    behind: 2,
    flowered: '2025-06-22',
    picked: pickings('2025-08-16', 7, 3.6, 10),
  },
  {
    place: 'bed-4',
    cultivar: 'barn-door',
    count: 10,
    training: 'pepper',
    support: 'stake',
    setOut: '2025-05-28',
    reached: 'growing',
    behind: 2,
    flowered: '2025-06-30',
    picked: pickings('2025-08-20', 6, 1.6, 10),
  },
  {
    place: 'row-a',
    cultivar: 'long-ember',
    count: 24,
    training: 'pepper',
    support: 'weave',
    setOut: '2025-05-30',
    reached: 'growing',
    behind: 1,
    flowered: '2025-07-02',
    picked: pickings('2025-08-24', 6, 3.9, 44),
  },
  {
    place: 'row-b',
    cultivar: 'tin-roof',
    count: 20,
    training: 'weave',
    support: 'weave',
    setOut: '2025-05-18',
    reached: 'growing',
    behind: -1,
    flowered: '2025-06-14',
    picked: pickings('2025-07-30', 5, 9.8, 122),
  },
  {
    place: 'pot-4',
    cultivar: 'copperlace',
    count: 1,
    training: 'single-stem',
    support: 'stake',
    setOut: '2025-05-17',
    reached: 'growing',
    behind: 1,
    flowered: '2025-06-17',
    picked: pickings('2025-08-06', 8, 0.34, 3),
  },
  {
    place: 'pot-5',
    cultivar: 'tin-roof',
    count: 1,
    training: 'bush',
    support: 'cage',
    setOut: '2025-05-19',
    reached: 'growing',
    flowered: '2025-06-16',
    picked: pickings('2025-08-03', 5, 0.42, 6),
  },
  {
    place: 'pot-1',
    cultivar: 'barn-door',
    count: 1,
    training: 'pepper',
    support: 'stake',
    setOut: '2025-05-27',
    reached: 'growing',
    behind: 3,
    flowered: '2025-06-28',
    picked: pickings('2025-08-19', 6, 0.17, 1),
  },
  {
    place: 'pot-2',
    cultivar: 'long-ember',
    count: 1,
    training: 'pepper',
    support: 'stake',
    setOut: '2025-05-29',
    reached: 'growing',
    flowered: '2025-07-01',
    picked: pickings('2025-08-25', 5, 0.16, 2),
  },
  {
    place: 'pot-3',
    cultivar: 'long-ember',
    count: 1,
    training: 'pepper',
    support: 'stake',
    setOut: '2025-05-30',
    reached: 'growing',
    behind: 1,
    flowered: '2025-07-03',
    picked: pickings('2025-08-23', 6, 0.15, 2),
  },
]

/** Weekly pickings that rise and fall about the middle of the harvest. */
function pickings(first: string, weeks: number, most: number, count: number): [string, number, number][] {
  return Array.from({ length: weeks }, (_, week) => {
    const share = Math.sin(((week + 1) / (weeks + 1)) * Math.PI)
    return [
      addDays(first as IsoDate, 7 * week),
      Math.round(most * share * 100) / 100,
      Math.round(count * share),
    ]
  })
}
