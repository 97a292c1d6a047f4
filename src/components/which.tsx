'use client'

import { useEffect, useRef, useState } from 'react'

/** A field that two hands changed, with both values in words. */
export interface FieldConflict {
  name: string
  mine: string
  theirs: string
}
type Choice = 'mine' | 'theirs' | null
interface Question {
  about: string
  fields: readonly FieldConflict[]
  answer: (choice: Choice) => void
}

let ask: ((question: Omit<Question, 'answer'>) => Promise<Choice>) | null = null

/** Asks whose values are kept where two hands changed the same; null: neither, for now. */
export const whichToKeep = (about: string, fields: readonly FieldConflict[]): Promise<Choice> =>
  ask?.({ about, fields }) ?? Promise.resolve(null)

/** The place where such a question is shown, once a page. */
export function WhichQuestion() {
  const [question, setQuestion] = useState<Question | null>(null)
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    ask = (asked) => new Promise((answer) => setQuestion({ ...asked, answer }))
    return () => {
      ask = null
    }
  }, [])
  useEffect(() => {
    if (question) dialog.current?.showModal()
  }, [question])
  if (!question) return null
  const answer = (choice: Choice) => {
    setQuestion(null)
    question.answer(choice)
  }
  return (
    <dialog ref={dialog} className="modal" onCancel={() => answer(null)} aria-labelledby="which-heading">
      <div className="modal-box max-w-2xl">
        <h2 id="which-heading" className="text-xl font-semibold">
          {question.about} was changed elsewhere meanwhile
        </h2>
        <p className="mt-2">Nothing is saved yet. Which values do you want to keep?</p>
        <div className="mt-3 overflow-x-auto">
          <table className="w-full border-collapse text-left">
            <thead>
              <tr className="text-sm text-quiet">
                <td className="pr-4" />
                <th scope="col" className="pr-4 font-normal">
                  Yours
                </th>
                <th scope="col" className="font-normal">
                  Saved elsewhere
                </th>
              </tr>
            </thead>
            <tbody>
              {question.fields.map(({ name, mine, theirs }) => (
                <tr key={name} className="border-t border-base-300">
                  <th scope="row" className="py-2 pr-4 font-normal text-quiet">
                    {name}
                  </th>
                  <td className="py-2 pr-4 font-semibold">{mine}</td>
                  <td className="py-2 font-semibold">{theirs}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <div className="mt-5 flex flex-wrap gap-2">
          <button type="button" className="btn btn-primary min-h-11" onClick={() => answer('mine')}>
            Keep mine
          </button>
          <button type="button" className="btn min-h-11" onClick={() => answer('theirs')}>
            Keep theirs
          </button>
          <button type="button" className="btn btn-ghost min-h-11" onClick={() => answer(null)}>
            Cancel
          </button>
        </div>
      </div>
    </dialog>
  )
}
