import type { Manner } from '../../core/facts'
import type { PracticeLevel, PracticeTask, Verdict } from '../../core/pruning'
import { formatDate } from '../../wording/dates'
import { nameOf } from '../../wording/names'
import { sayTemperature } from '../../wording/say'
import { formatMeasure } from '../../core/quantity'

export const LEVEL_NAMES: Record<PracticeLevel, string> = {
  'name-the-part': 'Name the part',
  'find-the-leader': 'Find the leader',
  'single-stem': 'One stem',
  'two-stems': 'Two stems',
  bush: 'A bush',
  rescue: 'Overgrown',
  'wet-day': 'Cut today?',
  'pepper-fork': 'A forked pepper',
}

const ASKED: Record<PracticeLevel, string> = {
  'name-the-part': 'What is each numbered part?',
  'find-the-leader': 'Two shoots are the same size. Which one is the main stem?',
  'single-stem': 'You grow it on one stem. Mark what you would cut today.',
  'two-stems': 'You grow it on two stems. Mark what you would cut today.',
  bush: 'A bush tomato in a twine weave. Mark what you would cut today.',
  rescue: 'Nobody pruned it for weeks, and you want one stem. Mark the cuts of the first session.',
  'wet-day': 'You grow it on two stems. Mark what you would cut today, if anything.',
  'pepper-fork': 'A bell pepper, open on four stems. Mark what you would cut today.',
}
export const askedOf = ({ level }: PracticeTask) => ASKED[level]

/** The day as a grower would see it. */
export function dayOfTask({ context }: PracticeTask, manner: Manner): string {
  const [today, ...ahead] = context.forecast
  const rain = (mm: number) => formatMeasure({ kind: 'water-depth', value: mm }, manner)
  const next = ahead.findIndex((day) => day.rain > 0)
  const sky =
    today && today.rain > 0
      ? `${rain(today.rain)} of rain, the leaves are wet`
      : next >= 0
        ? `dry, ${rain(ahead[next]!.rain)} of rain in ${next + 1} days`
        : 'dry, no rain ahead'
  return `${formatDate(context.date, manner)}: ${sky}, up to ${sayTemperature(today?.tmax ?? 24, manner)}; ${context.daysSinceTransplant} days since planting out; risk of wet leaves:  ${nameOf(context.wetnessPressure)}.`
}

export const VERDICTS: Record<Verdict['verdict'], { name: string; sign: string }> = {
  right: { name: 'Right', sign: '✓' },
  missed: { name: 'Missed', sign: '?' },
  harmful: { name: 'Harmful', sign: '×' },
  needless: { name: 'Needless', sign: '–' },
}
