'use client'

import { useEffect, useMemo, useRef, useState, useTransition } from 'react'
import { say, sayFault } from '../../../components/say'
import { noAnswer } from '../../../components/act/undoing'
import { editedGround, type GroundEdit, type GroundRows } from '../../../core/facts'
import { editSettled } from './edit-settled'

interface Step {
  edits: GroundEdit[]
  words: string
}

/** The ground as it was sent, after so many changes of the garden. */
export interface SentGround {
  rows: GroundRows
  changes: number
}

/** Edits that are on screen and not yet in what was sent; `landed`: after which change they were kept. */
interface Waiting {
  edits: GroundEdit[]
  landed: number | null
}

/**
 * The ground as it is edited: on screen at once, kept by the server, taken back when it refuses; with undo and redo,
 * which wait for what is under way.
 */
export function useGround(sent: SentGround) {
  const [waiting, setWaiting] = useState<Waiting[]>([])
  const now = useRef({ sent, waiting })
  const [, startKeeping] = useTransition()
  const done = useRef<Step[]>([])
  const undone = useRef<Step[]>([])
  const line = useRef<Promise<unknown>>(Promise.resolve())
  const [depth, setDepth] = useState({ done: 0, undone: 0 })
  const nowWaiting = (change: (before: Waiting[]) => Waiting[]) => {
    now.current.waiting = change(now.current.waiting)
    setWaiting(now.current.waiting)
  }
  useEffect(() => {
    now.current.sent = sent
    nowWaiting((before) => before.filter(({ landed }) => landed === null || landed > sent.changes))
  }, [sent])
  const rows = useMemo(() => withWaiting(sent, waiting), [sent, waiting])

  /** @returns why it was refused; null: it is kept */
  const send = async (
    { edits, words }: Step,
    onDone: (undo: GroundEdit[]) => void,
    isToldElsewhere = false,
  ): Promise<string | null> => {
    const answer = await new Promise<Awaited<ReturnType<typeof editSettled>>>((resolve) => {
      startKeeping(async () =>
        resolve(await editSettled(withSeen(edits, asKept(now.current))).catch(noAnswer)),
      )
    })
    if (!answer.ok) {
      nowWaiting((before) => before.filter((other) => other.edits !== edits))
      if (!isToldElsewhere) sayFault(answer.message)
      return answer.message
    }
    nowWaiting((before) =>
      before.map((other) => (other.edits === edits ? { edits: answer.kept, landed: answer.changes } : other)),
    )
    onDone(answer.undo)
    setDepth({ done: done.current.length, undone: undone.current.length })
    say(words)
    return null
  }
  const show = (edits: GroundEdit[]) => nowWaiting((before) => [...before, { edits, landed: null }])
  const inLine = <Answer>(task: () => Promise<Answer>): Promise<Answer> => {
    const turn = line.current.then(task)
    line.current = turn.catch(() => undefined)
    return turn
  }
  const keep = (step: Step, isToldElsewhere: boolean) => {
    show(step.edits)
    return inLine(() =>
      send(
        step,
        (undo) => {
          done.current.push({ edits: undo, words: step.words })
          undone.current = []
        },
        isToldElsewhere,
      ),
    )
  }
  const stepBack = (from: typeof done, to: typeof done, say: (words: string) => string) =>
    void inLine(async () => {
      const step = from.current.pop()
      if (!step) return
      show(step.edits)
      await send({ edits: step.edits, words: say(step.words) }, (back) =>
        to.current.push({ edits: back, words: step.words }),
      )
    })
  /** An edit whose refusal is told here. */
  const edit = (edits: GroundEdit[], words: string): void => void keep({ edits, words }, false)
  /** An edit of a form, which tells a refusal itself. */
  const editByForm = (edits: GroundEdit[], words: string) => keep({ edits, words }, true)
  const undo = () => stepBack(done, undone, (words) => `Undone: ${lowered(words)}`)
  const redo = () => stepBack(undone, done, (words) => words)

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || isTyping(event.target)) return
      const key = event.key.toLowerCase()
      if (key === 'z' && !event.shiftKey) undo()
      else if (key === 'y' || (key === 'z' && event.shiftKey)) redo()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })

  return { rows, edit, editByForm, undo, redo, canUndo: depth.done > 0, canRedo: depth.undone > 0 }
}

const withWaiting = ({ rows, changes }: SentGround, waiting: readonly Waiting[]): GroundRows =>
  waiting
    .filter(({ landed }) => landed === null || landed > changes)
    .reduce<GroundRows>((ground, { edits }) => editedGround(ground, edits), rows)

/** The ground as the server has it by all that it answered. */
const asKept = ({ sent, waiting }: { sent: SentGround; waiting: readonly Waiting[] }) =>
  withWaiting(
    sent,
    waiting.filter(({ landed }) => landed !== null),
  )

/** Edits with what their rows were when they began. */
const withSeen = (edits: readonly GroundEdit[], rows: GroundRows): GroundEdit[] =>
  edits.map(
    (edit) =>
      ({
        ...edit,
        seen: (rows[edit.of] as { id: string }[]).find(({ id }) => id === edit.id) ?? null,
      }) as GroundEdit,
  )

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)

const lowered = (words: string) => words.charAt(0).toLowerCase() + words.slice(1)
