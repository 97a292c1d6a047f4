'use client'

import { useEffect, useRef, useState } from 'react'
import type { Refused, Result } from '../core/result'

/** A question that only the gardener can answer; `likely`: the answer that is offered first. */
interface Question {
  heading: string
  message: string
  yes: string
  no: string
  likely: 'yes' | 'no'
}

let ask: ((question: Question) => Promise<boolean>) | null = null

/** Puts a question; where none can be shown, the answer is no. */
const isYes = (question: Question): Promise<boolean> => ask?.(question) ?? Promise.resolve(false)

/** An act on a day that has passed is asked about before it is entered with that date. */
export const isForPast = (date: string): Promise<boolean> =>
  isYes({
    heading: `Enter this for ${date}?`,
    message: 'You are looking at an earlier day. It will stand in the log with that date.',
    yes: 'Yes, for that day',
    no: 'No',
    likely: 'yes',
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
  const isSo = await isYes({
    heading: 'Is this right?',
    message: answer.message,
    yes: 'Yes, save it so',
    no: 'No, let me correct it',
    likely: 'no',
  })
  if (isSo) return send(true)
  return { ok: false, message: 'Nothing was saved: correct what you typed, and save it again.' }
}

/** The place where questions are shown, once a page. */
export function QuestionPlace() {
  const [asked, setAsked] = useState<{ question: Question; answer: (yes: boolean) => void } | null>(null)
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    ask = (question) => new Promise((answer) => setAsked({ question, answer }))
    return () => {
      ask = null
    }
  }, [])
  useEffect(() => {
    if (asked) dialog.current?.showModal()
  }, [asked])
  if (!asked) return null
  const { heading, message, yes, no, likely } = asked.question
  const answer = (isSo: boolean) => {
    setAsked(null)
    asked.answer(isSo)
  }
  const answers = [
    { text: yes, isSo: true },
    { text: no, isSo: false },
  ]
  if (likely === 'no') answers.reverse()
  return (
    <dialog ref={dialog} className="modal" onCancel={() => answer(false)} aria-labelledby="question-heading">
      <div className="modal-box">
        <h2 id="question-heading" className="text-xl font-semibold">
          {heading}
        </h2>
        <p className="mt-2">{message}</p>
        <div className="mt-5 flex gap-2">
          {answers.map(({ text, isSo }, index) => (
            <button
              key={text}
              type="button"
              className={`btn min-h-11 ${index === 0 ? 'btn-primary' : ''}`}
              onClick={() => answer(isSo)}
            >
              {text}
            </button>
          ))}
        </div>
      </div>
    </dialog>
  )
}
