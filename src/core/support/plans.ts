import { isBush } from '../crop'
import type { PostMaterial, Support } from '../facts'
import { CAGE } from '../spacing'
import { LOWERED_BY, loweringsOf, stakeDistance, stringLength, tiesUpTo } from './lengths'
import { bendingStress, DEEPEST, embedmentFor, lateralCapacity, POSTS, type Post } from './post'
import { suits } from './suits'
import type { Need, SupportCase, SupportPlan } from './support-case'
import { breakDrops, weaveMaterials, weaveTiers } from './weave'
import { gustAt, windForce } from './wind'

/** How far apart the posts of a beam and of panels stand, m. */
const BEAM_SPAN = 3
const PANEL = 2
const CAGE_RODS = 2
/**
 * † Minutes of work: a piece to set, a tie, a plant a tier. Against: nothing yet; a garden’s own times replace
 * them.
 */
const WORK = {
  stake: 4,
  post: 8,
  cage: 6,
  rod: 2,
  panel: 6,
  string: 5,
  tie: 0.5,
  sectional: 0.4,
  continuous: 0.3,
}
/** † Seasons that pieces last. Against: nothing measured yet. */
const LIFE: Record<Support, number> = { stake: 3, cage: 10, weave: 5, string: 15, panel: 10, none: 0 }

/** How high a support usually stands above the ground for these plants, m. */
export function usualHeight(system: Support, { cultivar }: Pick<SupportCase, 'cultivar'>): number {
  const isVine = cultivar.crop === 'tomato' && cultivar.habit === 'indeterminate'
  const low = cultivar.crop === 'pepper' || cultivar.habit === 'dwarf'
  switch (system) {
    case 'stake':
      return isVine ? 1.8 : low ? 0.6 : 1.2
    case 'cage':
      return isVine ? 1.8 : low ? 0.7 : 1.1
    case 'weave':
      return isVine ? 1.8 : low ? 0.7 : 1.2
    case 'string':
      return 2.1
    case 'panel':
      return isVine ? 1.8 : low ? 0.7 : 1.3
    case 'none':
      return 0
  }
}

/** Which pieces bear the wind on a row, how much of it each, and how high they stand, m. */
export interface Load {
  kind: 'stake' | 'post' | 'rod'
  count: number
  /** Of the leaves that one piece holds against the wind. */
  width: number
  height: number
  above: number
}

const cageAcross = ({ cage, cultivar, spacing }: SupportCase) =>
  cage ?? Math.min(CAGE[cultivar.crop], 2 * spacing)
const heldHeight = ({ canopyHeight }: SupportCase, above: number) =>
  Math.min(canopyHeight, Math.max(above, 0.2))

/** What the pieces of a system have to bear in a row; null: it has none. */
export function loadOf(system: Support, input: SupportCase): Load | null {
  const { plants, spacing, canopyWidth, plantsPerBay = 3 } = input
  const above = input.aboveGround ?? usualHeight(system, input)
  const height = heldHeight(input, above)
  const rowLength = plants * spacing
  switch (system) {
    case 'none':
      return null
    case 'stake':
      return { kind: 'stake', count: plants, width: Math.min(canopyWidth, spacing), height, above }
    case 'cage':
      return { kind: 'rod', count: plants * CAGE_RODS, width: cageAcross(input) / CAGE_RODS, height, above }
    case 'weave': {
      const { posts } = weaveMaterials({
        plants,
        spacing,
        plantsPerBay,
        height: Math.min(above, Math.max(0.3, height)),
        sectional: input.weave !== 'continuous',
      })
      return { kind: 'post', count: posts, width: Math.min(plantsPerBay, plants) * spacing, height, above }
    }
    case 'string':
      return postsEvery(BEAM_SPAN)
    case 'panel':
      return postsEvery(PANEL)
  }

  function postsEvery(span: number): Load {
    const count = Math.ceil(rowLength / span) + 1
    return { kind: 'post', count, width: Math.min(span, rowLength), height, above }
  }
}

/** The wind's push on what one piece holds, N, in a gust at 10 m. */
export const pushOn = ({ width, height }: Pick<Load, 'width' | 'height'>, gust: number, shelter: number) =>
  windForce({ gust: gustAt(gust, 10, height), shelter, height, width })

/** One system worked out for a row: posts against the wind, strings and ties, what it takes. */
export function planOf(system: Support, input: SupportCase): SupportPlan {
  const { plants, spacing, cultivar, plantsPerBay = 3, weave = 'sectional' } = input
  const above = input.aboveGround ?? usualHeight(system, input)
  const rowLength = plants * spacing
  const held = heldHeight(input, above)
  const common = {
    system,
    suits: suits(system, input),
    aboveGround: system === 'none' ? 0 : above,
    life: LIFE[system],
    lowerings: [] as number[],
    string: null,
  }
  const stand = () => standing(input, loadOf(system, input)!)
  switch (system) {
    case 'none':
      return {
        ...common,
        post: null,
        anchored: false,
        force: 0,
        holds: null,
        distance: null,
        tiers: [],
        drops: 0,
        needs: [],
        minutes: 0,
      }
    case 'stake': {
      const post = stand()
      const ties = Math.max(1, tiesUpTo(Math.min(above, held)))
      return {
        ...common,
        ...post.plan,
        distance: stakeDistance(0),
        tiers: Array.from({ length: ties }, (_, tie) => (tie + 1) * 0.25),
        drops: 1,
        needs: [post.need, { kind: 'tie', quantity: ties * plants, length: null }],
        minutes: plants * (WORK.stake + ties * WORK.tie),
      }
    }
    case 'cage': {
      const post = stand()
      return {
        ...common,
        ...post.plan,
        distance: cageAcross(input) / 2,
        tiers: [],
        drops: 1,
        needs: [{ kind: 'cage', quantity: plants, length: null }, post.need],
        minutes: plants * (WORK.cage + CAGE_RODS * WORK.rod),
      }
    }
    case 'weave': {
      const row = {
        plants,
        spacing,
        plantsPerBay,
        height: Math.min(above, Math.max(0.3, held)),
        sectional: weave === 'sectional',
      }
      const post = stand()
      const { count: posts } = post.plan.post
      const { twine, tiers } = weaveMaterials({ ...row, postDiameter: post.plan.post.diameter })
      return {
        ...common,
        ...post.plan,
        distance: spacing / 2,
        tiers: weaveTiers(row.height),
        drops: breakDrops(row),
        needs: [post.need, { kind: 'twine', quantity: twine, length: null }],
        minutes: posts * WORK.post + plants * tiers * WORK[weave],
      }
    }
    case 'string': {
      const post = stand()
      const { count: posts } = post.plan.post
      const lowerings = isBush(cultivar) ? [] : loweringsOf(above, input.stemLength)
      // The last time it is let down in whole, whatever it still grows.
      const reserve = lowerings.length * LOWERED_BY
      const string = { length: stringLength(above, reserve), reserve }
      const clips = tiesUpTo(above + reserve)
      return {
        ...common,
        ...post.plan,
        distance: null,
        tiers: Array.from({ length: tiesUpTo(above) }, (_, clip) => (clip + 1) * 0.25),
        lowerings,
        string,
        drops: 1,
        needs: [
          post.need,
          { kind: 'wire', quantity: rowLength + 2, length: null },
          { kind: 'string', quantity: plants * string.length, length: null },
          { kind: 'clip', quantity: plants * clips, length: null },
          { kind: 'pin', quantity: plants, length: null },
        ],
        minutes: posts * WORK.post + plants * (WORK.string + clips * WORK.tie),
      }
    }
    case 'panel': {
      const panels = Math.ceil(rowLength / PANEL)
      const post = stand()
      const ties = tiesUpTo(Math.min(above, held))
      return {
        ...common,
        ...post.plan,
        distance: 0.1,
        tiers: [],
        drops: 1,
        needs: [
          { kind: 'panel', quantity: panels, length: null },
          post.need,
          { kind: 'tie', quantity: ties * plants, length: null },
        ],
        minutes: (panels + 1) * WORK.post + panels * WORK.panel + plants * ties * WORK.tie,
      }
    }
  }
}

const IS_THIN_STEEL: Record<PostMaterial, boolean> = {
  bamboo: false,
  softwood: false,
  hardwood: false,
  'steel-tube': true,
  conduit: true,
  'steel-rod': true,
  'steel-t': false,
}
/**
 * What may serve: a stake is thin, a post is not, a cage is held by steel. Pieces are sold in steps of a foot,
 * m.
 */
const SERVES: Record<'stake' | 'post' | 'rod', (post: Post) => boolean> = {
  stake: ({ diameter, material }) =>
    diameter <= 0.05 && material !== 'steel-tube' && material !== 'steel-rod',
  rod: ({ material }) => IS_THIN_STEEL[material],
  post: ({ diameter }) => diameter >= 0.034,
}
const LENGTH_STEP = 0.3
export const SAFETY = 2

/** The thinnest post that bears the wind on its share of the row without bending too far or standing too deep. */
function standing(input: SupportCase, load: Load) {
  const { gust, shelter, soil, groundDepth = DEEPEST } = input
  const deepest = Math.min(DEEPEST, groundDepth)
  const { height, above, count, kind } = load
  const force = pushOn(load, gust, shelter)
  const loadHeight = height / 2
  const choices = POSTS.filter(SERVES[kind])
  const embedmentOf = ({ diameter }: Post) => embedmentFor({ force, diameter, loadHeight, soil })
  const best = choices.find(
    (post) => bendingStress(post, { force, loadHeight, soil }) <= post.bears && embedmentOf(post) <= deepest,
  )
  const post = best ?? choices.at(-1)!
  const embedment = embedmentOf(post)
  const depth = Math.min(embedment, deepest)
  const strength = lateralCapacity({ diameter: post.diameter, embedment: depth, loadHeight, soil }) / SAFETY
  const bending = bendingStress(post, { force: Math.max(force, 1), loadHeight, soil })
  const withinDepth = Math.sqrt(strength / Math.max(force, 1e-9))
  // Stress grows a little faster than the force: the share is safe to take as it is.
  const withinBending = Math.sqrt((post.bears * Math.max(force, 1)) / bending / Math.max(force, 1e-9))
  const length = Math.ceil((above + depth) / LENGTH_STEP - 1e-9) * LENGTH_STEP
  const need: Need = { kind, quantity: count, length }
  return {
    need,
    plan: {
      post: { material: post.material, diameter: post.diameter, count, embedment: depth, length },
      anchored: best === undefined,
      force,
      holds: Math.min(100, gust * Math.min(withinDepth, withinBending)),
    },
  }
}
