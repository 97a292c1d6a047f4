'use client'

import { useSearchParams } from 'next/navigation'
import type { TrialAspect } from '../core/trial'
import { QUESTION_NAMES } from '../wording/trials'
import { Link } from './link'

/** The way from a decision to the trial of it, already asked: of a planting, or of what grows in a place. */
export function TryIt({ ask, ...of }: { ask: TrialAspect } & ({ planting: string } | { place: string })) {
  const on = useSearchParams().get('on')
  const query = new URLSearchParams({ ...of, ask, ...(on && { on }) })
  return (
    <Link
      href={`/trials?${query}`}
      className="inline-flex min-h-11 items-center underline decoration-base-300 underline-offset-4 print:hidden"
    >
      {QUESTION_NAMES[ask]} Try it over 200 seasons
    </Link>
  )
}
