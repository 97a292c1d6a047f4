import type { Crop } from '../core/crop'
import type { Cut } from '../core/pruning'

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
