import type { Manner } from '../core/facts'
import type { QuickProblem } from '../core/quick-line'
import { inEither } from './either'

const watered = (manner: Manner) => inEither(manner, 'bed 2 watered 12 l', 'bed 2 watered 3 gal')
const fed = (manner: Manner) => inEither(manner, 'bed 2 fed fish 1:50 6 l', 'bed 2 fed fish 1:50 2 gal')
const picked = (manner: Manner) =>
  inEither(manner, 'pot 3 picked 1.2 kg 3 cracked', 'pot 3 picked 2 lb 3 cracked')

/** What may be typed into the line, as an example. */
export const sayQuickExample = (manner: Manner) => `${fed(manner)} · ${picked(manner)} · Bench`

const AMOUNTS: Record<'litres' | 'mass' | 'product', (manner: Manner) => string> = {
  litres: (manner) =>
    `How much? As in “${watered(manner)}”, “30 min” or “${inEither(manner, '25 mm', '1 in')}”.`,
  mass: (manner) => `What did it weigh? As in “${picked(manner)}”.`,
  product: (manner) => `Fed with what? Name one of your feeds, or what is commonly sold: “${fed(manner)}”.`,
}

/** What is missing of a line, and how it would be said. */
export function sayQuickProblem(problem: QuickProblem['problem'], manner: Manner): string {
  switch (problem.why) {
    case 'no-place':
      return `Begin with a place in this garden: “${watered(manner)}”.`
    case 'nothing-stands':
      return `Nothing is growing in ${problem.place} on this day.`
    case 'which-planting':
      return `In ${problem.place} you grow ${problem.cultivars.join(' and ')}. Which one? Add its name.`
    case 'amount':
      return AMOUNTS[problem.of](manner)
    case 'unit':
      return problem.of === 'litres'
        ? `How much is “${problem.told}”? Give it in liters or gallons, in minutes of drip, or in mm or inches.`
        : `How much is “${problem.told}”? Give it in kilograms, grams, pounds or ounces.`
    case 'no-flow':
      return `${problem.place} has no drip emitters on record. Give the amount in liters or gallons.`
    case 'mixed':
      return `Is that ${problem.product} undiluted, or mixed with water? Mixed: “1:50 ${problem.told}”. Undiluted: give it in mL, tablespoons or by weight.`
    case 'ahead':
      return `${problem.on} is still to come. Record it on the day you do it.`
  }
}
