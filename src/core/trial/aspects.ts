import { MULCHES, type Mulch } from '../climate'
import { daysBetween } from '../calendar'
import { isBush, TRAININGS, trainingsFor, type Cultivar, type Training } from '../crop'
import { SPACING_SCHOOLS, type SpacingSchool } from '../facts'
import { FEEDING_SCHOOLS, type FeedingSchool } from '../transplant'
import { skirtOf, TRIAL_WATERINGS, type Grown, type TrialWatering } from './grown'
import type { TrialMeasure } from './run-trial'

/** What can be asked of a planting, in the order of a season. */
export const TRIAL_ASPECTS = [
  'day',
  'cultivar',
  'cover',
  'depth',
  'pot',
  'spacing',
  'stems',
  'skirt',
  'mulch',
  'watering',
  'feeding',
  'flowers',
  'shade',
  'top',
] as const
export type TrialAspect = (typeof TRIAL_ASPECTS)[number]

/** Why a choice cannot be: it grows already, is no such plant, is in no pot, is never planted out, or such flowers and tips are past. */
export type CannotBe =
  'stands' | 'bush' | 'pepper' | 'no-pot' | 'never-out' | 'past' | 'lies' | 'other-crop' | 'unknown'

/** A choice of an aspect, as an address bears it: `stems.cage`. */
export interface TrialChoice {
  aspect: TrialAspect
  choice: string
}

interface Aspect {
  /** What may be chosen, the usual trials first. */
  choices: (grown: Grown, cultivars: readonly TrialCultivar[]) => readonly string[]
  /** What is chosen now. */
  now: (grown: Grown) => string
  /** Grown so; or why it cannot be. */
  apply: (grown: Grown, choice: string, cultivars: readonly TrialCultivar[]) => Grown | CannotBe
  measure?: TrialMeasure
}

export type TrialCultivar = Cultivar & { id: string }

/** Days by which it goes out otherwise than planned. */
const SHIFTS = [-14, -7, 0, 7, 14, 28]
const DEPTHS = { shallow: 0.03, usual: 0.1, deep: 0.2 }
const POTS = [5, 10, 20, 40, 60]
/** Days for which a cloth lies over the plants at night; and days that they then go out earlier. */
const COVERS: Record<string, { cloth: number; shift: number }> = {
  none: { cloth: 0, shift: 0 },
  cloth: { cloth: 28, shift: 0 },
  'cloth-early': { cloth: 28, shift: -14 },
}
const SHADES = [0, 30, 50]
const SKIRTS = [0, 30, 45]
const PINCHED = [0, 14, 28]
/** Days before the last useful flower. */
const TOPS: Record<string, number> = { 'last-flower': 0, 'three-weeks-before': 21 }

const only =
  (why: CannotBe, holds: (grown: Grown) => boolean, then: Aspect['apply']): Aspect['apply'] =>
  (grown, choice, cultivars) =>
    holds(grown) ? then(grown, choice, cultivars) : why

/** What is decided with planting out. */
const beforeOut = (then: Aspect['apply']) => only('stands', ({ stands }) => !stands, then)
const nearest = (values: readonly number[], value: number) =>
  String(values.reduce((best, one) => (Math.abs(one - value) < Math.abs(best - value) ? one : best)))

const topDay = ({ own }: Grown): number | null => {
  const last = own.dates['last-flower-green'].date ?? own.dates['last-flower-ripe'].date
  return last === null ? null : daysBetween(own.start, last)
}

const ASPECTS: Record<TrialAspect, Aspect> = {
  day: {
    choices: () => SHIFTS.map(String),
    now: () => '0',
    apply: beforeOut((grown, choice) =>
      grown.setOut === null
        ? 'never-out'
        : grown.setOut + Number(choice) < grown.today
          ? 'past'
          : { ...grown, shift: Number(choice) },
    ),
  },
  cultivar: {
    choices: ({ cultivar }, cultivars) =>
      cultivars.filter(({ crop }) => crop === cultivar.crop).map(({ id }) => id),
    now: ({ cultivar }) => cultivar.id,
    apply: beforeOut((grown, choice, cultivars) => {
      const cultivar = cultivars.find(({ id }) => id === choice)
      if (!cultivar) return 'unknown'
      if (cultivar.crop !== grown.cultivar.crop) return 'other-crop'
      const suited = trainingsFor(cultivar)
      const training = suited.includes(grown.training) ? grown.training : suited[0]!
      return { ...grown, cultivar, training, clearStem: skirtOf(training) }
    }),
  },
  cover: {
    choices: () => Object.keys(COVERS),
    now: () => 'none',
    apply: beforeOut((grown, choice) => ({ ...grown, ...COVERS[choice]! })),
  },
  depth: {
    choices: () => Object.keys(DEPTHS),
    now: ({ buried }) =>
      Object.keys(DEPTHS).find((one) => DEPTHS[one as keyof typeof DEPTHS] === buried) ?? 'usual',
    apply: beforeOut(
      only(
        'pepper',
        ({ cultivar }) => cultivar.crop === 'tomato',
        (grown, choice) => ({
          ...grown,
          buried: DEPTHS[choice as keyof typeof DEPTHS],
        }),
      ),
    ),
  },
  pot: {
    choices: () => POTS.map(String),
    now: ({ litres, own }) => nearest(POTS, (litres ?? 0) / Math.max(1, own.planting.count)),
    apply: beforeOut(
      only(
        'no-pot',
        ({ litres }) => litres !== null,
        (grown, choice) => ({
          ...grown,
          litres: Number(choice) * Math.max(1, grown.own.planting.count),
        }),
      ),
    ),
  },
  spacing: {
    choices: () => SPACING_SCHOOLS,
    now: ({ spacing }) => spacing,
    apply: beforeOut(
      only(
        'no-pot',
        ({ litres }) => litres === null,
        (grown, choice) => ({
          ...grown,
          spacing: choice as SpacingSchool,
        }),
      ),
    ),
    measure: 'area',
  },
  stems: {
    choices: ({ cultivar }) => trainingsFor(cultivar),
    now: ({ training }) => training,
    apply: (grown, choice) => {
      const { cultivar } = grown
      if (!(TRAININGS as readonly string[]).includes(choice)) return 'unknown'
      if (!trainingsFor(cultivar).includes(choice as Training))
        return cultivar.crop === 'pepper' ? 'pepper' : isBush(cultivar) ? 'bush' : 'unknown'
      return { ...grown, training: choice as Training, clearStem: skirtOf(choice as Training) }
    },
  },
  skirt: {
    choices: () => SKIRTS.map(String),
    now: ({ clearStem }) => nearest(SKIRTS, clearStem * 100),
    apply: only(
      'lies',
      ({ training }) => training !== 'sprawling',
      (grown, choice) => ({
        ...grown,
        clearStem: Number(choice) / 100,
      }),
    ),
  },
  mulch: {
    choices: () => MULCHES,
    now: ({ place }) => place.mulch,
    apply: (grown, choice) => ({ ...grown, place: { ...grown.place, mulch: choice as Mulch } }),
  },
  watering: {
    choices: () => TRIAL_WATERINGS,
    now: ({ watering }) => watering,
    apply: (grown, choice) => ({ ...grown, watering: choice as TrialWatering }),
  },
  feeding: {
    choices: () => [...FEEDING_SCHOOLS, 'nothing'],
    now: ({ feeding }) => feeding,
    apply: (grown, choice) => ({ ...grown, feeding: choice as FeedingSchool | 'nothing' }),
  },
  flowers: {
    choices: () => PINCHED.map(String),
    now: ({ pinched }) => nearest(PINCHED, pinched),
    apply: beforeOut((grown, choice) => ({ ...grown, pinched: Number(choice) })),
  },
  shade: {
    choices: () => SHADES.map(String),
    now: ({ shade }) => String(shade * 100),
    apply: (grown, choice) => ({ ...grown, shade: Number(choice) / 100 }),
  },
  top: {
    choices: () => ['grow-on', ...Object.keys(TOPS)],
    now: ({ topped }) => (topped === null ? 'grow-on' : 'last-flower'),
    apply: only(
      'bush',
      ({ cultivar }) => cultivar.crop === 'tomato' && !isBush(cultivar),
      (grown, choice) => {
        if (choice === 'grow-on') return { ...grown, topped: null }
        const day = topDay(grown)
        if (day === null) return 'never-out'
        const topped = day - TOPS[choice]!
        return topped < grown.today ? 'past' : { ...grown, topped }
      },
    ),
  },
}

export const isTrialAspect = (text: string): text is TrialAspect =>
  (TRIAL_ASPECTS as readonly string[]).includes(text)

/** What is compared when an aspect is asked about. */
export const measureOf = (aspect: TrialAspect): TrialMeasure => ASPECTS[aspect].measure ?? 'plant'

/** What a planting chooses now in an aspect. */
export const choiceNow = (grown: Grown, aspect: TrialAspect): string => ASPECTS[aspect].now(grown)

/** The choices of an aspect, each grown so or why it cannot be. */
export function choicesOf(
  grown: Grown,
  aspect: TrialAspect,
  cultivars: readonly TrialCultivar[],
): { choice: string; grown: Grown | CannotBe }[] {
  const { choices, apply, now } = ASPECTS[aspect]
  const current = now(grown)
  return choices(grown, cultivars).map((choice) => ({
    choice,
    grown: choice === current ? grown : apply(grown, choice, cultivars),
  }))
}

/** A planting grown otherwise in one aspect or more; or why it cannot be. */
export function grownSo(
  grown: Grown,
  choices: readonly TrialChoice[],
  cultivars: readonly TrialCultivar[],
): Grown | CannotBe {
  let so = grown
  for (const { aspect, choice } of choices) {
    const one = choicesOf(so, aspect, cultivars).find((each) => each.choice === choice)
    // Ways to lead a plant and cultivars that do not suit it say why.
    const saysWhy = aspect === 'stems' || aspect === 'cultivar'
    const next = one ? one.grown : saysWhy ? ASPECTS[aspect].apply(so, choice, cultivars) : 'unknown'
    if (typeof next === 'string') return next
    so = next
  }
  return so
}

/** Ways at the most, and how many a question begins with beside the present one. */
const BEGINS_WITH = 3

/** The ways that a question sets against the present one, of those that can be. */
export function waysAsked(
  grown: Grown,
  aspect: TrialAspect,
  cultivars: readonly TrialCultivar[],
): TrialChoice[] {
  const now = choiceNow(grown, aspect)
  return choicesOf(grown, aspect, cultivars)
    .filter((one) => one.choice !== now && typeof one.grown !== 'string')
    .slice(0, BEGINS_WITH)
    .map(({ choice }) => ({ aspect, choice }))
}
