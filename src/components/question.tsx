'use client'

import { useEffect, useRef, useState, type ReactNode } from 'react'
import type { Refused, Result } from '../core/result'

/** A question that only the gardener can answer. */
interface Question<Answer> {
  heading: string
  body: ReactNode
  /** The first is the one that is offered. */
  answers: readonly { name: string; is: Answer; quiet?: boolean }[]
  /** What it is when nobody answers. */
  otherwise: Answer
}

let put: ((question: Question<unknown>) => Promise<unknown>) | null = null

/** Asks, and waits for the answer. */
export const ask = <Answer,>(question: Question<Answer>): Promise<Answer> =>
  (put?.(question) as Promise<Answer> | undefined) ?? Promise.resolve(question.otherwise)

/** An act on a day that has passed is asked about before it is entered with that date. */
export const isForPast = (date: string): Promise<boolean> =>
  ask({
    heading: `Enter this for ${date}?`,
    body: 'You are looking at an earlier day. The log will show it with that date.',
    answers: [
      { name: 'Yes, for that day', is: true },
      { name: 'No', is: false },
    ],
    otherwise: false,
  })

/** `ask`: it is taken when the gardener says that it is so. */
export type Asked<Answer extends object = object> = Result<Answer> | (Refused & { ask?: true })

/**
 * Sends something; where it is hard to believe, asks, and sends it again after a yes.
 *
 * @param send `sure`: the gardener said that it is so
 */
export async function whenSure<Answer extends Asked>(
  send: (sure: boolean) => Promise<Answer>,
): Promise<Answer | Refused> {
  const answer = await send(false)
  if (answer.ok || !('ask' in answer && answer.ask)) return answer
  const isSo = await ask({
    heading: 'Is this right?',
    body: answer.message,
    answers: [
      { name: 'No, let me correct it', is: false },
      { name: 'Yes, save it so', is: true },
    ],
    otherwise: false,
  })
  if (isSo) return send(true)
  return { ok: false, message: 'Nothing was saved: correct what you typed, and save it again.' }
}

/** The place where questions are shown, once a page. */
export function QuestionPlace() {
  const [asked, setAsked] = useState<{
    question: Question<unknown>
    answer: (answer: unknown) => void
  } | null>(null)
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    put = (question) => new Promise((answer) => setAsked({ question, answer }))
    return () => {
      put = null
    }
  }, [])
  useEffect(() => {
    if (asked) dialog.current?.showModal()
  }, [asked])
  if (!asked) return null
  const { heading, body, answers, otherwise } = asked.question
  const answer = (is: unknown) => {
    // Closed before it goes: so the focus returns to what asked.
    dialog.current?.close()
    setAsked(null)
    asked.answer(is)
  }
  return (
    <dialog
      ref={dialog}
      className="modal"
      onCancel={() => answer(otherwise)}
      aria-labelledby="question-heading"
    >
      <div className="modal-box max-w-2xl">
        <h2 id="question-heading" className="text-xl font-semibold">
          {heading}
        </h2>
        <div className="mt-2">{body}</div>
        <div className="mt-5 flex flex-wrap gap-2">
          {answers.map(({ name, is, quiet }, index) => (
            <button
              key={name}
              type="button"
              className={`btn min-h-11 ${index === 0 ? 'btn-primary' : quiet ? 'btn-ghost' : ''}`}
              onClick={() => answer(is)}
            >
              {name}
            </button>
          ))}
        </div>
      </div>
    </dialog>
  )
}
