import type { OwnRule, SupportRule } from '../core/support'

/** Why a support stands as it does, and what another would gain and cost. */
export const SUPPORT_REASONS: Record<SupportRule | OwnRule, string> = {
  'support.suits-well': '{system} suits this plant: {habit}, {training}.',
  'support.suits-can': '{system} can hold this plant ({habit}, {training}), but others suit it better.',
  'support.suits-no': '{system} does not suit this plant: {habit}, {training}.',
  'support.wind':
    'A gust of {gust} at the leaves needs it {diameter} thick and {embedment} deep, with a safety factor of 2.',
  'support.calm': 'No wind reaches it, so {embedment} deep is enough to stand straight.',
  'support.anchor':
    'Even {deepest} deep it would not hold the worst gust. Use thicker posts, shorter bays, or anchors at both ends.',
  'support.break':
    'If a string breaks, {plants} of the plants fall. Tied {other} it would be {others}, with {otherTwine} of twine instead of {twine}.',
  'support.wet': 'Leaves and fruit on the ground stay wet, and the risk from wet leaves is {wetness} here.',
  'support.less-work': '{work} less work',
  'support.more-work': '{work} more work',
  'support.lasts-longer': 'lasts {seasons season}',
  'support.lasts-shorter': 'lasts only {seasons season}',
  'support.fewer-fall': 'if it breaks, only {plants plant} can fall',
  'support.more-fall': 'if a string breaks, {plants plant} can fall',
  'support.holds-less': 'stands up to gusts only up to {gust}',
  'support.own-measure': 'You have not noted how long and thick they are, or of what. Measure one.',
  'support.own-holds': 'At {depth} deep they stand up to gusts of {holds}.',
  'support.own-short':
    '{length} is {missing} too short: {above} above the ground and {depth} in it make {whole}.',
  'support.own-lets-go': 'At {depth} deep, they pull out of the ground in a gust of {holds}.',
  'support.own-bends': '{across} of {material} bends too far in a gust of {holds}.',
  'support.own-few': 'You have {there} and need {wanted}.',
  'support.own-deeper': 'Driven {depth} deep they hold, but they must be {whole} long for that.',
  'support.own-thicker': '{material} {across} thick holds, as deep as these.',
  'support.own-lower': 'Leave {above} above the ground, and cut the tips of the plants there.',
  'support.own-longer': 'Pieces of {whole} are long enough.',
  'support.own-shorter-bays': 'With {plants plant} per bay they hold. That takes {posts post}.',
  'support.own-firmer': 'In firm ground that is not dug, they hold as they are.',
  'support.own-anchors': 'Anchor both ends.',
  'support.own-cage': '{height} high, for plants that grow to {grown}.',
  'support.own-low': 'It is {height} high and the plants grow to {grown}: {over} hangs over the top.',
  'support.own-narrow': '{across} wide squeezes these plants; {usual} is usual.',
  'support.own-wide': '{across} wide does not fit plants {spacing} apart.',
  'support.own-stack': 'Set a second one on top, to {height} at least, with rods through both.',
  'support.own-apart': 'Plant them {across} apart or more.',
  'support.suits-better': 'suits the plant better',
  'support.suits-worse': 'suits the plant less',
}
