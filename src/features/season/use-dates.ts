'use client'

import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { IsoDate } from '../../core/calendar'
import { datesAlong, type PlantingDates } from '../../core/season'
import { SeasonDates } from '../../workers/season-dates'
import { lineOf, type SeasonKit } from '../../workers/season-kit'
import type { LanePlanting } from './lane-plantings'

/** A hand has rested this long before the odds are worked out anew, ms. */
const REST = 250

export interface Moved {
  planting: LanePlanting
  to: IsoDate
}

/**
 * Dates of plantings whose sowing date is being moved: this year's line at once, the odds from a worker when the
 * hand rests.
 */
export function useDates(kit: SeasonKit) {
  const [moved, setMoved] = useState<Moved | null>(null)
  const [along, setAlong] = useState<PlantingDates | null>(null)
  const [spread, setSpread] = useState<PlantingDates | null>(null)
  const [progress, setProgress] = useState<number | null>(null)
  const worker = useRef<SeasonDates | null>(null)
  const asked = useRef(0)
  const line = useMemo(() => lineOf(kit), [kit])

  const move = useCallback(
    (planting: LanePlanting, to: IsoDate) => {
      const fact = kit.facts.plantings.find(({ id }) => id === planting.id)
      if (!fact) return
      setMoved({ planting, to })
      setSpread(null)
      setAlong(
        datesAlong(kit.facts, kit.season, line, kit.today, { ...fact, plannedSow: to }, planting.turns),
      )
    },
    [kit, line],
  )
  const stop = useCallback(() => {
    asked.current++
    worker.current?.stop()
    setProgress(null)
  }, [])
  const clear = useCallback(() => {
    stop()
    setMoved(null)
    setAlong(null)
    setSpread(null)
  }, [stop])

  useEffect(() => {
    if (moved === null) return
    const { planting, to } = moved
    const question = ++asked.current
    const rest = setTimeout(async () => {
      worker.current ??= new SeasonDates()
      setProgress(0)
      const plantings = kit.facts.plantings.map((fact) =>
        fact.id === planting.id ? { ...fact, plannedSow: to } : fact,
      )
      const dates = await worker.current.date({ ...kit, facts: { ...kit.facts, plantings } }, (share) => {
        // Progress travels beside the answer, and may come after it.
        if (question === asked.current) setProgress(share)
      })
      if (question !== asked.current) return
      asked.current++
      setSpread(dates[planting.id] ?? null)
      setProgress(null)
    }, REST)
    return () => clearTimeout(rest)
  }, [moved, kit])
  useEffect(() => () => worker.current?.stop(), [])

  return { moved, dates: spread ?? along, hasOdds: spread !== null, progress, move, stop, clear }
}
