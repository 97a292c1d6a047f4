import type { Measure } from '../quantity'

/**
 * Why an answer is what it is, as data: the rule that spoke and the values it saw. The words are made
 * elsewhere, in the gardener's units.
 */
export interface Reason<Rule extends string = string> {
  rule: Rule
  values: Record<string, Measure>
  weight: 'decides' | 'supports' | 'warns'
}

/** What another school would do, and what that gains and costs against the answer. */
export interface Alternative<Answer, Rule extends string = string> {
  school: string
  answer: Answer
  gains: Reason<Rule>[]
  costs: Reason<Rule>[]
}

/** Work that can hurt someone: the caution shown beside the act. */
export type CautionId =
  | 'treated-seed'
  | 'grow-light'
  | 'lift-trays'
  | 'buried-lines'
  | 'stake-tips'
  | 'heat-work'
  | 'sharp-blade'
  | 'foliage-not-food'
  | 'hot-pepper'
  | 'tunnel-structure'
  | 'label-is-limit'
  | 'feed-dust'
  | 'fresh-manure'
  | 'wet-pots'
  | 'balcony-load'
  | 'wire-mesh'
  | 'driven-posts'
  | 'overhead-work'
  | 'sick-plants'
  | 'spray-heat'
  | 'treated-clippings'
  | 'not-eaten'
  | 'lime-by-test'
  | 'bt-small-only'
  | 'rodent-poison'

/** The one shape of every answer. Numbers are SI. */
export interface Advice<Answer, Rule extends string = string> {
  answer: Answer
  reasons: Reason<Rule>[]
  alternatives: Alternative<Answer, Rule>[]
  cautions: CautionId[]
}
