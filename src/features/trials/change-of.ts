import { addDays } from '../../core/calendar'
import { WATERING_SCHOOLS } from '../../core/watering'
import type { Grown, TrialChoice } from '../../core/trial'
import type { WayTaken } from '../../data/way-taken'

/**
 * What the garden keeps of a choice, so that it can be used: its planting, its place, or the house's ways.
 *
 * @returns null: nothing that Prairie plans follows from it; it can be noted
 */
function changeOf({ aspect, choice }: TrialChoice, so: Grown): WayTaken | null {
  switch (aspect) {
    case 'day':
      return so.setOut === null
        ? null
        : { planting: { plannedSetOut: addDays(so.own.start, so.setOut + so.shift) } }
    case 'cultivar':
      return { planting: { cultivarId: choice, training: so.training } }
    case 'stems':
      return { planting: { training: so.training } }
    case 'spacing':
      return { planting: { spacingSchool: so.spacing } }
    case 'mulch':
      return { mulch: so.place.mulch }
    case 'watering':
      return (WATERING_SCHOOLS as readonly string[]).includes(choice) ? { house: { watering: choice } } : null
    case 'feeding':
      return choice === 'nothing' ? null : { house: { feeding: choice } }
    case 'flowers':
      return { house: { flowers: choice === '0' ? 'leave' : 'pinch' } }
    case 'depth':
      return { house: { depth: choice === 'usual' ? 'worked-out' : choice } }
    default:
      return null
  }
}

/** What a whole way changes; null: some of it cannot be planned. */
export function changesOf(choices: readonly TrialChoice[], so: Grown): WayTaken | null {
  const all = choices.map((choice) => changeOf(choice, so))
  if (all.some((one) => one === null)) return null
  return all.reduce<WayTaken>(
    (sum, one) => ({
      ...sum,
      ...one,
      planting: { ...sum.planting, ...one!.planting },
      house: { ...sum.house, ...one!.house },
    }),
    {},
  )
}
