import type { Supply } from '../facts'

const plain = (name: string) => name.trim().toLocaleLowerCase()

/** The lines of seed that the shed keeps under a cultivar's name. */
export const seedLinesOf = (supplies: readonly Supply[], cultivar: string): Supply[] =>
  supplies.filter(({ kind, name }) => kind === 'seed' && plain(name) === plain(cultivar))
