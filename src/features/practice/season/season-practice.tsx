'use client'

import { useSearchParams } from 'next/navigation'
import { useCallback, useMemo, useState } from 'react'
import { LED_LENGTHS, type LedActs, type LedLength, type LedSite } from '../../../core/led-season'
import { LENGTH_NAMES } from '../../../wording/led-season'
import { PracticeTabs } from '../practice-tabs'
import { EndPart } from './end-part'
import { ledRun } from './led-run'
import { anySeed, ledAddress, ledOf, type LedAddress } from './led-text'
import type { SeasonPracticeView } from './queries'
import { VisitPart } from './visit-part'

/** A plant is led through a made-up season, visit by visit; its address holds how far it is. */
export function SeasonPractice({ view }: { view: SeasonPracticeView }) {
  const query = useSearchParams()
  const [led, setLed] = useState<LedAddress | null>(() => ledOf(new URLSearchParams(query.toString())))
  const go = useCallback((to: LedAddress | null) => {
    window.history.replaceState(null, '', to === null ? '/practice/season' : ledAddress(to))
    setLed(to)
  }, [])
  return (
    <>
      <PracticeTabs here="season" />
      <div className="px-6 py-4 max-sm:px-4">
        {view.site === null ? (
          <>
            <h1 className="text-2xl font-semibold">It never gets warm enough to plant out here</h1>
            <p className="mt-1 text-quiet">So there is no season to lead a tomato through outdoors.</p>
          </>
        ) : led === null ? (
          <LengthPart onChoose={(length) => go({ length, seed: anySeed(), acts: [] })} />
        ) : (
          <Led {...view} site={view.site} led={led} onGo={go} />
        )}
      </div>
    </>
  )
}

/** How long it may take. */
const LengthPart = ({ onChoose }: { onChoose: (length: LedLength) => void }) => (
  <>
    <h1 className="text-2xl font-semibold">Lead one tomato through a season</h1>
    <p className="mt-1 max-w-[70ch] text-lg text-quiet">
      You water, prune, tie, feed, pick and cover. The weather is made up, as it could be in your garden. At
      the end you see what came of it, and what Prairie would have picked in the same weather.
    </p>
    <ul className="mt-4 grid max-w-3xl gap-3 sm:grid-cols-3">
      {(Object.keys(LED_LENGTHS) as LedLength[]).map((length) => (
        <li key={length}>
          <button
            type="button"
            className="btn h-full min-h-24 w-full flex-col items-start border-base-300 bg-base-100 text-left"
            onClick={() => onChoose(length)}
          >
            <span className="text-xl font-semibold">{LENGTH_NAMES[length].name}</span>
            <span className="font-normal text-quiet">{LENGTH_NAMES[length].says}</span>
          </button>
        </li>
      ))}
    </ul>
  </>
)

/** The season under way, or over. */
function Led({
  site,
  start,
  manner,
  led,
  onGo,
}: Omit<SeasonPracticeView, 'site'> & {
  site: LedSite
  led: LedAddress
  onGo: (to: LedAddress | null) => void
}) {
  const run = useMemo(() => ledRun(site, led), [site, led])
  const [isNext, setNext] = useState(false)
  const act = (acts: LedActs) => {
    setNext(true)
    onGo({ ...led, acts: [...run.acts, acts] })
  }
  return run.isOver ? (
    <EndPart
      run={run}
      start={start}
      manner={manner}
      onAgain={() => onGo({ ...led, acts: [] })}
      onOther={() => onGo({ ...led, seed: anySeed(), acts: [] })}
      onLength={() => onGo(null)}
    />
  ) : (
    <VisitPart
      // Each visit begins with its own form.
      key={run.acts.length}
      run={run}
      start={start}
      isNext={isNext}
      manner={manner}
      onAct={act}
      onBack={run.acts.length === 0 ? null : () => onGo({ ...led, acts: run.acts.slice(0, -1) })}
      onLength={() => onGo(null)}
    />
  )
}
