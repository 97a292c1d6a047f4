'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { ScoreView } from './queries'

/** A line of what the server tells while it makes the forecasts again. */
export type ScoreNews = { share: number } | { score: ScoreView }

export interface ScoreRun {
  score: ScoreView | null
  /** Share done, 0–1. */
  share: number
  state: 'running' | 'done' | 'stopped' | 'failed'
  start: () => void
  stop: () => void
}

/** Has the forecasts made again as soon as the screen is there; leaving it ends that. */
export function useScore(address: string): ScoreRun {
  const [score, setScore] = useState<ScoreView | null>(null)
  const [share, setShare] = useState(0)
  const [state, setState] = useState<ScoreRun['state']>('running')
  const asked = useRef<AbortController | null>(null)

  const start = useCallback(() => {
    asked.current?.abort()
    const own = (asked.current = new AbortController())
    setState('running')
    setShare(0)
    read(address, own.signal, (news) => {
      if (own.signal.aborted) return
      if ('share' in news) return setShare(news.share)
      setScore(news.score)
      setState('done')
    }).then(
      (isWhole) => !isWhole && !own.signal.aborted && setState('failed'),
      () => !own.signal.aborted && setState('failed'),
    )
  }, [address])
  const end = useCallback(() => asked.current?.abort(), [])
  const stop = useCallback(() => {
    end()
    setState('stopped')
  }, [end])

  useEffect(() => {
    start()
    return end
  }, [start, end])

  return { score, share, state, start, stop }
}

/** Reads the lines as they come; whether the last of them did. */
async function read(
  address: string,
  signal: AbortSignal,
  onNews: (news: ScoreNews) => void,
): Promise<boolean> {
  const answer = await fetch(address, { signal })
  if (!answer.ok || !answer.body) return false
  const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader()
  let [rest, isWhole] = ['', false]
  for (;;) {
    const { done, value } = await reader.read()
    if (done) return isWhole
    const lines = (rest + value).split('\n')
    rest = lines.pop()!
    for (const line of lines) {
      const news = JSON.parse(line) as ScoreNews
      isWhole = 'score' in news
      onNews(news)
    }
  }
}
