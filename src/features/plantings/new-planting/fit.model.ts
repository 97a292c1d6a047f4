import { PLACE_BOUNDS } from '../../../core/bounds'
import { potAdvice, potOfVolume, potVolume } from '../../../core/containers'
import type { Cultivar, Training } from '../../../core/crop'
import {
  plainPlace,
  potOf,
  type Manner,
  type Place,
  type SpacingSchool,
  type Support,
} from '../../../core/facts'
import { judgeSun } from '../../../core/light'
import { parseQuantity } from '../../../core/quantity'
import { beyondReach, layAnyway, layPlanting, usualLaying, type Laying } from '../../../core/spacing'
import { sayCrowded } from '../../../wording/crowded'
import { sayLength, sayMeasure } from '../../../wording/say'
import { saySun, saySunHours } from '../../../wording/sun'
import { longUnit } from '../../../wording/either'
import type { Choices } from './choices'
import { AS_USUAL, kindChosen, type PlantingValues, type SpotValues } from './values'

/** How many fit beside what stands, and how far apart. */
export interface Fit {
  answer: string
  how: string
  isTooFew: boolean
  /** What planting them anyway comes to; null: they fit. */
  anyway: { apart: string; costs: string[] } | null
  /** What rotation, reach, sun, and what a pot holds, say against the place; empty: nothing. */
  against: { about: string; text: string }[]
}

/** What is chosen so far, in a place, or in each of some new ones; null: it has no size yet. */
export function fitOf(
  values: PlantingValues,
  spot: SpotValues,
  plant: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>,
  trainings: readonly Training[],
  { manner, places, wetness }: Pick<Choices, 'manner' | 'places' | 'wetness'>,
): Fit | null {
  const there = places.find(({ id }) => id === spot.place)
  const place = there ?? newPlace(spot, manner)
  if (!place) return null
  const inSeason = there?.seasons.find(({ season }) => season === Number(values.season))
  const standing = inSeason?.standing ?? []
  const count = /^\d{1,4}$/.test(spot.count.trim()) ? Number(spot.count) : 0
  const wanted = {
    cultivar: plant,
    count,
    training: trainings.find((other) => other === values.training) ?? trainings[0]!,
    support: values.support as Support,
    spacingSchool: values.spacingSchool as SpacingSchool,
    ownInRow: lengthOf(values.ownInRow, manner),
    ownLines: lengthOf(values.ownLines, manner),
    ownCage: lengthOf(values.ownCage, manner),
  }
  const { spacing, fits } = layPlanting(place, { ...wanted, count: 0 }, standing, wetness)
  const beside = inSeason?.planned ? ` beside ${inSeason.planned}` : ''
  const isTooFew = count > fits
  return {
    answer: `${fits} fit`,
    how: `${beside}, ${sayLength(spacing.inRow, manner)} apart in the row.${sunOfIt()}`,
    isTooFew,
    anyway: isTooFew ? anywayOf() : null,
    against: [
      ...(inSeason?.rotation ? [{ about: 'Rotation', text: inSeason.rotation }] : []),
      ...shadeOfIt(),
      ...reachOfIt(),
      ...potOfIt(),
    ],
  }

  function anywayOf(): Fit['anyway'] {
    const laying = values.laying === AS_USUAL ? usualLaying(place!) : (values.laying as Laying)
    const { inRow, share, costs } = layAnyway(place!, wanted, standing, wetness, laying)
    return { apart: sayLength(inRow, manner), costs: sayCrowded(costs, share) }
  }

  /** How much sun it has, where something is drawn that could take it. */
  function sunOfIt(): string {
    return there?.sun == null ? '' : ` ${saySunHours(there.sun, manner)} of direct sun a day.`
  }

  function shadeOfIt(): Fit['against'] {
    if (there?.sun == null) return []
    const judged = judgeSun(there.sun, plant)
    return judged.verdict === 'little'
      ? [
          {
            about: 'Sun',
            text: `${saySunHours(there.sun, manner)} of direct sun a day is ${saySun(judged)} for ripe fruit.`,
          },
        ]
      : []
  }

  /** The part that nobody can pick from the sides that are open. */
  function reachOfIt(): Fit['against'] {
    const strip = beyondReach(place!)
    if (!strip) return []
    const wide = sayLength(Math.min(strip.length, strip.width), manner)
    return [
      {
        about: 'Reach',
        text: `${wide} of it are out of arm’s reach from the open sides, and stay empty. Open another side, or lay a board across.`,
      },
    ]
  }

  /** A pot that holds less than its plants want. */
  function potOfIt(): Fit['against'] {
    const pot = potOf(place!)
    if (!pot || count === 0) return []
    const { filled } = potVolume(pot)
    const { least } = potAdvice(plant, filled, place!.pot!.selfWatering).answer
    const say = (value: number) => sayMeasure({ kind: 'volume', value }, manner)
    return filled >= least * count
      ? []
      : [
          {
            about: 'Room',
            text: `${say(least * count)} of mix ${count === 1 ? 'is the least for one' : `are the least for ${count}`}; this pot holds ${say(filled)}. It needs water and feed more often.`,
          },
        ]
  }
}

/** A length that is typed whole; null: not yet, or none that can be. */
function lengthOf(text: string, manner: Manner, bareUnit?: string): number | null {
  const read = parseQuantity(text ?? '', 'length', manner.units, bareUnit)
  return 'error' in read || read.value < 0.05 || read.value > 500 ? null : read.value
}

/** The new place that a spot describes; null: not yet. */
function newPlace(spot: SpotValues, manner: Manner): Place | null {
  const kind = kindChosen(spot.place)
  if (!kind) return null
  const known = { id: '', name: '', kind }
  if (kind === 'container') {
    const litres = parseQuantity(spot.litres, 'volume', manner.units)
    const across = lengthOf(spot.length, manner)
    if ('error' in litres) return null
    try {
      const { top, height } = potOfVolume(litres.value, across)
      return { ...plainPlace({ ...known, length: top, width: top }), height }
    } catch (error) {
      // What such a pot cannot be is told beside its fields.
      if (error instanceof RangeError) return null
      throw error
    }
  }
  const [length, width] = [
    lengthOf(spot.length, manner, longUnit(manner)),
    lengthOf(spot.width, manner, longUnit(manner)),
  ]
  const least = PLACE_BOUNDS.side[0]
  if (length === null || width === null || length < least || width < least) return null
  return plainPlace({ ...known, length, width })
}
