import { addDays, type IsoDate } from '../../core/calendar'
import type { CautionId } from '../../core/advice'
import { entriesAbout } from '../../core/entry'
import type { Cost, Manner } from '../../core/facts'
import { allPlantings, type PlantingOutlook } from '../../core/season'
import {
  choiceNow,
  choicesOf,
  grownSo,
  knownDays,
  measureOf,
  planOf,
  TRIAL_ASPECTS,
  wayCost,
  waysAsked,
  type Grown,
  type TrialAspect,
  type TrialChoice,
  type TrialMeasure,
  type TrialWay,
} from '../../core/trial'
import { mannerOf } from '../../data/garden-row'
import { airOf, aPlantBears, grownOn } from '../../core/garden-day'
import type { Day } from '../../data/garden-state'
import type { WayTaken } from '../../data/way-taken'
import { skyOf, type TrialSky } from '../../workers/trial-sky'
import { sayCautions } from '../../wording/cautions'
import { capital } from '../../wording/names'
import { CANNOT_WORDS, CAUTION_OF, choiceName, QUESTION_NAMES } from '../../wording/trials'
import { askedOf, trialAddress, wayText, type TrialAddress } from './address'
import { changesOf } from './change-of'
import { keptTrials, type KeptTrial } from './kept-queries'

/** A way as the screen shows it; the first is the present one. */
interface ShownWay extends TrialWay {
  name: string
  choices: readonly TrialChoice[]
  /** Whether the garden keeps it; else it can only be noted. */
  isPlanned: boolean
  /** What all its plants take in a season, at the shed's prices. */
  cost: Cost
}

/** A way beside the present one as it may be changed: left out, or something else changed with it. */
interface ChangeableWay {
  id: string
  name: string
  without: string
  also: readonly { question: string; choices: readonly { name: string; href: string }[] }[]
}

/** A choice of the question, to be put in or left out. */
interface ShownChoice {
  id: string
  name: string
  /** Why it cannot be. */
  cannot: string | null
  isNow: boolean
  isIn: boolean
  /** The trial with it, or without it. */
  href: string
}

export interface TrialsView {
  manner: Manner
  on: IsoDate
  now: IsoDate
  /** The newest first. */
  kept: readonly KeptTrial[]
  plantings: readonly { id: string; name: string }[]
  /** Null: nothing is planned. */
  trial: {
    planting: { id: string; name: string; place: string; count: number; href: string }
    start: IsoDate
    /** Whether it grows on from today. */
    goesOn: boolean
    ask: TrialAspect
    measure: TrialMeasure
    /** How its address asks it, as it is kept. */
    asked: string
    /** kg that a plant is expected to bear as it is grown now, as the Basket says it. */
    usual: number
    questions: readonly { ask: TrialAspect; name: string; href: string; cannot: string | null }[]
    choices: readonly ShownChoice[]
    /** Whether no further way fits in. */
    isFull: boolean
    ways: readonly ShownWay[]
    others: readonly ChangeableWay[]
    /** Ways of the address that cannot be, and why. */
    refused: readonly string[]
    cautions: readonly string[]
    weather: string
  } | null
}

const MOST_OTHERS = 3

/** What can be tried, and the trial that an address asks for. */
export function trialsView(day: Day, query: Record<string, string | string[] | undefined>): TrialsView {
  const asked = askedOf(query)
  const plantings = allPlantings(day.outlook).filter(({ phase }) => phase !== 'over')
  const own =
    plantings.find(({ planting }) => planting.id === asked.planting) ??
    plantings.find(({ place }) => place.id === asked.place) ??
    plantings[0]
  const trial = own ? trialOf(day, own, asked) : null
  return {
    manner: day.manner,
    on: day.on,
    now: day.now,
    plantings: plantings.map(({ planting, cultivar, place }) => ({
      id: planting.id,
      name: `${cultivar.name}, ${place.name}`,
    })),
    kept: keptTrials(day, trial?.asked ?? null),
    trial,
  }
}

function trialOf(day: Day, own: PlantingOutlook, asked: TrialAddress): TrialsView['trial'] {
  const { state, on } = day
  const manner = mannerOf(state.garden)
  const { cultivars } = state.record
  const shownOn = on === day.now ? null : on
  const grown = grownOn(day, own)
  const prices = {
    plants: state.plants,
    site: day.supportSite,
    supplies: state.supplies,
    products: state.products,
  }
  const placeEntries = entriesAbout(day.outlook.counted, { type: 'place', id: own.place.id })
  const base = planOf(grown, placeEntries)
  const setOut = grown.setOut === null ? null : addDays(own.start, grown.setOut)
  const named = (choice: TrialChoice) => choiceName(choice, { manner, setOut, cultivars })
  const canAsk = (ask: TrialAspect) => waysAsked(grown, ask, cultivars).length > 0
  const ask = asked.ask ?? (grown.stands ? 'watering' : 'stems')
  const wanted = asked.ways ?? waysAsked(grown, ask, cultivars).map((choice) => [choice])
  const refused: string[] = []
  const others = wanted.flatMap((choices): ShownWay[] => {
    const so = grownSo(grown, choices, cultivars)
    const name = choices.map(named).join(', ')
    if (typeof so === 'string') {
      refused.push(`${capital(name)}: ${CANNOT_WORDS[so]}`)
      return []
    }
    const isSame = choices.every(({ aspect, choice }) => choiceNow(grown, aspect) === choice)
    return isSame
      ? []
      : [
          {
            id: wayText(choices),
            name,
            choices,
            plan: planOf(so, placeEntries, base),
            isPlanned: changesOf(choices, so) !== null,
            cost: wayCost(so, prices),
          },
        ]
  })
  const now: TrialChoice = { aspect: ask, choice: choiceNow(grown, ask) }
  const ways: ShownWay[] = [
    {
      ...{ id: 'now', name: `${named(now)} (now)`, choices: [], plan: base, isPlanned: false },
      cost: wayCost(grown, prices),
    },
    ...others.filter(({ id }, at) => others.findIndex((one) => one.id === id) === at).slice(0, MOST_OTHERS),
  ]
  const chosen = ways.slice(1).map(({ choices }) => choices)
  const address = (of: readonly (readonly TrialChoice[])[]) =>
    trialAddress({ planting: own.planting.id, ask, ways: of }, shownOn)
  const cautions = new Set(
    ways
      .slice(1)
      .flatMap(({ choices }) =>
        choices.flatMap(({ aspect }): CautionId[] => (CAUTION_OF[aspect] ? [CAUTION_OF[aspect]] : [])),
      ),
  )
  const weather = new URLSearchParams({ planting: own.planting.id, on })
  return {
    planting: {
      id: own.planting.id,
      name: own.cultivar.name,
      place: own.place.name,
      count: own.planting.count,
      href: `/plantings/${own.planting.id}${day.query}`,
    },
    start: own.start,
    goesOn: grown.stands,
    ask,
    measure: measureOf(ask),
    asked: trialAddress({ planting: own.planting.id, ask, ways: chosen }, null).split('?')[1]!,
    usual: aPlantBears(day, own),
    questions: TRIAL_ASPECTS.map((each) => ({
      ask: each,
      name: QUESTION_NAMES[each],
      href: trialAddress({ planting: own.planting.id, ask: each, ways: null }, shownOn),
      cannot: canAsk(each) ? null : whyNot(grown, each, cultivars),
    })),
    choices: choicesOf(grown, ask, cultivars).map(({ choice, grown: so }): ShownChoice => {
      const one = { aspect: ask, choice }
      const isIn = chosen.some((choices) => wayText(choices) === wayText([one]))
      return {
        id: choice,
        name: named(one),
        cannot: typeof so === 'string' ? CANNOT_WORDS[so] : null,
        isNow: choice === now.choice,
        isIn,
        href: address(
          isIn ? chosen.filter((choices) => wayText(choices) !== wayText([one])) : [...chosen, [one]],
        ),
      }
    }),
    isFull: chosen.length >= MOST_OTHERS,
    ways,
    others: ways.slice(1).map(({ id, name, choices }) => {
      const instead = (by: readonly TrialChoice[] | null) =>
        address(chosen.flatMap((one) => (wayText(one) === id ? (by === null ? [] : [by]) : [one])))
      const so = grownSo(grown, choices, cultivars) as Grown
      return {
        id,
        name,
        without: instead(null),
        also: TRIAL_ASPECTS.filter((each) => !choices.some(({ aspect }) => aspect === each)).flatMap(
          (each) => {
            const current = choiceNow(so, each)
            const can = choicesOf(so, each, cultivars).filter(
              (one) => one.choice !== current && typeof one.grown !== 'string',
            )
            return can.length === 0
              ? []
              : [
                  {
                    question: QUESTION_NAMES[each],
                    choices: can.map(({ choice }) => ({
                      name: named({ aspect: each, choice }),
                      href: instead([...choices, { aspect: each, choice }]),
                    })),
                  },
                ]
          },
        ),
      }
    }),
    refused,
    cautions: sayCautions([...cautions], manner),
    weather: `/trials/weather?${weather}`,
  }
}

/** Why nothing of a question can be tried. */
function whyNot(grown: Grown, ask: TrialAspect, cultivars: Parameters<typeof choicesOf>[2]): string {
  const reasons = choicesOf(grown, ask, cultivars).flatMap(({ grown: so }) =>
    typeof so === 'string' ? [so] : [],
  )
  return reasons[0] ? CANNOT_WORDS[reasons[0]] : 'There is only one way to do it here.'
}

/** The seasons in which a planting is tried; null: it is gone. */
export function trialSky(day: Day, plantingId: string | null): TrialSky | null {
  const own = allPlantings(day.outlook).find(({ planting }) => planting.id === plantingId)
  if (!own) return null
  const { garden, record } = day.state
  const isNow = own.start === day.outlook.start
  return skyOf(
    record.ensemble,
    garden,
    airOf(own.place),
    isNow ? knownDays(day.outlook.line, own.start, day.on) : null,
  )
}

/** What a way changes in the garden; null: it is none, or cannot be planned. */
export function wayToTake(day: Day, plantingId: string, text: string): WayTaken | null {
  const own = allPlantings(day.outlook).find(({ planting }) => planting.id === plantingId)
  const [choices] = askedOf({ way: text }).ways ?? []
  if (!own || !choices) return null
  const so = grownSo(grownOn(day, own), choices, day.state.record.cultivars)
  return typeof so === 'string' ? null : changesOf(choices, so)
}
