'use client'

import { useCallback, useRef, useState } from 'react'
import { look, type LookAnswer } from './actions'
import type { BeginValues } from './values'

/** What is known of the place so far: the newest question's answer; an older one that comes late is let go. */
export function useLook(onAnswer: (answer: LookAnswer) => void) {
  const [view, setView] = useState<Extract<LookAnswer, { ok: true }>['view'] | null>(null)
  const [isLooking, setIsLooking] = useState(false)
  const [hasFailed, setHasFailed] = useState(false)
  const turn = useRef(0)
  const ask = useCallback(
    async (typed: BeginValues) => {
      const question = ++turn.current
      setIsLooking(true)
      const answer = await look(typed).catch(() => null)
      if (question !== turn.current) return
      setIsLooking(false)
      setHasFailed(answer === null)
      if (answer === null) return
      if (answer.ok) setView(answer.view)
      onAnswer(answer)
    },
    [onAnswer],
  )
  const forget = useCallback(() => {
    turn.current++
    setIsLooking(false)
    setView(null)
  }, [])
  return { view, isLooking, hasFailed, ask, forget }
}
