import type { CheckRule } from '../core/transplant'

/** What is looked at before planting, and what to do about it. */
export const CHECK_REASONS: Record<CheckRule, string> = {
  'check.sky-mild': 'A high of {high} and little wind: any hour will do, best when it is cloudy.',
  'check.sky-hot': 'It gets to {high}: plant toward evening, and shade them for two days.',
  'check.sky-windy': 'Wind about {wind}: put up a screen first, or tie them at once.',
  'check.nights-warm': 'The next {nights} nights average {mean}.',
  'check.nights-cool': 'The next {nights} nights average {mean}: a cover at night helps it on.',
  'check.nights-cold': 'The next {nights} nights average {mean}, the coldest {low}: the plant stalls. Wait.',
  'check.hardened': 'Hardened for {days} days.',
  'check.half-hardened': 'Hardened for only {days} days: give them shade and stillness for the first three.',
  'check.not-hardened': 'Hardened for {days} days: sun and wind would scorch them. A week outside first.',
  'check.soil-dry': 'The soil is dry: fill the hole with water once, let it sink, then plant and water in.',
  'check.soil-moist': 'The soil is moist: plant, firm without crushing, water in at once.',
  'check.soil-wet': 'The soil smears: worked now it sets hard. Wait until a handful crumbles.',
  'check.roots-free': 'Roots hold the ball and do not circle. Soak it before it goes in.',
  'check.roots-circle':
    'Roots circle: tease the outer ones loose, or score the ball three times from top to bottom.',
  'check.no-flowers': 'No flowers yet.',
  'check.flowers-pinch': 'Pinch the first flowers off: roots come first, and the season is long enough.',
  'check.flowers-leave': 'Leave the flowers on: the season has no weeks to spare.',
}
