import type { OwnRule, SupportRule } from '../core/support'

/** Why a support stands as it does, and what another would gain and cost. */
export const SUPPORT_REASONS: Record<SupportRule | OwnRule, string> = {
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
  'support.own-measure': 'How long and how thick they are, and of what, is not noted: measure one.',
  'support.own-holds': '{depth} deep they hold gusts up to {holds}.',
  'support.own-short':
    '{length} is {missing} too short: {above} above the ground and {depth} in it make {whole}.',
  'support.own-lets-go': '{depth} deep, the ground lets them go in a gust of {holds}.',
  'support.own-bends': '{across} of {material} bends too far in a gust of {holds}.',
  'support.own-few': '{there} are there, {wanted} are wanted.',
  'support.own-deeper': 'Driven {depth} deep, they hold; they must be {whole} long for that.',
  'support.own-thicker': '{across} of {material}, as deep as these, holds.',
  'support.own-lower': 'Let them stand {above} above the ground, and top the plants there.',
  'support.own-longer': 'Pieces of {whole} are long enough.',
  'support.own-shorter-bays': 'With {plants} plants a bay they hold; that takes {posts} posts.',
  'support.own-firmer': 'In firm ground, not dug, they hold as they are.',
  'support.own-anchors': 'Guy both ends to anchors.',
  'support.own-cage': '{height} high, for plants that grow to {grown}.',
  'support.own-low': '{height} high, and the plants grow to {grown}: {over} hangs over the top.',
  'support.own-narrow': '{across} across squeezes these plants; {usual} is usual.',
  'support.own-wide': '{across} across is wider than the plants stand apart, {spacing}: they do not fit.',
  'support.own-stack': 'Set a second one on top, to {height} at least, with rods through both.',
  'support.own-apart': 'Plant them {across} apart or more.',
  'support.suits-better': 'suits the plant better',
  'support.suits-worse': 'suits the plant less',
}
