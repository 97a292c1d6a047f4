import type { WetnessPressure } from '../climate'
import type { Cultivar, Training } from '../crop'
import type { Support, SupplyKind } from '../facts'
import { requireInRange, requireInteger } from '../guard'
import type { Ground, Post } from './post'

/** What a support has to hold, and where. */
export interface SupportCase {
  cultivar: Pick<Cultivar, 'crop' | 'habit'>
  training: Training
  /** In one row. */
  plants: number
  /** In the row, m. */
  spacing: number
  /** Of the grown canopy, m; width across the wind for one plant. */
  canopyHeight: number
  canopyWidth: number
  /** At 10 m, m/s; and what surroundings leave of it, 0–1. */
  gust: number
  shelter: number
  soil: Ground
  wetness: WetnessPressure
  /** Of a led vine by its end, m. */
  stemLength: number
  /** Ground or pot that a post can stand in, m; without end unless said. */
  groundDepth?: number
  /** Above the ground, m; as the system usually stands unless said. */
  aboveGround?: number
  /** Of a cage, across, m; as usual unless said. */
  cage?: number
  /** Of a weave, 3 unless said. */
  plantsPerBay?: number
  /** A weave whose bays are tied off each by itself, or in one go; sectional unless said. */
  weave?: 'sectional' | 'continuous'
}

/** So many pieces of at least such a length, or so many metres. */
export interface Need {
  kind: SupplyKind
  quantity: number
  /** m; null where its kind has none. */
  length: number | null
}

/** One way of holding these plants up. */
export interface SupportPlan {
  system: Support
  suits: 'well' | 'can' | 'no'
  /** m; 0: nothing stands. */
  aboveGround: number
  /** Stakes, posts or anchor rods; null: none. */
  post: (Pick<Post, 'material' | 'diameter'> & { count: number; embedment: number; length: number }) | null
  /** Too much for depth alone: thicker, or guyed with anchors. */
  anchored: boolean
  /** On the most laden post in the design gust, N. */
  force: number
  /** The gust at 10 m in which it just stands, with half its strength in hand, m/s; null: nothing stands. */
  holds: number | null
  /** From the stem, m; null: not beside a stem. */
  distance: number | null
  /** Heights of strings, ties or clips, m. */
  tiers: number[]
  /** Lengths of stem at which a plant on a string is lowered, m. */
  lowerings: number[]
  /** Of each plant on a string, m: the whole of it, and what is wound up at the wire to lower the plant by; null: none. */
  string: { length: number; reserve: number } | null
  /** Plants that lie down when one string or post fails. */
  drops: number
  needs: Need[]
  /** Of work in the season. */
  minutes: number
  /** Seasons that its main pieces last. */
  life: number
}

/** @throws RangeError naming the parameter that is out of its bounds */
export function requireSupportCase(input: SupportCase): void {
  requireInteger('plants', input.plants, 1, 10_000)
  requireInRange('spacing', input.spacing, 0.05, 10)
  requireInRange('canopyHeight', input.canopyHeight, 0.1, 5)
  requireInRange('canopyWidth', input.canopyWidth, 0.05, 5)
  requireInRange('gust', input.gust, 0, 100)
  requireInRange('shelter', input.shelter, 0, 1)
  requireInRange('stemLength', input.stemLength, 0, 30)
  if (input.groundDepth !== undefined) requireInRange('groundDepth', input.groundDepth, 0.02, 20)
  if (input.aboveGround !== undefined) requireInRange('aboveGround', input.aboveGround, 0.2, 5)
  if (input.plantsPerBay !== undefined) requireInteger('plantsPerBay', input.plantsPerBay, 1, 100)
}
