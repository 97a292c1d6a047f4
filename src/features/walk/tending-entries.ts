import type { EntrySubject } from '../../core/entry'
import type { Act } from './types'
import type { NewEntry } from '../../components/act/act-drafts'

/** What is entered when works and cuts were done on all plants but those left out: the works, then each kind of cuts. */
export function tendingEntries(
  subject: EntrySubject,
  { works, alike, plants }: Extract<Act, { type: 'tend' }>,
  except: readonly string[],
): NewEntry[] {
  const out = new Set(except)
  if (plants.length > 0 && plants.every(({ id }) => out.has(id))) return []
  const cuts = alike.flatMap((group) => {
    const done = new Set(group.plants.map(({ id }) => id).filter((id) => !out.has(id)))
    const others = plants.map(({ id }) => id).filter((id) => !done.has(id))
    return done.size === 0
      ? []
      : [
          {
            subject,
            kind: 'pruned' as const,
            data: { cuts: group.cuts, ...(others.length > 0 ? { except: others } : {}) },
          },
        ]
  })
  return [
    ...(works.length > 0
      ? [
          {
            subject,
            kind: 'tended' as const,
            data: { works, ...(except.length > 0 ? { except: [...except] } : {}) },
          },
        ]
      : []),
    ...cuts,
  ]
}
