import type { Manner } from '../core/facts'
import { nameOf } from './names'
import { LOWERED_BY, type SupportPlan } from '../core/support'
import { sayCount, sayLength, sayMeasure } from './say'

const PIECE = {
  stake: 'stake',
  cage: 'anchor rod',
  weave: 'post',
  string: 'post',
  panel: 'post',
  none: '',
} as const
const TIERS: Record<SupportPlan['system'], string> = {
  stake: 'Tie at each of these heights',
  cage: '',
  weave: 'A pair of twines at each of these heights',
  string: 'A clip at each of these heights',
  panel: '',
  none: '',
}

/** How vines on strings are let down: what each string takes, when, by how much and which way. */
export function sayLowering(
  { string, aboveGround }: SupportPlan,
  manner: Manner,
): { heading: string; how: string } | null {
  if (!string || string.reserve === 0) return null
  const say = (metres: number) => sayLength(metres, manner)
  return {
    heading: `Lower them by ${say(LOWERED_BY)} when the stem is this long`,
    how: `Each plant’s string is ${say(string.length)}: ${say(aboveGround)} to the wire, ${say(string.reserve)} wound up there for lowering, and the rest to tie. Lean all plants of a row one way, and the next row the other way. At the end of the row, turn the stem into the next one. Rest its bare base on straw, and do not end a vine at the wire.`,
  }
}

/** What a support is, in a line, how it stands, and what its heights are for. */
export function saySupport(
  plan: SupportPlan,
  manner: Manner,
): { headline: string; how: string; tiers: string } {
  const { system, post, distance } = plan
  const tiers = TIERS[system]
  if (!post) return { headline: 'They need no support', how: 'You drive nothing and tie nothing.', tiers }
  const piece = sayCount(post.count, PIECE[system])
  const where =
    system === 'stake'
      ? ` ${sayLength(distance ?? 0, manner)} from the stem, before the roots spread.`
      : system === 'cage'
        ? ' One on each side, through the mesh from outside in, with the cage.'
        : ' All set before the roots spread.'
  return {
    headline: `${nameOf(`by-${system}`)}: ${piece} of ${sayLength(post.length, manner)}, ${sayLength(post.embedment, manner)} deep`,
    how: `${nameOf(post.material)[0]!.toUpperCase()}${nameOf(post.material).slice(1)}, ${sayMeasure({ kind: 'thickness', value: post.diameter }, manner)} thick.${where}`,
    tiers,
  }
}

/** What gust it should hold, beside the one that it does, as both are said. */
export const sayAsked = (holds: string, asked: string, onRecord: boolean) =>
  onRecord
    ? holds === asked
      ? ', three times the usual day’s wind here'
      : `; three times the usual day’s wind here is ${asked}`
    : holds === asked
      ? ', the strength every support needs'
      : `; ${asked} is the strength every support needs`
