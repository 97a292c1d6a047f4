import type { Reason } from '../core/advice'
import type { Manner } from '../core/facts'
import type { DepthRule } from '../core/transplant'
import { fillIn } from './say'

/** The sentences of planting depth: by themselves, as the screen that works depth out while one types needs no others. */
export const DEPTH_REASONS: Record<DepthRule, string> = {
  'depth.long-season': 'You have {slack} to spare, so slower rooting costs you no ripe fruit.',
  'depth.short-season':
    'You have only {slack} to spare (under {limit}), so plant shallow: it flowers sooner.',
  'depth.leggy': 'With {perLeaf} of stem per leaf it is leggy. The buried stem roots and steadies it.',
  'depth.floor-warm': 'The soil is {floor} at the bottom of the hole, {depth} down. That is warm enough.',
  'depth.floor-cold': 'The soil is {floor} at {depth}. Below {limit} roots stop growing.',
  'depth.floor-hard': 'A hole of {depth} comes too near the bottom of the {soil} of dug soil.',
  'depth.trench-warm': 'In a trench {depth} deep, all of the stem is in soil of {floor}.',
  'depth.trench-no': 'A trench {depth} deep does not suit this plant in this soil.',
  'depth.pepper-level': 'A pepper stem hardly roots, so plant it as deep as it grew, {limit} deeper at most.',
  'depth.graft-clear': 'Keep the graft, {union} up the stem, at least {clearance} above the soil.',
  'depth.graft-too-low':
    'The graft is only {union} up. Keep soil and mulch off it, or the upper part roots past it.',
  'depth.leaves-kept':
    'Strip {stripped leaf|leaves} and keep {kept}. The plant regrows them in about {delay}.',
  'depth.few-leaves': 'It has only {leaves leaf|leaves}, so keep them all.',
  'depth.clipped': 'Burying {wanted} of stem would be best, but this soil allows only {buried}.',
  'depth.wait-cold':
    'Even at the root ball, {depth} down, the soil is {soil}. Below {limit} roots stop growing.',
  'depth.wait-no-growth': 'It is too cold for any growth in the coming days.',
  'depth.wait-shallow':
    'The root ball needs {rootBall}, and the soil is dug to {soil}. Loosen it deeper or raise the bed first.',
  'depth.rooting-gained': '{length} more rooting stem',
  'depth.rooting-lost': '{length} less rooting stem',
  'depth.flowers-sooner': 'flowers {days} sooner',
  'depth.flowers-later': 'flowers {days} later',
  'depth.same': 'the same for this plant',
}

/** A reason of planting depth as a sentence. */
export const sayDepthReason = (reason: Reason<DepthRule>, manner: Manner): string =>
  fillIn(DEPTH_REASONS[reason.rule], reason, manner)
