'use client'

import { useEffect, useRef, useState } from 'react'

/** What came of an act; `ask`: it is taken when the gardener says that it is so. */
export type Asked = { ok: true } | { ok: false; message: string; ask?: true }

let ask: ((message: string) => Promise<boolean>) | null = null

/** Puts a question that only the gardener can answer; where no question can be shown, the answer is no. */
const isSure = (message: string): Promise<boolean> => ask?.(message) ?? Promise.resolve(false)

/**
 * Sends something; where it is hard to believe, asks, and sends it again after a yes.
 *
 * @param send `sure`: the gardener said that it is so
 */
export async function whenSure<Answer extends Asked>(
  send: (sure: boolean) => Promise<Answer>,
): Promise<Answer | { ok: false; message: string }> {
  const answer = await send(false)
  if (answer.ok || !answer.ask) return answer
  if (await isSure(answer.message)) return send(true)
  return { ok: false, message: 'Nothing was saved: correct what you typed, and save it again.' }
}

/** The place where such a question is shown, once a page. */
export function SureQuestion() {
  const [asked, setAsked] = useState<{ message: string; answer: (yes: boolean) => void } | null>(null)
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    ask = (message) => new Promise((answer) => setAsked({ message, answer }))
    return () => {
      ask = null
    }
  }, [])
  useEffect(() => {
    if (asked) dialog.current?.showModal()
  }, [asked])
  if (!asked) return null
  const answer = (yes: boolean) => {
    setAsked(null)
    asked.answer(yes)
  }
  return (
    <dialog ref={dialog} className="modal" onCancel={() => answer(false)} aria-labelledby="sure-heading">
      <div className="modal-box">
        <h2 id="sure-heading" className="text-xl font-semibold">
          Is this right?
        </h2>
        <p className="mt-2">{asked.message}</p>
        <div className="mt-5 flex gap-2">
          <button type="button" className="btn btn-primary min-h-11" onClick={() => answer(false)}>
            No, let me correct it
          </button>
          <button type="button" className="btn min-h-11" onClick={() => answer(true)}>
            Yes, save it so
          </button>
        </div>
      </div>
    </dialog>
  )
}
