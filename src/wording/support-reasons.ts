import type { SupportRule } from '../core/support'

/** Why a support stands as it does, and what another would gain and cost. */
export const SUPPORT_REASONS: Record<SupportRule, string> = {
  'support.suits-well': '{system} suits this plant: {habit}, {training}.',
  'support.suits-can': '{system} can hold this plant: {habit}, {training}; others suit it better.',
  'support.suits-no': '{system} does not suit this plant: {habit}, {training}.',
  'support.wind':
    'A gust of {gust} at the leaves wants {diameter} thick and {embedment} deep, with half the strength in hand.',
  'support.calm': 'No wind gets at it: {embedment} deep is enough to stand straight.',
  'support.anchor':
    'Even {deepest} deep it would not hold the worst gust: thicker posts, shorter bays, or guys to anchors at both ends.',
  'support.break':
    'If a string breaks, {plants} of the plants lie down; tied {other} it would be {others}, with {otherTwine} of twine instead of {twine}.',
  'support.wet': 'Leaves and fruit on the ground stay wet; wet leaves are a {wetness} risk here.',
  'support.less-work': '{work} less work',
  'support.more-work': '{work} more work',
  'support.lasts-longer': 'lasts {seasons} seasons',
  'support.lasts-shorter': 'lasts only {seasons} seasons',
  'support.fewer-fall': 'when something breaks, {plants} lies down',
  'support.more-fall': 'when a string breaks, {plants} lie down',
  'support.holds-less': 'holds gusts only up to {gust}',
  'support.suits-better': 'suits the plant better',
  'support.suits-worse': 'suits the plant less',
}
