import { readFileSync } from 'node:fs'

/** The actions that a helper may send, by the file that has them: correcting, and what the command box asks. */
const ACTIONS: Record<string, readonly string[]> = {
  'src/features/logbook/actions.ts': ['correctEntry'],
  'src/features/frame/command-actions.ts': ['commandIndex'],
}
/** What else a helper may send. */
const HANDLERS = ['/entries', '/photos', '/pocket/garden', '/sign-in/leave']
/** What a helper may not even read: it holds what the passphrase is checked by. */
const KEPT_BACK = /^\/rescue(\/|$)/

/** Whether a helper may do what a request asks: read, and send what is allowed; all else is refused unseen. */
export function mayHelper({ method, headers }: Pick<Request, 'method' | 'headers'>, path: string): boolean {
  if (KEPT_BACK.test(path)) return false
  if (method === 'GET' || method === 'HEAD') return true
  if (HANDLERS.includes(path)) return true
  const action = headers.get('next-action')
  return action !== null && allowedActions().has(action)
}

let allowed: ReadonlySet<string> | undefined

/** The allowed actions by the names that the build gave them; none where that cannot be read. */
function allowedActions(): ReadonlySet<string> {
  return (allowed ??= readAllowed())
}

function readAllowed(): ReadonlySet<string> {
  const folder = process.env.NODE_ENV === 'development' ? '.next/dev' : '.next'
  try {
    const { node } = JSON.parse(
      readFileSync(/* turbopackIgnore: true */ `${folder}/server/server-reference-manifest.json`, 'utf8'),
    ) as { node: Record<string, { filename: string; exportedName: string }> }
    return new Set(
      Object.entries(node).flatMap(([id, { filename, exportedName }]) =>
        ACTIONS[filename]?.includes(exportedName) ? [id] : [],
      ),
    )
  } catch {
    return new Set()
  }
}
