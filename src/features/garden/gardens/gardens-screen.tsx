'use client'

import { Link } from '../../../components/link'
import { useRouter } from '../../../components/offline'
import { useState, useTransition } from 'react'
import { say, sayFault } from '../../../components/say'
import { noAnswer } from '../../../components/act/undoing'
import { TextField } from '../../../components/forms/fields'
import { dropGarden, openGarden } from './actions'
import type { GardenLine } from './queries'

/** The gardens of this database: one is open, another is opened, made or removed. */
export function GardenList({ gardens }: { gardens: readonly GardenLine[] }) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const open = (id: string, name: string) =>
    start(async () => {
      const opened = await openGarden(id).catch(() => false)
      if (!opened) return void sayFault('That garden could not be opened. Load the screen again.')
      say(`${name} is open.`)
      router.push('/walk')
    })
  return (
    <div className="mt-6 max-w-3xl">
      <ul aria-label="Gardens">
        {gardens.map((garden) => (
          <li key={garden.id} aria-label={garden.name} className="border-t border-base-300 py-3">
            <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
              <div className="min-w-0">
                <h2 className="text-xl font-semibold break-words">
                  {garden.name}
                  {garden.atWork && (
                    <span className="ml-2 border border-leaf px-1.5 py-0.5 text-sm font-normal text-leaf">
                      open
                    </span>
                  )}
                </h2>
                <p className="text-quiet">
                  {garden.where} · {garden.holds}
                </p>
              </div>
              {!garden.atWork && (
                <button
                  type="button"
                  className="btn min-h-11 btn-primary"
                  disabled={busy}
                  onClick={() => open(garden.id, garden.name)}
                >
                  Open it
                </button>
              )}
            </div>
            <Removal garden={garden} />
          </li>
        ))}
      </ul>
      <p className="mt-4">
        <Link className="btn min-h-11 bg-base-100" href="/gardens/new">
          New garden
        </Link>
      </p>
      <p className="mt-3 max-w-prose text-quiet">
        To add a garden from a file, import it under Files and feeds.
      </p>
    </div>
  )
}

function Removal({ garden }: { garden: GardenLine }) {
  const router = useRouter()
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState<string>()
  const [busy, start] = useTransition()
  const remove = () =>
    start(async () => {
      const answer = await dropGarden(garden.id, typed).catch((error: unknown) => ({
        problem: noAnswer(error).message,
      }))
      if ('problem' in answer) return setProblem(answer.problem)
      say(`${garden.name} is removed. A copy of the database is beside it.`)
      if (answer.left === 0) router.push('/')
      else router.refresh()
    })
  return (
    <details>
      <summary className="inline-flex min-h-11 cursor-pointer items-center text-quiet">Remove it</summary>
      <form
        className="mt-1 max-w-md space-y-2 border-l-4 border-cut bg-base-200 px-3 py-2"
        aria-label={`Remove ${garden.name}`}
        onSubmit={(event) => {
          event.preventDefault()
          remove()
        }}
      >
        <p>
          This removes everything, its log too. Prairie first makes a copy of the database. Export the garden
          if you may want it again.
        </p>
        <TextField
          label="Type its name to confirm"
          value={typed}
          error={problem}
          onChange={({ target }) => setTyped(target.value)}
        />
        <button className="btn min-h-11" disabled={busy}>
          Remove this garden
        </button>
      </form>
    </details>
  )
}
