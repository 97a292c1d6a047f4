const escaped = (name: string) => name.replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`)

/** A name as words of its own in a text. */
export const named = (name: string) =>
  new RegExp(String.raw`(^|[^\p{L}\p{N}])${escaped(name)}(?![\p{L}\p{N}])`, 'iu')

/** The longest name that stands as words of its own in a text. */
export function longest<Named extends { name: string }>(among: readonly Named[], text: string): Named | null {
  return (
    [...among]
      .sort((a, b) => b.name.length - a.name.length)
      .find(({ name }) => name !== '' && named(name).test(text)) ?? null
  )
}

/** A text without a name that stands in it. */
export const without = (text: string, name: string) =>
  text.replace(named(name), ' ').replaceAll(/\s+/g, ' ').trim()

const FILLERS = new Set(['from', 'with', 'of', 'in', 'and', 'at'])

/** What is left of a line, without the small words at its ends that held the rest together. */
export function noteOf(words: readonly string[]): string {
  const isFiller = (word: string | undefined) => word !== undefined && FILLERS.has(word.toLowerCase())
  let [from, to] = [0, words.length]
  while (from < to && isFiller(words[from])) from++
  while (to > from && isFiller(words[to - 1])) to--
  return words.slice(from, to).join(' ')
}
