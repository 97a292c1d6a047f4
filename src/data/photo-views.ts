import type { GardenState } from './garden-state'

/** The photos of an entry as they are shown, with what they are of in words. */
export const photoViews = (
  { photos }: Pick<GardenState, 'photos'>,
  entryId: string,
  alt: string,
): { id: string; width: number; height: number; alt: string }[] =>
  (photos.get(entryId) ?? []).map(({ id, width, height }) => ({ id, width, height, alt }))
