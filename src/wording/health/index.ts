import type { Reason } from '../../core/advice'
import type { Manner } from '../../core/facts'
import type {
  CaseCourse,
  CaseOutcome,
  CauseId,
  CauseKind,
  HealthRule,
  Severity,
  SignId,
} from '../../core/health'
import { fillIn } from '../say'
import type { CauseWords } from './cause-words'
import { DISEASE_WORDS } from './diseases'
import { DISORDER_WORDS } from './disorders'
import { PEST_WORDS } from './pests'
import { HEALTH_REASONS } from './reasons'
import { SIGN_NAMES } from './signs'

export const CAUSE_WORDS: Record<CauseId, CauseWords> = { ...DISEASE_WORDS, ...DISORDER_WORDS, ...PEST_WORDS }

export const KIND_NAMES: Record<CauseKind, string> = {
  fungus: 'Fungi',
  bacterium: 'Bacteria',
  virus: 'Viruses',
  worm: 'Worms of the root',
  disorder: 'Weather, water and sprays',
  shortage: 'Shortages',
  animal: 'Creatures',
  harmless: 'Harmless',
}

/** One cause of a kind, as it is marked. */
export const ONE_OF_KIND: Record<CauseKind, string> = {
  fungus: 'a fungus',
  bacterium: 'a bacterium',
  virus: 'a virus',
  worm: 'worms of the root',
  disorder: 'a disorder',
  shortage: 'a shortage',
  animal: 'a creature',
  harmless: 'harmless',
}

/** What a cause takes where nothing is done. */
export const LEFT_ALONE: Record<Severity, string> = {
  little: 'left alone, it costs little',
  crop: 'left alone, it costs part of the crop',
  plant: 'left alone, it can cost the plant',
}

export const COURSE_NAMES: Record<CaseCourse, string> = { worse: 'worse', same: 'the same', better: 'better' }
export const OUTCOME_NAMES: Record<CaseOutcome, string> = {
  gone: 'it is gone',
  'lived-with': 'lived with',
  'taken-out': 'plants taken out',
  mistaken: 'it was nothing',
}

/** A reason of a diagnosis as a sentence. */
export function sayHealthReason(reason: Reason<HealthRule>, manner: Manner): string {
  const { sign } = reason.values
  const named = sign?.kind === 'name' ? SIGN_NAMES[sign.value as SignId] : ''
  return fillIn(HEALTH_REASONS[reason.rule].replaceAll('{sign}', named.toLowerCase()), reason, manner)
}
