/** A phone's stores of the garden and of its photos, by their names in the browser. */
export const POCKET_STORE = 'prairie-pocket'
export const POCKET_PHOTOS = 'prairie-photos'
