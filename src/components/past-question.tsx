'use client'

import { useEffect, useRef } from 'react'

/** An act on a day that has passed is asked about before it is entered with that date. */
export function PastQuestion({ date, onAnswer }: { date: string; onAnswer: (yes: boolean) => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => dialog.current?.showModal(), [])
  return (
    <dialog ref={dialog} className="modal" onCancel={() => onAnswer(false)} aria-labelledby="past-heading">
      <div className="modal-box">
        <h2 id="past-heading" className="text-xl font-semibold">
          Enter this for {date}?
        </h2>
        <p className="mt-2">You are looking at an earlier day. It will stand in the log with that date.</p>
        <div className="mt-5 flex gap-2">
          <button type="button" className="btn btn-primary min-h-11" onClick={() => onAnswer(true)}>
            Yes, for that day
          </button>
          <button type="button" className="btn min-h-11" onClick={() => onAnswer(false)}>
            No
          </button>
        </div>
      </div>
    </dialog>
  )
}
