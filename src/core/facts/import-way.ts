/** Whether a garden that comes in takes the place of the one at work, or comes beside it as another one. */
export const IMPORT_WAYS = ['instead', 'beside'] as const
export type ImportWay = (typeof IMPORT_WAYS)[number]
