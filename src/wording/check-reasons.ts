import type { CheckRule } from '../core/transplant'

/** What is looked at before planting, and what to do about it. */
export const CHECK_REASONS: Record<CheckRule, string> = {
  'check.sky-mild': 'A high of {high} and little wind: plant at any hour, best under cloud.',
  'check.sky-hot': 'It gets to {high}. Plant toward evening, and shade the plants for two days.',
  'check.sky-windy': 'Wind about {wind}. Put up a screen first, or tie them at once.',
  'check.nights-warm': 'The next {nights night} average {mean}.',
  'check.nights-cool': 'The next {nights night} average {mean}. A cover at night helps them along.',
  'check.nights-cold':
    'The next {nights night} average {mean}, the coldest {low}. Plants would stall, so wait.',
  'check.hardened': 'You hardened them off for {days day}.',
  'check.half-hardened':
    'You hardened them off for only {days day}. Give shade and shelter for the first three.',
  'check.not-hardened':
    'You hardened them off for {days day}. Sun and wind would scorch them, so give them a week outside first.',
  'check.soil-dry': 'The soil is dry. Fill the hole with water, let it sink in, then plant and water again.',
  'check.soil-moist': 'The soil is moist. Plant, firm gently, and water at once.',
  'check.soil-wet': 'The soil smears, and worked now it sets hard. Wait until a handful crumbles.',
  'check.roots-free': 'Roots hold the ball and do not circle. Soak it before you plant.',
  'check.roots-circle':
    'Roots circle the pot. Tease the outer ones loose, or score the ball three times from top to bottom.',
  'check.no-flowers': 'No flowers yet.',
  'check.flowers-pinch': 'Pinch off the first flowers. Roots come first, and the season is long enough.',
  'check.flowers-leave': 'Leave the flowers on. The season has no weeks to spare.',
}
