import type { Crop } from '../core/crop'
import type { LogEntry, Manner } from '../core/facts'
import type { Cut } from '../core/pruning'
import { sayCount, sayLength } from './say'

const ORGANS: Record<Cut['organ'], string> = {
  leaf: 'leaf',
  sucker: 'sucker',
  truss: 'truss',
  tip: 'tip',
}
const ACTS: Record<Cut['action'], string> = {
  remove: 'Take off',
  pinch: 'Pinch',
  'tip-back': 'Take the tip of',
}

/** `Pinch the sucker over leaf 7`; leaves are counted from the base of their stem. */
export function sayCut({ action, organ, stem, node }: Cut, crop: Crop): string {
  const where = stem === 0 ? '' : ' of a side shoot'
  if (organ === 'tip')
    return action === 'tip-back' ? `${ACTS[action]} this big sucker` : `End the stem at its tip${where}`
  const at =
    organ === 'sucker'
      ? `in the angle of leaf ${node + 1}`
      : organ === 'leaf'
        ? `${node + 1} from below`
        : `over leaf ${node + 1}`
  return `${ACTS[action]} the ${crop === 'pepper' && organ === 'truss' ? 'flower' : ORGANS[organ]} ${at}${where}`
}

/** What was entered of a plant: parts cut off, leaves counted, its height. */
export function sayTold(entry: LogEntry<'pruned' | 'seen'>, manner: Manner): string {
  if (entry.kind === 'pruned') return `${sayCount(entry.data.cuts.length, 'part')} cut off`
  const { leaves, height } = entry.data
  return [
    leaves === null ? '' : sayCount(leaves, 'leaf', 'leaves'),
    height === null ? '' : `${sayLength(height, manner)} high`,
  ]
    .filter(Boolean)
    .join(', ')
}
