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
