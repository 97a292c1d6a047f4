'use client'

import { useEffect, useRef, useState } from 'react'
import { Light } from '../../../workers/light'
import type { LightAnswer, LightTask } from '../../../workers/light.worker'

/** Direct sun for a task, worked out beside the page; null while it is being worked out, or not asked for. */
export function useLight(task: LightTask | null): LightAnswer | null {
  const [answer, setAnswer] = useState<{ of: string; light: LightAnswer } | null>(null)
  const worker = useRef<Light | null>(null)
  const of = task === null ? '' : JSON.stringify(task)
  useEffect(() => {
    if (of === '') return
    let isLast = true
    worker.current ??= new Light()
    void worker.current.ask(JSON.parse(of) as LightTask).then((light) => {
      if (isLast) setAnswer({ of, light })
    })
    return () => {
      isLast = false
    }
  }, [of])
  useEffect(() => () => worker.current?.stop(), [])
  return answer?.of === of ? answer.light : null
}
