import type { Reason } from '../advice'
import type { PostMaterial, Support } from '../facts'
import { requireInRange } from '../guard'
import { count, length, name, speed, thickness } from '../quantity'
import { CAGE } from '../spacing'
import { loadOf, pushOn, SAFETY, type Load } from './plans'
import { BEARS, bendingStress, DEEPEST, lateralCapacity, sectionOf, type Ground } from './post'
import { requireSupportCase, type SupportCase } from './support-case'

/** Pieces that somebody has: m; null: not known. */
export interface OwnPieces {
  quantity: number
  length: number | null
  across: number | null
  material: PostMaterial | null
}

export type OwnRule =
  | 'support.own-measure'
  | 'support.own-holds'
  | 'support.own-short'
  | 'support.own-lets-go'
  | 'support.own-bends'
  | 'support.own-few'
  | 'support.own-deeper'
  | 'support.own-thicker'
  | 'support.own-lower'
  | 'support.own-longer'
  | 'support.own-shorter-bays'
  | 'support.own-firmer'
  | 'support.own-anchors'
  | 'support.own-cage'
  | 'support.own-low'
  | 'support.own-narrow'
  | 'support.own-wide'
  | 'support.own-stack'
  | 'support.own-apart'

/** Whether pieces will do, why, and what would where they do not. */
export interface OwnVerdict {
  /** `measure`: it cannot be said before they are measured. */
  does: 'yes' | 'no' | 'measure'
  /** Of them that are wanted. */
  wanted: number
  reasons: Reason<OwnRule>[]
  /** Each of them alone would make them do against the wind. */
  instead: Reason<OwnRule>[]
}

/** Steps in which thicknesses and depths are told, m; the thickest that is driven by hand. */
const MILLIMETRE = 0.001
const DEPTH_STEP = 0.05
const THICKEST = 0.15
const MOST_GUST = 100
/** No post is wider, m. */
const WIDEST = 1
/** Gusts nearer than this are the same, m/s. */
const TOLD_APART = 1e-6

/**
 * Whether pieces that are there hold a row up: driven so deep, in a gust of so much, with half the strength in hand.
 *
 * @param input with the gust, m/s, and the ground to be reckoned with
 * @param depth to which they are driven, m
 * @returns null where the system stands without any
 * @throws RangeError naming what is out of its bounds
 */
export function willItDo(
  pieces: OwnPieces,
  system: Support,
  input: SupportCase,
  depth: number,
): OwnVerdict | null {
  requireSupportCase(input)
  requireInRange('depth', depth, 0.05, 2)
  const load = loadOf(system, input)
  if (!load) return null
  const { across, material } = pieces
  if (pieces.length === null || across === null || material === null)
    return {
      does: 'measure',
      wanted: load.count,
      reasons: [{ rule: 'support.own-measure', values: {}, weight: 'decides' }],
      instead: [],
    }
  // What is wider than a post can be is no thinner than one.
  const piece = { across: Math.min(WIDEST, across), material, length: pieces.length }
  const stands = { load, input, depth, soil: input.soil }
  const reasons: Reason<OwnRule>[] = []
  const instead: Reason<OwnRule>[] = []
  const missing = load.above + depth - piece.length
  if (missing > MILLIMETRE) {
    reasons.push({
      rule: 'support.own-short',
      values: {
        length: length(piece.length),
        missing: length(missing),
        above: length(load.above),
        depth: length(depth),
        whole: length(load.above + depth),
      },
      weight: 'warns',
    })
    instead.push({
      rule: 'support.own-longer',
      values: { whole: length(load.above + depth) },
      weight: 'supports',
    })
    const left = piece.length - depth
    if (left >= WORTH_IT * load.above)
      instead.push({ rule: 'support.own-lower', values: { above: length(left) }, weight: 'supports' })
  }
  const letsGo = gustUpTo((gust) => isHeld(piece, stands, gust))
  const bends = gustUpTo((gust) => isStraight(piece, stands, gust))
  const isLess = (holds: number) => holds < input.gust - TOLD_APART
  if (isLess(letsGo))
    reasons.push({
      rule: 'support.own-lets-go',
      values: { depth: length(depth), holds: speed(letsGo) },
      weight: 'warns',
    })
  if (isLess(bends))
    reasons.push({
      rule: 'support.own-bends',
      values: {
        across: thickness(across),
        material: name(material),
        holds: speed(bends),
      },
      weight: 'warns',
    })
  if (isLess(letsGo) || isLess(bends)) instead.push(...whatWould(piece, system, stands))
  const does = reasons.length === 0
  if (does)
    reasons.push({
      rule: 'support.own-holds',
      values: { depth: length(depth), holds: speed(Math.min(letsGo, bends)) },
      weight: 'decides',
    })
  if (pieces.quantity < load.count)
    reasons.push({
      rule: 'support.own-few',
      values: { there: count(pieces.quantity), wanted: count(load.count) },
      weight: 'warns',
    })
  return { does: does ? 'yes' : 'no', wanted: load.count, reasons, instead }
}
/**
 * So much of a plant may hang over the top of its cage; a cage under this share of the usual width squeezes
 * it.
 */
const OVER_THE_TOP = 0.3
const LEAST_WIDTH = 0.75

/** Whether cages that are there hold a row up: high enough, wide enough, and no wider than the plants stand apart. */
export function willCagesDo(
  cages: Omit<OwnPieces, 'material'>,
  input: Pick<SupportCase, 'cultivar' | 'plants' | 'spacing' | 'canopyHeight'>,
): OwnVerdict {
  const { plants, spacing, canopyHeight, cultivar } = input
  const wanted = plants
  if (cages.length === null || cages.across === null)
    return {
      does: 'measure',
      wanted,
      reasons: [{ rule: 'support.own-measure', values: {}, weight: 'decides' }],
      instead: [],
    }
  const reasons: Reason<OwnRule>[] = []
  const instead: Reason<OwnRule>[] = []
  const height = length(cages.length)
  const across = length(cages.across)
  const usual = CAGE[cultivar.crop]
  if (cages.length < canopyHeight - OVER_THE_TOP) {
    reasons.push({
      rule: 'support.own-low',
      values: { height, grown: length(canopyHeight), over: length(canopyHeight - cages.length) },
      weight: 'warns',
    })
    instead.push({
      rule: 'support.own-stack',
      values: { height: length(canopyHeight - OVER_THE_TOP) },
      weight: 'supports',
    })
  }
  if (cages.across < LEAST_WIDTH * usual)
    reasons.push({ rule: 'support.own-narrow', values: { across, usual: length(usual) }, weight: 'warns' })
  if (cages.across > spacing + MILLIMETRE) {
    reasons.push({ rule: 'support.own-wide', values: { across, spacing: length(spacing) }, weight: 'warns' })
    instead.push({ rule: 'support.own-apart', values: { across }, weight: 'supports' })
  }
  const does = reasons.length === 0
  if (does)
    reasons.push({
      rule: 'support.own-cage',
      values: { height, grown: length(canopyHeight) },
      weight: 'decides',
    })
  if (cages.quantity < wanted)
    reasons.push({
      rule: 'support.own-few',
      values: { there: count(cages.quantity), wanted: count(wanted) },
      weight: 'warns',
    })
  return { does: does ? 'yes' : 'no', wanted, reasons, instead }
}

/** A support that stands lower than this share of the usual is no longer worth its stakes. */
const WORTH_IT = 0.6

interface Piece {
  length: number
  across: number
  material: PostMaterial
}
interface Stands {
  load: Load
  input: SupportCase
  depth: number
  soil: Ground
}

/** Whether the ground holds a piece in a gust, m/s at 10 m. */
const isHeld = ({ across }: Pick<Piece, 'across'>, { load, input, depth, soil }: Stands, gust: number) =>
  pushOn(load, gust, input.shelter) * SAFETY <=
  lateralCapacity({ diameter: across, embedment: depth, loadHeight: load.height / 2, soil })

/** Whether a piece bends no further than it may in a gust, m/s at 10 m. */
function isStraight(
  { across, material }: Pick<Piece, 'across' | 'material'>,
  { load, input, soil }: Stands,
  gust: number,
): boolean {
  const force = pushOn(load, gust, input.shelter)
  const shape = { diameter: across, ...sectionOf(material, across) }
  return force === 0 || bendingStress(shape, { force, loadHeight: load.height / 2, soil }) <= BEARS[material]
}

/** The highest gust in which something still holds: what does not hold in one does not in a stronger. */
function gustUpTo(holds: (gust: number) => boolean): number {
  if (holds(MOST_GUST)) return MOST_GUST
  let [low, high] = [0, MOST_GUST]
  for (let turn = 0; turn < 40; turn++) {
    const middle = (low + high) / 2
    if (holds(middle)) low = middle
    else high = middle
  }
  return low
}

/** What alone would hold the gust: deeper, firmer, thicker, shorter bays, anchors. */
function whatWould(piece: Piece, system: Support, stands: Stands): Reason<OwnRule>[] {
  const { load, input } = stands
  const holds = (changed: Partial<Piece>, changedStand: Partial<Stands>) => {
    const [a, b] = [
      { ...piece, ...changed },
      { ...stands, ...changedStand },
    ]
    const gust = input.gust - TOLD_APART
    return isHeld(a, b, gust) && isStraight(a, b, gust)
  }
  const found: Reason<OwnRule>[] = []
  const add = (rule: OwnRule, values: Reason['values'] = {}) =>
    found.push({ rule, values, weight: 'supports' })
  const deepest = Math.min(DEEPEST, input.groundDepth ?? DEEPEST)
  for (let step = 1; stands.depth + step * DEPTH_STEP <= deepest + 1e-9; step++) {
    const depth = stands.depth + step * DEPTH_STEP
    if (!holds({}, { depth })) continue
    add('support.own-deeper', { depth: length(depth), whole: length(load.above + depth) })
    break
  }
  if (stands.soil === 'loose' && holds({}, { soil: 'firm' })) add('support.own-firmer')
  for (let across = piece.across + MILLIMETRE; across <= THICKEST; across += MILLIMETRE)
    if (holds({ across }, {})) {
      add('support.own-thicker', {
        across: thickness(Math.ceil(across / MILLIMETRE - 1e-9) * MILLIMETRE),
        material: name(piece.material),
      })
      break
    }
  const bay = input.plantsPerBay ?? 3
  for (let plants = bay - 1; system === 'weave' && plants >= 1; plants--) {
    const shorter = loadOf(system, { ...input, plantsPerBay: plants })!
    if (!holds({}, { load: shorter })) continue
    add('support.own-shorter-bays', { plants: count(plants), posts: count(shorter.count) })
    break
  }
  if (system === 'weave' || system === 'string' || system === 'panel') add('support.own-anchors')
  return found
}
