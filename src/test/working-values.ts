import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'

/** A working value of the core: where it stands, what it is, and what it was set against. */
export interface WorkingValue {
  room: string
  name: string
  what: string
  against: string | null
}

const CORE = 'src/core'
const COMMENT =
  /\/\*\*((?:(?!\*\/)[\s\S])*?†(?:(?!\*\/)[\s\S])*?)\*\/\s*\n\s*(?:export )?(?:(?:const|function|interface|type) )?(\w+)/g

/** Every value of the core that carries the mark of a working value, by its room. */
export function workingValues(): WorkingValue[] {
  const files = readdirSync(CORE, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .sort()
  return files.flatMap((file) => {
    const room = relative(CORE, join(CORE, file)).split('/')[0]!
    return [...readFileSync(join(CORE, file), 'utf8').matchAll(COMMENT)].map(([, comment, name]) => {
      const text = comment!
        .replaceAll(/^\s*\* ?/gm, '')
        .split(/\n\s*@/)[0]!
        .replaceAll(/\s+/g, ' ')
        .replace(/† | †/, '')
        .replaceAll('|', '/')
        .trim()
      const [what, against] = text.split(' Against: ')
      return { room, name: name!, what: what!, against: against?.replace(/\.$/, '') ?? null }
    })
  })
}

/** The working values as a document: a table for each room. */
export function workingValuesTable(values: readonly WorkingValue[] = workingValues()): string {
  const rooms = [...new Set(values.map(({ room }) => room))]
  return (
    [
      '# Working values',
      'Numbers of the core that no published source gives. Each carries a † where it stands, is set against what is said here, and gives way to the garden’s own record where there is one. Made by `npm run evidence`.',
      ...rooms.flatMap((room) => [
        `## ${room}`,
        [
          '| Value | What it is | Set against |',
          '| --- | --- | --- |',
          ...values
            .filter((value) => value.room === room)
            .map(({ name, what, against }) => `| \`${name}\` | ${what} | ${against ?? ''} |`),
        ].join('\n'),
      ]),
    ].join('\n\n') + '\n'
  )
}
