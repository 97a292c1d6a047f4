export const PLANT_PARTS_SEEN = ['leaf', 'plant', 'stem', 'flower', 'fruit', 'guest'] as const
/** Where a sign is looked for; `guest`: creatures and what they leave behind. */
export type PartSeen = (typeof PLANT_PARTS_SEEN)[number]

/**
 * How often a sign is told of plants that have none of the causes it belongs to, by a second trouble or a mistaken eye,
 * 0–1 †: the creature itself, plainly its own, usual, vague.
 */
const ITSELF = 0.003
const OWN = 0.012
const USUAL = 0.025
const VAGUE = 0.08

/** What a grower can see, by the part it is seen on. Sources: extension keys to diseases and pests of both crops. */
export const SIGNS = {
  'target-rings': { part: 'leaf', chance: OWN },
  'grey-specks-dotted': { part: 'leaf', chance: OWN },
  'many-small-spots': { part: 'leaf', chance: VAGUE },
  'greasy-blotches': { part: 'leaf', chance: OWN },
  'greasy-specks': { part: 'leaf', chance: OWN },
  'yellow-halo': { part: 'leaf', chance: VAGUE },
  'white-powder': { part: 'leaf', chance: OWN },
  'white-fuzz-below': { part: 'leaf', chance: OWN },
  'grey-fuzz': { part: 'leaf', chance: OWN },
  'olive-velvet-below': { part: 'leaf', chance: OWN },
  'yellow-blotches-above': { part: 'leaf', chance: USUAL },
  'papery-leaf-patches': { part: 'leaf', chance: USUAL },
  'pale-old-leaves': { part: 'leaf', chance: VAGUE },
  'yellow-between-veins-old': { part: 'leaf', chance: USUAL },
  'green-edge': { part: 'leaf', chance: USUAL },
  'scorched-edges-old': { part: 'leaf', chance: USUAL },
  'yellow-between-veins-new': { part: 'leaf', chance: USUAL },
  'almost-white-new': { part: 'leaf', chance: USUAL },
  'dead-tips-new': { part: 'leaf', chance: USUAL },
  'one-sided-yellow': { part: 'leaf', chance: OWN },
  mosaic: { part: 'leaf', chance: OWN },
  'purple-undersides': { part: 'leaf', chance: USUAL },
  stippled: { part: 'leaf', chance: USUAL },
  'silver-flecks': { part: 'leaf', chance: OWN },
  'rolled-leathery': { part: 'leaf', chance: USUAL },
  'cupped-yellow-new': { part: 'leaf', chance: OWN },
  'fern-leaves': { part: 'leaf', chance: OWN },
  'blisters-below': { part: 'leaf', chance: OWN },
  'leaves-fall': { part: 'leaf', chance: VAGUE },
  'dry-hanging-leaves': { part: 'leaf', chance: VAGUE },
  'shot-holes': { part: 'leaf', chance: USUAL },
  'ragged-holes': { part: 'leaf', chance: USUAL },
  'stripped-leaves': { part: 'leaf', chance: USUAL },

  'from-below': { part: 'plant', chance: VAGUE },
  'any-height': { part: 'plant', chance: VAGUE },
  'new-first': { part: 'plant', chance: VAGUE },
  'else-healthy': { part: 'plant', chance: VAGUE },
  stunted: { part: 'plant', chance: VAGUE },
  'lush-dark': { part: 'plant', chance: USUAL },
  'thin-stems': { part: 'plant', chance: USUAL },
  'limp-at-dawn': { part: 'plant', chance: USUAL },
  'limp-at-noon': { part: 'plant', chance: VAGUE },
  'up-by-evening': { part: 'plant', chance: USUAL },
  'dry-soil': { part: 'plant', chance: USUAL },
  'wet-soil': { part: 'plant', chance: USUAL },
  'fast-collapse': { part: 'plant', chance: OWN },
  'dies-as-it-ripens': { part: 'plant', chance: USUAL },
  'most-ripe': { part: 'plant', chance: USUAL },
  'other-species-too': { part: 'plant', chance: OWN },
  'fallen-seedlings': { part: 'plant', chance: OWN },
  'cut-seedlings': { part: 'plant', chance: OWN },

  'brown-stem-patches': { part: 'stem', chance: USUAL },
  'brown-vessels': { part: 'stem', chance: OWN },
  'rotten-base': { part: 'stem', chance: USUAL },
  'thread-stem': { part: 'stem', chance: OWN },
  'stem-bumps': { part: 'stem', chance: OWN },
  'purple-stem': { part: 'stem', chance: USUAL },
  'twisted-stem': { part: 'stem', chance: USUAL },
  'broad-stem': { part: 'stem', chance: USUAL },
  'root-knots': { part: 'stem', chance: OWN },

  'flowers-drop': { part: 'flower', chance: USUAL },
  'empty-trusses': { part: 'flower', chance: USUAL },
  'few-flowers': { part: 'flower', chance: VAGUE },
  'broad-flower': { part: 'flower', chance: USUAL },

  'bottom-patch': { part: 'fruit', chance: OWN },
  'first-fruits': { part: 'fruit', chance: VAGUE },
  'radial-cracks': { part: 'fruit', chance: USUAL },
  'ring-cracks': { part: 'fruit', chance: USUAL },
  'after-wetting': { part: 'fruit', chance: VAGUE },
  'papery-side': { part: 'fruit', chance: OWN },
  'sun-side': { part: 'fruit', chance: USUAL },
  'puckered-scars': { part: 'fruit', chance: USUAL },
  'hard-shoulders': { part: 'fruit', chance: USUAL },
  'white-inside': { part: 'fruit', chance: OWN },
  'firm-brown-fruit': { part: 'fruit', chance: OWN },
  'scabby-specks': { part: 'fruit', chance: USUAL },
  'sunken-rings': { part: 'fruit', chance: OWN },
  'pink-slime': { part: 'fruit', chance: OWN },
  'ripe-only': { part: 'fruit', chance: VAGUE },
  'soft-rot-fruit': { part: 'fruit', chance: USUAL },
  'blotched-fruit': { part: 'fruit', chance: USUAL },
  'cloudy-spots': { part: 'fruit', chance: OWN },
  'round-hole': { part: 'fruit', chance: USUAL },
  'caterpillar-inside': { part: 'fruit', chance: OWN },
  'grub-inside': { part: 'fruit', chance: OWN },
  'young-fruit-drop': { part: 'fruit', chance: USUAL },
  pecks: { part: 'fruit', chance: OWN },
  'tooth-marks': { part: 'fruit', chance: OWN },
  'fruit-gone': { part: 'fruit', chance: USUAL },

  'soft-clusters': { part: 'guest', chance: OWN },
  'sticky-shine': { part: 'guest', chance: USUAL },
  'white-cloud': { part: 'guest', chance: OWN },
  'pale-scales-below': { part: 'guest', chance: OWN },
  'tiny-dots-below': { part: 'guest', chance: USUAL },
  'fine-webs': { part: 'guest', chance: ITSELF },
  'big-caterpillar': { part: 'guest', chance: ITSELF },
  'barrel-droppings': { part: 'guest', chance: OWN },
  'jumping-beetles': { part: 'guest', chance: OWN },
  'tiny-slivers': { part: 'guest', chance: OWN },
  'slime-trails': { part: 'guest', chance: OWN },
  'curled-grub': { part: 'guest', chance: ITSELF },
  'shield-bugs': { part: 'guest', chance: OWN },
  overnight: { part: 'guest', chance: VAGUE },
  'by-day': { part: 'guest', chance: VAGUE },
} as const satisfies Record<string, { part: PartSeen; chance: number }>

export type SignId = keyof typeof SIGNS
export const SIGN_IDS = Object.keys(SIGNS) as SignId[]
/** The signs that are seen on one part. */
export type SignOf<P extends PartSeen> = {
  [S in SignId]: (typeof SIGNS)[S]['part'] extends P ? S : never
}[SignId]
