/** What someone may do: a keeper everything, a helper see, enter, and undo or correct what was entered by the same name. */
export const ROLES = ['keeper', 'helper'] as const
export type Role = (typeof ROLES)[number]

/** Who does something; without a name whoever signed in with the passphrase, or is at the computer itself. */
export interface Actor {
  name: string | null
  role: Role
}

export const NAMELESS_KEEPER: Actor = { name: null, role: 'keeper' }

/** Letters of a person's name, at the most. */
export const PERSON_NAME = 40

/** Days that a link to join by is good for. */
export const INVITE_DAYS = 7
