'use client'

import { useTransition } from 'react'
import { toast } from 'sonner'
import { undoButton } from '../../components/act/undoing'
import type { RaisingWay } from '../../core/facts'
import { chooseWay } from './actions'

/** Raises a planting in another way from now on. */
export function WayButton({ id, way, name }: { id: string; way: RaisingWay; name: string }) {
  const [busy, start] = useTransition()
  const choose = () =>
    start(async () => {
      const answer = await chooseWay(id, way).catch(() => null)
      if (answer?.ok)
        toast(`${name}: the dates follow.`, {
          action: undoButton('the other way of raising', () => chooseWay(id, answer.before.raising)),
        })
      else toast.error(answer?.message ?? 'The server did not answer. Nothing was changed: try again.')
    })
  return (
    <button
      type="button"
      className="btn min-h-11 bg-base-100"
      disabled={busy}
      onClick={choose}
      aria-label={`Raise ${name.toLowerCase()}`}
    >
      Do it so
    </button>
  )
}
