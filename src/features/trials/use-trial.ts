'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { TrialResult, TurningValue } from '../../core/trial'
import type { TrialBench } from '../../workers/trial-bench'
import type { TrialQuestion } from '../../workers/trial.worker'

/** A trial under way: what came so far, and how it stands. */
export interface TrialRun {
  result: TrialResult | null
  /** Which working values turn what it says of the way that it is about; null: not looked at yet. */
  turning: readonly TurningValue[] | null
  state: 'running' | 'done' | 'stopped' | 'failed'
  stop: () => void
  start: () => void
}

/** Runs a trial as soon as it is asked, beside the page; another question ends the one before. */
export function useTrial(question: TrialQuestion, bench: TrialBench): TrialRun {
  const [result, setResult] = useState<TrialResult | null>(null)
  const [turning, setTurning] = useState<readonly TurningValue[] | null>(null)
  const [state, setState] = useState<TrialRun['state']>('running')
  const asked = useRef(0)
  const key = JSON.stringify(question)

  const start = useCallback(() => {
    const own = ++asked.current
    const isOwn = () => own === asked.current
    setState('running')
    bench
      .run(JSON.parse(key) as TrialQuestion, (soFar) => {
        if (isOwn()) setResult(soFar)
      })
      .then(
        (whole) => {
          if (!isOwn() || whole === null) return
          // What comes late of the way there no longer counts.
          asked.current++
          setResult(whole)
          setState('done')
          const best = mostOf(whole)
          if (best === null) return
          const looked = asked.current
          void bench.turning(JSON.parse(key) as TrialQuestion, best).then((found) => {
            if (looked === asked.current) setTurning(found)
          }, ignored)
        },
        () => isOwn() && setState('failed'),
      )
  }, [key, bench])
  const stop = useCallback(() => {
    asked.current++
    bench.stop()
    setState('stopped')
  }, [bench])

  useEffect(() => {
    setResult(null)
    setTurning(null)
    start()
  }, [start])

  return { result, turning, state, stop, start }
}

/** The way beside the present one that gives most. */
const mostOf = ({ paired }: TrialResult): string | null =>
  paired.length === 0 ? null : paired.reduce((most, one) => (one.median > most.median ? one : most)).id

/** How far it holds is told where it can be. */
const ignored = () => {}
