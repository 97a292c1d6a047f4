'use client'

import { useEffect, useRef } from 'react'
import type { NewEntry } from './use-entering'

export interface Asked {
  entry: NewEntry
  date: string
}

/** An act on a day that has passed is asked about before it is entered with that date. */
export function PastQuestion({ asked, onAnswer }: { asked: Asked; onAnswer: (yes: boolean) => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => dialog.current?.showModal(), [])
  return (
    <dialog ref={dialog} className="modal" onCancel={() => onAnswer(false)} aria-labelledby="past-heading">
      <div className="modal-box">
        <h2 id="past-heading" className="text-xl font-semibold">
          Enter this for {asked.date}?
        </h2>
        <p className="mt-2">You are looking at an earlier day. It will stand in the log with that date.</p>
        <div className="mt-5 flex gap-2">
          <button className="btn btn-primary min-h-11" onClick={() => onAnswer(true)}>
            Yes, for that day
          </button>
          <button className="btn min-h-11" onClick={() => onAnswer(false)}>
            No
          </button>
        </div>
      </div>
    </dialog>
  )
}
