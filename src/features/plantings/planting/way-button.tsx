'use client'

import { useChange } from '../../../components/act/use-change'
import type { RaisingWay } from '../../../core/facts'
import { chooseWay } from '../actions'

/** Raises a planting in another way from now on. */
export function WayButton({ id, way, name }: { id: string; way: RaisingWay; name: string }) {
  const { busy, change } = useChange()
  const choose = () =>
    change({
      send: () => chooseWay(id, way),
      said: `${name}: the dates now use it.`,
      undo: { name: 'the other size to plant', send: ({ before }) => chooseWay(id, before.raising) },
    })
  return (
    <button
      type="button"
      className="btn min-h-11 bg-base-100"
      disabled={busy}
      onClick={() => void choose()}
      aria-label={`Raise ${name.toLowerCase()}`}
    >
      Use this
    </button>
  )
}
