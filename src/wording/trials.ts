import { addDays, type IsoDate } from '../core/calendar'
import type { Manner } from '../core/facts'
import type {
  CannotBe,
  PairedResult,
  TrialAspect,
  TrialMeasure,
  TrialResult,
  TrialWatering,
  WeatherSign,
} from '../core/trial'
import type { CautionId } from '../core/advice'
import type { Training } from '../core/crop'
import { SCHOOLS } from './feed-schools'
import { formatDate } from './dates'
import { inEither } from './either'
import { capital, listed, nameOf, trainingName } from './names'
import { sayCount, sayMass, sayMeasure } from './say'
import { WATER_SCHOOLS } from './watering'

/** What can be asked, as a grower asks it. */
export const QUESTION_NAMES: Record<TrialAspect, string> = {
  day: 'Plant now or wait?',
  cultivar: 'Which cultivar?',
  cover: 'Cover early?',
  depth: 'Deep or shallow?',
  pot: 'Which pot size?',
  spacing: 'How far apart?',
  stems: 'How many stems?',
  skirt: 'Take off the lowest leaves?',
  mulch: 'Which mulch?',
  watering: 'How to water?',
  feeding: 'How to feed?',
  flowers: 'Pinch off the first flowers?',
  shade: 'Put up shade cloth?',
  top: 'When to top?',
}

/** Why a question or a way cannot be tried. */
export const CANNOT_WORDS: Record<CannotBe, string> = {
  stands: 'It is planted out already, so this can no longer change.',
  bush: 'It is a bush, which carries its crop on all its shoots. Prune it like a vine and you cut most of it away.',
  pepper: 'That is for tomatoes, not peppers.',
  'no-pot': 'That is for another kind of place: this one is not what the question is about.',
  'never-out': 'It has no planting date yet, so there is nothing to try.',
  past: 'That day has passed.',
  lies: 'A plant that sprawls keeps its lowest leaves.',
  'other-crop': 'Compare tomatoes with tomatoes, and peppers with peppers.',
  unknown: 'There is no such choice. Pick one from the list.',
}

const WATERING_NAMES: Partial<Record<TrialWatering, string>> = {
  even: 'deeply, when it needs it',
  'fixed-days': 'on fixed days',
  'dry-down': 'late, letting it dry down',
  'radiation-shots': 'small shots, often',
  'inch-a-week': 'an inch a week',
  'a-little-daily': 'a little every day',
  rain: 'rain only',
  'over-leaves': 'over the leaves',
}

/** What a choice is called, in a few words that stand alone. */
export function choiceName(
  { aspect, choice }: { aspect: TrialAspect; choice: string },
  around: { manner: Manner; setOut: IsoDate | null; cultivars: readonly { id: string; name: string }[] },
): string {
  const { manner } = around
  const count = Number(choice)
  switch (aspect) {
    case 'day':
      return around.setOut === null
        ? sayShift(count)
        : `plant out ${formatDate(addDays(around.setOut, count), manner)}`
    case 'cultivar':
      return around.cultivars.find(({ id }) => id === choice)?.name ?? 'another cultivar'
    case 'cover':
      return (
        { none: 'no cover', cloth: 'cloth for 4 weeks', 'cloth-early': 'cloth, 2 weeks earlier' }[choice] ??
        choice
      )
    case 'depth':
      return { shallow: 'shallow', usual: 'a little deeper', deep: 'deep' }[choice] ?? choice
    case 'pot':
      return `${sayMeasure({ kind: 'volume', value: count }, manner)} per plant`
    case 'spacing':
      return `${nameOf(choice)} spacing`
    case 'stems':
      return trainingName(choice as Training)
    case 'skirt':
      return count === 0
        ? 'keep the lowest leaves'
        : `clear the lowest ${sayMeasure({ kind: 'length', value: count / 100 }, manner)}`
    case 'mulch':
      return choice === 'bare' ? 'bare soil' : nameOf(choice)
    case 'watering':
      return WATERING_NAMES[choice as TrialWatering] ?? WATER_SCHOOLS.even.name
    case 'feeding':
      return choice === 'nothing'
        ? 'no feed'
        : (SCHOOLS.find(({ id }) => id === choice)?.name.toLowerCase() ?? choice)
    case 'flowers':
      return count === 0 ? 'leave the first flowers' : `pinch for ${sayCount(count / 7, 'week')}`
    case 'shade':
      return count === 0 ? 'no shade cloth' : `${count} % shade cloth`
    case 'top':
      return (
        {
          'grow-on': 'let it grow on',
          'last-flower': 'top at the last useful flower',
          'three-weeks-before': 'top three weeks before that',
        }[choice] ?? choice
      )
  }
}

const sayShift = (days: number) =>
  days === 0 ? 'as planned' : `${sayCount(Math.abs(days) / 7, 'week')} ${days < 0 ? 'earlier' : 'later'}`

/** What of a choice could hurt someone. */
export const CAUTION_OF: Partial<Record<TrialAspect, CautionId>> = {
  stems: 'sharp-blade',
  skirt: 'sharp-blade',
  top: 'sharp-blade',
  feeding: 'label-is-limit',
  pot: 'wet-pots',
  shade: 'overhead-work',
  mulch: 'treated-clippings',
}

/** A mass as it is compared. */
const sayMeasured = (kg: number, measure: TrialMeasure, manner: Manner): string =>
  measure === 'plant'
    ? `${sayMass(kg, manner)} per plant`
    : inEither(
        manner,
        `${sayMass(kg, manner)} per m²`,
        `${sayMass(kg * SQUARE_FOOT, manner)} per square foot`,
      )
/** A way of a trial that was kept. */
export const sayKeptWay = (
  { name, low, middle, high }: { name: string; low: number; middle: number; high: number },
  measure: TrialMeasure,
  manner: Manner,
): string => {
  const said = (kg: number) => sayMeasured(kg, measure, manner)
  return `${name}: ${said(middle)}, 8 years in 10 from ${said(low)} to ${said(high)}`
}
/** m². */
export const SQUARE_FOOT = 0.0929

const moreOrLess = (kg: number, manner: Manner) =>
  `${sayMass(Math.abs(kg), manner)} ${kg < 0 ? 'less' : 'more'}`

/** How the ways compare, said first: the one that gives most, or that nothing tells them apart. */
export interface Verdict {
  /** The way that it is about; null: none is better. */
  best: string | null
  headline: string
  detail: string
}

/** @param names of the ways, the present one first */
export function sayVerdict(
  result: Pick<TrialResult, 'ways' | 'paired' | 'done'>,
  names: Readonly<Record<string, string>>,
  { measure, manner }: { measure: TrialMeasure; manner: Manner },
): Verdict {
  const { ways, paired, done } = result
  const now = ways[0]!.id
  const seasons = sayCount(done, 'season')
  const ripens = ways.some(({ sound }) => sound.some((kg) => kg > 0))
  if (!ripens)
    return {
      best: null,
      headline: 'Nothing ripens either way',
      detail: `In ${seasons} of this garden’s weather, no fruit ripens before the plants end.`,
    }
  if (paired.every(({ isSame }) => isSame))
    return {
      best: null,
      headline: 'Exactly the same here',
      detail: `In all ${seasons}, every way gives the same.`,
    }
  const best = paired.reduce((most, one) => (one.median > most.median ? one : most))
  const clear = paired.filter(({ isClear }) => isClear)
  if (best.isClear && best.median > 0)
    return {
      best: best.id,
      headline: `${capital(names[best.id]!)}: more in ${count(best, done)} of ${done} seasons`,
      detail: capital(difference(best, measure, manner)),
    }
  if (clear.length === paired.length)
    return {
      best: now,
      headline: `${capital(names[now]!)} gives the most`,
      detail: `Against ${names[best.id]!}: ${difference(best, measure, manner)}`,
    }
  const close = paired.filter(({ isClear }) => !isClear).map(({ id }) => names[id]!)
  return {
    best: null,
    headline: 'No clear difference here',
    detail: `Some years favor ${names[now]!}, others ${listed(close, 'or')}. ${capital(names[best.id]!)}: ${difference(best, measure, manner)}`,
  }
}

const count = ({ better }: PairedResult, done: number) => Math.round(better * done)

function difference(one: PairedResult, measure: TrialMeasure, manner: Manner): string {
  const per = measure === 'plant' ? 'per plant' : inEither(manner, 'per m²', 'per square foot')
  const scale = measure === 'area' && manner.units === 'us' ? SQUARE_FOOT : 1
  const middle = `about ${moreOrLess(one.median * scale, manner)} ${per}`
  const spread = `8 years in 10, from ${moreOrLess(one.low * scale, manner)} to ${moreOrLess(one.high * scale, manner)}`
  return `${middle} (${spread})${sayLater(one.later)}.`
}

/** How many days its first fruit come later. */
function sayLater(days: number | null): string {
  const whole = days === null ? 0 : Math.round(days)
  return whole === 0
    ? ''
    : `, first fruit ${sayCount(Math.abs(whole), 'day')} ${whole < 0 ? 'earlier' : 'later'}`
}

/** In which weather it is otherwise. */
export function saySplit(one: PairedResult, manner: Manner): string | null {
  if (one.split === null) return null
  const { sign, seasons, least, most } = one.split
  const [few, many] = SIGN_WORDS[sign].map((words) => words.replace('#', String(seasons)))
  return `In the ${many} it gives ${moreOrLess(most, manner)}; in the ${few}, ${moreOrLess(least, manner)}.`
}

const SIGN_WORDS: Record<WeatherSign, [least: string, most: string]> = {
  rain: ['# driest seasons', '# wettest seasons'],
  heat: ['# coolest seasons', '# hottest seasons'],
  'wet-leaves': ['# seasons in which leaves stay driest', '# seasons in which leaves stay wet most'],
  sun: ['# dullest seasons', '# sunniest seasons'],
  autumn: ['# seasons in which frost comes earliest', '# seasons in which frost comes latest'],
}

/** What made the difference. */
export const CAUSE_NAMES: Record<string, string> = {
  light: 'leaf and light',
  thirst: 'dry soil',
  hunger: 'short of nitrogen',
  filling: 'growth that went into fruit',
  indoors: 'green when frost came',
  rot: 'blossom-end rot',
  cracks: 'cracked fruit',
  scald: 'sunscald',
  ground: 'fruit rotting on the soil',
  disease: 'killed by blight',
  frost: 'small fruit lost to frost',
}
