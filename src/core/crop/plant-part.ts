/** The organs that can be named, marked or cut; a flower or a fruit is one of its truss. */
export const ORGANS = ['leaf', 'sucker', 'truss', 'flower', 'fruit', 'tip'] as const
export type Organ = (typeof ORGANS)[number]

/** A part of a plant: by its stem, the node there and the organ; a tip's node is the last one under it that stays. */
export interface PlantPart {
  stem: number
  node: number
  organ: Organ
}
