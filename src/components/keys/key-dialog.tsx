'use client'

import { useEffect, useRef } from 'react'
import type { KeyAct } from './keys'

/** Keys and what they do. */
export function KeyDialog({ acts, onClose }: { acts: readonly KeyAct[]; onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => dialog.current?.showModal(), [])
  return (
    <dialog ref={dialog} className="modal" aria-labelledby="keys-heading" onClose={onClose}>
      <div className="modal-box max-w-md">
        <h2 id="keys-heading" className="mb-3 text-xl font-semibold">
          Keys of this screen
        </h2>
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
          {acts.map(({ key, label }) => (
            <div key={key + label} className="contents">
              <dt>
                <kbd className="key">{key}</kbd>
              </dt>
              <dd>{label}</dd>
            </div>
          ))}
        </dl>
        <form method="dialog" className="mt-5">
          <button className="btn min-h-11">Close</button>
        </form>
      </div>
    </dialog>
  )
}
