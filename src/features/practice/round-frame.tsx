'use client'

import { useEffect, useRef, type ReactNode } from 'react'
import type { Manner } from '../../core/facts'
import type { PracticeTask } from '../../core/pruning'
import { askedOf, dayOfTask, LEVEL_NAMES } from './words'

/** What a task looks like: the question, the day, the drawing, and under or beside it what is done or how it went. */
export function RoundFrame({
  task,
  manner,
  drawing,
  children,
}: {
  task: PracticeTask
  manner: Manner
  drawing: ReactNode
  children: ReactNode
}) {
  return (
    <>
      <p className="text-quiet">{LEVEL_NAMES[task.level]}</p>
      <h1 className="text-2xl font-semibold">{askedOf(task)}</h1>
      {task.named.length === 0 && <p className="mt-1 text-quiet">{dayOfTask(task, manner)}</p>}
      <div className="mt-2 grid gap-4 md:grid-cols-[minmax(0,1fr)_18rem]">
        <figure className="h-[max(66dvh,24rem)] max-md:h-[max(50dvh,22rem)]">{drawing}</figure>
        <div className="space-y-4">{children}</div>
      </div>
    </>
  )
}

/** How a task went: points, a sentence for each part, and on to the next. */
export function Outcome({
  points,
  lines,
  onNext,
}: {
  points: number
  lines: { key: string; sign: string; name: string; part: string; why: string; tone: string }[]
  onNext: () => void
}) {
  const next = useRef<HTMLButtonElement>(null)
  useEffect(() => next.current?.focus(), [])
  return (
    <section aria-label="How it went" className="space-y-3">
      <p role="status" className="text-3xl font-semibold">
        {points} of 100
      </p>
      <button ref={next} className="btn min-h-11 btn-primary" onClick={onNext}>
        Next plant
      </button>
      {lines.length === 0 && <p>Right: do not cut wet plants. Wait for a dry morning.</p>}
      <ul>
        {lines.map(({ key, sign, name, part, why, tone }) => (
          <li key={key} className="border-t border-base-300 py-1.5 leading-snug">
            <p>
              <strong className={tone}>
                {sign} {name}
              </strong>
              : {part}.
            </p>
            <p className="text-quiet">{why}</p>
          </li>
        ))}
      </ul>
    </section>
  )
}

export const VERDICT_TONE = {
  right: 'text-leaf',
  missed: 'text-water',
  harmful: 'text-cut',
  needless: 'text-quiet',
} as const
