import type { CallRule } from '../core/calls'
import type { SpacingRule } from '../core/spacing'
import type { DepthRule } from '../core/transplant'

export type Rule = CallRule | DepthRule | SpacingRule

/** Every rule's sentence; what stands in braces is a value of the reason. */
export const REASONS: Record<Rule, string> = {
  'set-out.nights-warm': 'The coldest of the next {nights} nights is {low}; {limit} is enough.',
  'set-out.nights-cold': 'A night of {low} is coming; below {limit} the plants stall.',
  'set-out.soil-warm': 'The soil is {soil} at {depth}; {limit} is enough.',
  'set-out.soil-cold': 'The soil is {soil} at {depth}; under {limit} roots stand still.',
  'set-out.frost-ahead': 'Frost is forecast: {low} on {date}.',
  'set-out.warm-from': 'Nights and soil suit from about {date}.',
  'set-out.not-this-season': 'No warm enough spell is left this season.',

  'call.sow-weeks': '{weeks} weeks raise a plant that is ready when the ground is warm, about {date}.',
  'call.sow-odds':
    'Of {seeds} seeds, {germination} come up and {survival} of those live: {plants} plants in 19 cases of 20.',
  'call.sow-late': 'This is {late} late: the first fruit come as much later.',
  'call.loops-due': 'In a warm tray the first loops show about {date}.',
  'call.light-at-once': 'From the first loop they want full light the same day.',
  'call.pot-up-roots': 'They came up on {emerged}: roots reach the wall of the cell after about three weeks.',
  'call.harden-days': 'Step {day} of {days}: {hours} outside, a little more each day.',
  'call.harden-rest-cold': 'It only gets to {high}; below {limit} they stay in today.',
  'call.harden-rest-wind': 'Wind up to {wind}; above {limit} it tears soft leaves, so they rest today.',
  'call.harden-night-out': 'The night stays at {low}; from {limit} they can be left out.',
  'call.harden-night-in': 'The night goes down to {low}; under {limit} they come in.',
  'call.read-soil-estimate':
    'Worked out from the air, the soil is {soil} at {depth}. A thermometer knows better.',
  'call.cover-low': '{low} is forecast; at {limit} in the air, leaves near the ground can freeze.',
  'call.cover-clear-of-leaves':
    'The cloth must stand clear of the leaves: where it touches, cold passes through.',
  'call.flowers-due': 'By thermal time the first flowers open about {date}.',
  'call.first-ripe-due': 'By thermal time the first fruit are ripe about {date}.',
  'call.picked-last': 'Last picked on {date}.',
  'call.top-last-flower':
    'A flower that opens after {date} does not make a mature fruit before the frost about {frost}.',
  'call.clear-frost': 'The first frost comes about {date}.',
  'call.waits-sow': 'A week later now is about a week later at the first fruit.',
  'call.waits-light': 'A day without light makes them lanky for good.',
  'call.waits-roots': 'Roots begin to circle, and growth slows.',
  'call.waits-hardening': 'Setting out moves back by a day.',
  'call.waits-set-out': 'Each warm day in the pot is a day of rooting lost.',
  'call.waits-frost': 'Frozen leaves do not come back.',
  'call.waits-pick': 'Ripe fruit split in rain and draw birds.',
  'call.waits-top': 'The plant feeds fruit that will not ripen.',

  'depth.long-season': 'Season slack of {slack}: time lost to rooting costs no ripe fruit.',
  'depth.short-season': 'Only {slack} of season slack (under {limit}): a shallow plant flowers sooner.',
  'depth.leggy': '{perLeaf} of stem to a leaf is leggy: the buried stem roots and steadies it.',
  'depth.floor-warm': 'The soil is {floor} at the hole’s floor, {depth} down: warm enough.',
  'depth.floor-cold': 'The soil is {floor} at {depth}; under {limit} roots stand still.',
  'depth.floor-hard': 'A hole of {depth} comes too near the floor of {soil} of workable soil.',
  'depth.trench-warm': 'In a trench of {depth} all of the stem lies in soil of {floor}.',
  'depth.trench-no': 'A trench of {depth} does not suit this plant in this soil.',
  'depth.pepper-level': 'A pepper stem hardly roots: it stands as it grew, {limit} deeper at the most.',
  'depth.graft-clear': 'The graft, {union} up the stem, stays at least {clearance} above the soil.',
  'depth.graft-too-low':
    'The graft is only {union} up: keep soil and mulch off it, or the upper part roots past it.',
  'depth.leaves-kept': '{stripped} leaves come off and {kept} stay: {delay} until it has that leaf again.',
  'depth.few-leaves': 'It has {leaves} leaves: all of them stay.',
  'depth.clipped': 'It wants {wanted} of stem buried, but the soil bears {buried}.',
  'depth.wait-cold':
    'Even at the root ball, {depth} down, the soil is {soil}; under {limit} roots stand still.',
  'depth.wait-no-growth': 'It is too cold for any growth in the coming days.',
  'depth.wait-shallow':
    'The root ball needs {rootBall} and the soil is workable to {soil}: loosen or raise it first.',
  'depth.rooting-gained': '{length} more rooting stem',
  'depth.rooting-lost': '{length} less rooting stem',
  'depth.flowers-sooner': 'flowers {days} sooner',
  'depth.flowers-later': 'flowers {days} later',
  'depth.same': 'the same for this plant',

  'spacing.training': 'Grown {training}: {inRow} between plants, {lines} between lines in a bed.',
  'spacing.school': 'The {school} school; others stand from {tight} to {roomy}.',
  'spacing.wet': 'Leaves stay wet often here ({wetness}): {more} more room, {inRow}.',
  'spacing.more-plants': '{change} more plants',
  'spacing.fewer-plants': '{change} fewer plants',
  'spacing.more-room': '{change} more room, drier leaves',
  'spacing.less-room': '{change} less room, leaves dry later',
}
