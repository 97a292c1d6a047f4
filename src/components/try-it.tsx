'use client'

import { useSearchParams } from 'next/navigation'
import type { TrialAspect } from '../core/trial'
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
      {ASKED[ask]} Try it over 200 seasons
    </Link>
  )
}

const ASKED: Record<TrialAspect, string> = {
  day: 'Plant now or wait?',
  cultivar: 'Another cultivar?',
  cover: 'Cover early?',
  depth: 'Deep or shallow?',
  pot: 'Another pot size?',
  spacing: 'Closer or wider?',
  stems: 'One stem or more?',
  skirt: 'Clear the lowest leaves?',
  mulch: 'Another mulch?',
  watering: 'Another way to water?',
  feeding: 'Another way to feed?',
  flowers: 'Pinch the first flowers?',
  shade: 'Shade cloth?',
  top: 'Top it or not?',
}
