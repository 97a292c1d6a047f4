import { addDays, isoDate } from '../calendar'
import {
  growPlant,
  plantTraits,
  USUAL_VINE,
  type Cultivar,
  type FruitType,
  type Plant,
  type PlantEvent,
  type PlantPart,
  type Training,
} from '../crop'
import { hashSeed, seededRandom, type Random } from '../random'
import { advisePruning } from './advise-pruning'
import type { PruningContext } from './context'
import type { Verdict } from './score-cuts'
import { firstTruss } from './stems-kept'

/** What can be practised, from the plain to the hard. */
export const PRACTICE_LEVELS = [
  'name-the-part',
  'find-the-leader',
  'single-stem',
  'two-stems',
  'bush',
  'rescue',
  'wet-day',
  'pepper-fork',
] as const
export type PracticeLevel = (typeof PRACTICE_LEVELS)[number]

/** What a part can be taken for. */
export const PART_NAMES = ['leaf', 'sucker', 'truss', 'tip', 'leader', 'rival'] as const
export type PartName = (typeof PART_NAMES)[number]

/** A plant, a day and what is asked: to name parts, or to mark what is to be cut. */
export interface PracticeTask {
  level: PracticeLevel
  seed: number
  plant: Plant
  system: Training
  context: PruningContext
  /** Parts to be named, and their names; empty: cuts are asked. */
  named: { part: PlantPart; name: PartName }[]
}

const VINES: readonly FruitType[] = ['slicer', 'cherry', 'beefsteak', 'saladette']
const SUMMER = isoDate('2026-07-01')
/** A day of growth in early summer. */
const DAY = { degreeDays: 15, tmin: 16, tmax: 26 }
const MOST_NAMED = 6

/** A plant to practise on: the same seed and level always make the same. */
export const practicePlant = (seed: number, level: PracticeLevel): Plant => practiceTask(seed, level).plant

/** A task of a level: the plant, how it is led, the day, and what is asked. */
export function practiceTask(seed: number, level: PracticeLevel): PracticeTask {
  const random = seededRandom(hashSeed('practice', level, seed))
  const between = (low: number, high: number) => Math.round(low + random.uniform() * (high - low))
  const date = addDays(SUMMER, between(-10, 20))
  const dry = { rain: 0, tmax: between(22, 30) }
  const context: PruningContext = {
    date,
    forecast: level === 'wet-day' ? dayToJudge(random) : [dry, dry, dry],
    wetnessPressure: (['low', 'medium', 'high'] as const)[between(0, 2)]!,
    daysSinceTransplant: between(25, 45),
    seasonSlackDays: between(25, 55),
    lastUsefulFlower: null,
    supportTop: 2.4,
    dailyDegreeDays: DAY.degreeDays,
  }
  const fruit = VINES[between(0, VINES.length - 1)]!
  const task = (plant: Plant, system: Training): PracticeTask => ({
    level,
    seed,
    plant,
    system,
    context,
    named: [],
  })
  const vine = (days: number, system: Training, cutUntil: number) =>
    grow({ ...USUAL_VINE, fruit }, days, system, context, cutUntil)
  switch (level) {
    case 'name-the-part': {
      const plant = vine(between(46, 52), 'single-stem', 42)
      return { ...task(plant, 'single-stem'), named: partsToName(plant, random) }
    }
    case 'find-the-leader': {
      const plant = vine(between(58, 64), 'two-stems', 46)
      return { ...task(plant, 'single-stem'), named: tipsToName(plant) }
    }
    case 'single-stem':
      return task(vine(between(52, 62), level, between(38, 44)), level)
    case 'two-stems':
    case 'wet-day':
      return task(vine(between(54, 64), 'two-stems', between(40, 46)), 'two-stems')
    case 'bush':
      return task(
        grow({ ...USUAL_VINE, habit: 'determinate', fruit: 'paste' }, between(56, 68), 'weave', context, 0),
        'weave',
      )
    case 'rescue':
      return task(vine(between(70, 80), 'single-stem', 0), 'single-stem')
    case 'pepper-fork':
      return task(
        grow(
          { ...USUAL_VINE, crop: 'pepper', habit: null, fruit: 'bell' },
          between(74, 88),
          'pepper-open',
          context,
          0,
        ),
        'pepper-open',
      )
  }
}

/** Of the days to be judged, so many are wet; the others have their rain before or after. */
const WET_SHARE = 0.6
function dayToJudge(random: Random): PruningContext['forecast'] {
  const rain = Math.round(2 + 10 * random.uniform())
  const [wet, dry] = [
    { rain, tmax: 21 },
    { rain: 0, tmax: 24 },
  ]
  return random.uniform() < WET_SHARE ? [wet, dry, dry] : [dry, dry, wet]
}

const WEEK = 7

/** A plant of so many days that was pruned each week until a day. */
function grow(
  cultivar: Cultivar,
  days: number,
  system: Training,
  context: PruningContext,
  cutUntil: number,
): Plant {
  const traits = plantTraits(cultivar)
  const events: PlantEvent[] = []
  const at = (day: number) =>
    growPlant(
      traits,
      Array.from({ length: day }, () => DAY),
      events,
    )
  for (let day = WEEK; day <= cutUntil; day += WEEK) {
    const { answer } = advisePruning({ plant: at(day), system, context: { ...context, forecast: [] } })
    events.push({ day: day - 1, cuts: answer.filter(({ due }) => due === undefined) })
  }
  return at(days)
}

/** Parts of every kind, at most six, from the base up. */
function partsToName({ stems }: Plant, random: Random): PracticeTask['named'] {
  const nodes = stems[0]!.nodes
  const of = (name: 'leaf' | 'sucker' | 'truss', wanted: (node: (typeof nodes)[number]) => boolean) =>
    nodes.flatMap((node, index) =>
      wanted(node) ? [{ part: { stem: 0, node: index, organ: name }, name }] : [],
    )
  const pick = <T>(from: T[], most: number) =>
    from
      .map((one) => ({ one, rank: random.uniform() }))
      .sort((a, b) => a.rank - b.rank)
      .slice(0, most)
      .map(({ one }) => one)
  const found = [
    ...pick(
      of('leaf', ({ leaf }) => leaf.state === 'grown'),
      2,
    ),
    ...pick(
      of('sucker', ({ sucker }) => sucker.state === 'bud' || sucker.state === 'shoot'),
      2,
    ),
    ...pick(
      of('truss', ({ truss }) => truss !== null && truss.state !== 'removed' && truss.state !== 'failed'),
      1,
    ),
  ]
  const tip = { part: { stem: 0, node: nodes.length - 1, organ: 'tip' as const }, name: 'tip' as const }
  return [...found.sort((a, b) => a.part.node - b.part.node), tip].slice(0, MOST_NAMED)
}

/** The tips of the main stem and of the shoot under its first truss. */
function tipsToName({ stems }: Plant): PracticeTask['named'] {
  const tipOf = (stem: number) => ({ stem, node: stems[stem]!.nodes.length - 1, organ: 'tip' as const })
  const first = firstTruss(stems[0]!)!
  const rival = stems[0]!.nodes[first]!.sucker.stem
  return [
    { part: tipOf(0), name: 'leader' },
    ...(rival === null ? [] : [{ part: tipOf(rival), name: 'rival' as const }]),
  ]
}

export type NamingRule = `part.${PartName}`

/** A name given to a part, right or wrong, with how the part is told. */
export interface NameVerdict {
  part: PlantPart
  given: PartName | null
  verdict: Verdict['verdict']
  reason: { rule: NamingRule; values: Record<string, never>; weight: 'decides' }
}

/** How the names that someone gave, by the parts' order in the task, compare with the plant. */
export function scoreNames(
  { named }: PracticeTask,
  given: readonly (PartName | null)[],
): { points: number; verdicts: NameVerdict[] } {
  const verdicts = named.map(({ part, name }, index): NameVerdict => {
    const said = given[index] ?? null
    return {
      part,
      given: said,
      verdict: said === null ? 'missed' : said === name ? 'right' : 'harmful',
      reason: { rule: `part.${name}`, values: {}, weight: 'decides' },
    }
  })
  const right = verdicts.filter(({ verdict }) => verdict === 'right').length
  return { points: Math.round((100 * right) / Math.max(1, named.length)), verdicts }
}

/** Tasks of a day: those that went worst so far, then the others, each once. */
export function dailySet(
  day: string,
  points: Partial<Record<PracticeLevel, number>>,
  size = 5,
): { level: PracticeLevel; seed: number }[] {
  const random = seededRandom(hashSeed('daily', day))
  return PRACTICE_LEVELS.map((level) => ({ level, rank: (points[level] ?? 50) + 60 * random.uniform() }))
    .sort((a, b) => a.rank - b.rank)
    .slice(0, size)
    .map(({ level }) => ({ level, seed: hashSeed(day, level) % 10_000 }))
    .sort((a, b) => PRACTICE_LEVELS.indexOf(a.level) - PRACTICE_LEVELS.indexOf(b.level))
}
