interface Heard {
  /** Who entered it, by name; null: someone without one. */
  by: string | null
  said: string
}

const who = ({ by }: Heard) => by ?? 'Another device'

/** What is said of what others did meanwhile. */
export const sayHeard = {
  changed: 'The garden was changed on another device.',
  /** @param more entries besides */
  entered: (heard: Heard, more: number) =>
    `${who(heard)} entered: ${heard.said}${more > 0 ? `, and ${more} more` : ''}.`,
  enteredToo: (heard: Heard) => `${who(heard)} entered this too: ${heard.said}. Both are kept.`,
} as const
