import type { QuickProblem } from '../core/quick-line'

const AMOUNTS = {
  litres: 'How much? As in “bed 2 watered 12 l”, “30 min” or “25 mm”.',
  mass: 'What did it weigh? As in “pot 3 picked 1.2 kg 3 cracked”.',
  product: 'Fed with what? Name one of your feeds, or what is commonly sold: “bed 2 fed fish 1:50 6 l”.',
} as const

/** What is missing of a line, and how it would be said. */
export function sayQuickProblem(problem: QuickProblem['problem']): string {
  switch (problem.why) {
    case 'no-place':
      return 'Begin with a place of this garden: “bed 2 watered 12 l”.'
    case 'nothing-stands':
      return `Nothing is growing in ${problem.place} on this day.`
    case 'which-planting':
      return `In ${problem.place} stand ${problem.cultivars.join(' and ')}: say which.`
    case 'amount':
      return AMOUNTS[problem.of]
    case 'unit':
      return problem.of === 'litres'
        ? `How much is “${problem.told}”? Say it in litres or gallons, in minutes of drip, or in mm or inches.`
        : `How much is “${problem.told}”? Say it in kilograms, grams, pounds or ounces.`
    case 'no-flow':
      return `${problem.place} has no drip emitters noted: say how many litres or gallons.`
    case 'mixed':
      return `Is that ${problem.product} as it comes, or mixed with water? Mixed: “1:50 ${problem.told}”. As it comes: say it in mL, tablespoons or by weight.`
    case 'ahead':
      return `${problem.on} has not come yet: entries are made on their own day.`
  }
}
