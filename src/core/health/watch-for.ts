import type { Reason } from '../advice'
import { causesOf, CAUSES, textbookSigns, type CauseId } from './causes'
import type { HealthContext, PlantAge } from './conditions'
import { conditionReasons, prior, type HealthRule } from './diagnose'
import type { PartSeen, SignId } from './signs'
import { SIGNS } from './signs'

/** What to keep an eye open for now. */
export interface Watch {
  cause: CauseId
  /** What shows it first. */
  sign: SignId
  reasons: Reason<HealthRule>[]
}

/** What a plant has to show a sign on, by its age. */
const SHOWS: Record<PlantAge, readonly PartSeen[]> = {
  seedling: ['leaf', 'plant', 'stem'],
  young: ['leaf', 'plant', 'stem', 'guest'],
  flowering: ['leaf', 'plant', 'stem', 'guest', 'flower'],
  bearing: ['leaf', 'plant', 'stem', 'guest', 'flower', 'fruit'],
  ripening: ['leaf', 'plant', 'stem', 'guest', 'flower', 'fruit'],
}
/** Only where something known speaks for it is a cause worth a look of its own: this much likelier than usual. */
const RAISED = 1.4

/** The causes that weather, place, cultivar and log make likelier than usual, the most first. */
export function watchFor(context: HealthContext, most = 5): Watch[] {
  const parts = SHOWS[context.age ?? 'bearing']
  return causesOf(context.crop)
    .filter((cause) => CAUSES[cause].kind !== 'harmless')
    .flatMap((cause) => {
      const sign = textbookSigns(cause).find((one) => parts.includes(SIGNS[one].part))
      const raised = prior(cause, context) / CAUSES[cause].common
      return sign && raised >= RAISED ? [{ cause, sign, raised }] : []
    })
    .sort((a, b) => b.raised - a.raised)
    .slice(0, most)
    .map(({ cause, sign }) => ({
      cause,
      sign,
      reasons: conditionReasons(cause, context).filter(({ weight }) => weight === 'supports'),
    }))
}
