import type { Crop, Organ, PartMark, PartState, PlantEntry, PlantMisfit, PlantPart } from '../core/crop'
import type { Manner } from '../core/facts'
import type { Cut } from '../core/pruning'
import { sayCount, sayLength } from './say'

const ORGANS: Record<Organ, string> = {
  leaf: 'leaf',
  sucker: 'sucker',
  truss: 'flower cluster',
  flower: 'fused flower',
  fruit: 'fruit',
  tip: 'tip',
}
const ACTS: Record<Cut['action'], string> = {
  remove: 'Take off',
  pinch: 'Pinch',
  'tip-back': 'Take the tip of',
  keep: 'Keep',
}

/** What the grower says of a part. */
export const STATE_NAMES: Record<PartState, string> = {
  kept: 'kept',
  sick: 'sick',
  open: 'in flower',
  set: 'set',
  ripe: 'ripe',
  picked: 'picked',
  failed: 'failed',
  fused: 'flowers grown together',
}

/** `the sucker in the angle of leaf 7`; leaves are counted from the base of their stem. */
export function sayPart({ organ, stem, node }: PlantPart, crop: Crop): string {
  const where = stem === 0 ? '' : crop === 'pepper' ? ` of stem ${stem + 1}` : ` of side shoot ${stem}`
  if (organ === 'tip') return `the growing tip${where}`
  const at =
    organ === 'sucker'
      ? `in the angle of leaf ${node + 1}`
      : organ === 'leaf'
        ? `${node + 1} from below`
        : `over leaf ${node + 1}`
  return `the ${crop === 'pepper' && organ === 'truss' ? 'flower' : ORGANS[organ]} ${at}${where}`
}

/** `Pinch the sucker in the angle of leaf 7`. */
export function sayCut(cut: Omit<Cut, 'reason'>, crop: Crop): string {
  const { action, organ, stem } = cut
  if (organ === 'tip' && action === 'tip-back') return `Tip the big sucker over leaf 2 (side shoot ${stem})`
  if (organ === 'tip' && action === 'remove')
    return `End the stem over leaf ${cut.node + 1}${stem === 0 ? '' : ` of side shoot ${stem}`}`
  return `${ACTS[action]} ${sayPart(cut, crop)}`
}

/** `2 suckers, 1 leaf`. */
export function sayCuts(cuts: readonly PlantPart[], crop: Crop): string {
  const counts = new Map<Organ, number>()
  for (const { organ } of cuts) counts.set(organ, (counts.get(organ) ?? 0) + 1)
  return [...counts]
    .map(([organ, number]) =>
      sayCount(
        number,
        crop === 'pepper' && organ === 'truss' ? 'flower' : ORGANS[organ],
        organ === 'leaf' ? 'leaves' : organ === 'fruit' ? 'fruit' : undefined,
      ),
    )
    .join(', ')
}

const sayMark = ({ state, count, ...part }: PartMark, crop: Crop) =>
  `${sayPart(part, crop)} ${STATE_NAMES[state]}${count === undefined ? '' : ` (${sayCount(count, 'fruit', 'fruit')})`}`

/** What was entered of a plant: parts cut off or marked, leaves counted, its height. */
export function sayTold(entry: PlantEntry, crop: Crop, manner: Manner): string {
  if (entry.kind === 'pruned')
    return entry.data.cuts.length === 1
      ? `${sayPart(entry.data.cuts[0]!, crop)} cut off`
      : `${sayCount(entry.data.cuts.length, 'part')} cut off`
  if (entry.kind === 'marked') return entry.data.marks.map((mark) => sayMark(mark, crop)).join(', ')
  const { leaves, height, trusses = null } = entry.data
  return [
    leaves === null ? '' : sayCount(leaves, 'leaf', 'leaves'),
    height === null ? '' : `${sayLength(height, manner)} high`,
    trusses === null ? '' : `${sayCount(trusses, 'flower cluster')} opened`,
  ]
    .filter(Boolean)
    .join(', ')
}

/** Why an entry could not be followed. */
export const MISFITS: Record<PlantMisfit['why'], string> = {
  'no-such-part': 'names a part that the plant does not have',
  gone: 'names a part that was gone before',
  'before-it-came': 'is from a day before it came up',
  leaves: 'counts far more or fewer leaves than can be there',
  height: 'gives a height that it cannot have',
  trusses: 'counts more or fewer flower clusters than its leaves allow',
}
