/** What a calendar can remind of: to cover before a cold night, to water, to walk the round. */
export const REMINDED = ['frost', 'water', 'round'] as const
export type Reminded = (typeof REMINDED)[number]

/** The hour of the day, 0 to 23, at which it reminds of each; null: it does not. */
export type Reminders = Readonly<Record<Reminded, number | null>>
