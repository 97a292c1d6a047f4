import { isTrialAspect, type TrialAspect, type TrialChoice } from '../../core/trial'

/** What an address asks: a planting, a question, and ways of one's own, each of choices as `stems.cage~mulch.straw`. */
export interface TrialAddress {
  planting: string | null
  /** Where no planting is named: the first that grows in a place. */
  place: string | null
  ask: TrialAspect | null
  ways: TrialChoice[][] | null
}

type Query = Record<string, string | string[] | undefined>

const first = (value: string | string[] | undefined) => (Array.isArray(value) ? value[0] : value)
/** Beside the present way. */
const MOST_OTHERS = 3

export function askedOf(query: Query): TrialAddress {
  const ask = first(query.ask) ?? ''
  const ways = query.way === undefined ? null : [query.way].flat()
  return {
    planting: first(query.planting) ?? null,
    place: first(query.place) ?? null,
    ask: isTrialAspect(ask) ? ask : null,
    ways:
      ways &&
      ways
        .slice(0, MOST_OTHERS)
        .map(choicesIn)
        .filter((choices) => choices.length > 0),
  }
}

const choicesIn = (text: string): TrialChoice[] =>
  text.split('~').flatMap((part) => {
    const [aspect = '', ...choice] = part.split('.')
    return isTrialAspect(aspect) ? [{ aspect, choice: choice.join('.') }] : []
  })

/** A way as an address bears it. */
export const wayText = (choices: readonly TrialChoice[]): string =>
  choices.map(({ aspect, choice }) => `${aspect}.${choice}`).join('~')

/** @param ways other than the present one; null: those that the question begins with */
export function trialAddress(
  asked: { planting: string; ask: TrialAspect; ways: readonly (readonly TrialChoice[])[] | null },
  on: string | null,
): string {
  const query = new URLSearchParams({ planting: asked.planting, ask: asked.ask })
  for (const way of asked.ways ?? []) query.append('way', wayText(way))
  // None at all is said too: else the question would begin anew.
  if (asked.ways?.length === 0) query.append('way', '')
  if (on) query.set('on', on)
  return `/trials?${query}`
}
