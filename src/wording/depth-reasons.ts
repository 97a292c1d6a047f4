import type { Reason } from '../core/advice'
import type { Manner } from '../core/facts'
import type { DepthRule } from '../core/transplant'
import { fillIn } from './say'

/** The sentences of planting depth: by themselves, as the screen that works depth out while one types needs no others. */
export const DEPTH_REASONS: Record<DepthRule, string> = {
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
}

/** A reason of planting depth as a sentence. */
export const sayDepthReason = (reason: Reason<DepthRule>, manner: Manner): string =>
  fillIn(DEPTH_REASONS[reason.rule], reason, manner)
