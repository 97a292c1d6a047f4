'use client'

import { useState } from 'react'
import { Cautions } from '../../components/advice/why'
import { CAUTIONS } from '../../wording/cautions'
import { BlendBench } from './blend-bench'
import { DiluteBench } from './dilute-bench'
import { InjectorBench } from './injector-bench'
import { KeptFeeds } from './kept-feeds'
import type { MixView } from './mix-queries'
import { PottingBench } from './potting-bench'

const PARTS = [
  { id: 'blend', name: 'Blend of bags' },
  { id: 'dilute', name: 'Can and tank' },
  { id: 'potting', name: 'Potting mix' },
  { id: 'feeds', name: 'Your feeds' },
] as const

/** The mixes: calculators that show their working, for any garden or none. */
export function MixScreen({ view, hasGarden = true }: { view: MixView; hasGarden?: boolean }) {
  const [part, setPart] = useState<(typeof PARTS)[number]['id']>('blend')
  return (
    <div className="space-y-6 px-6 py-4 max-sm:px-4">
      <div role="group" aria-label="What is mixed" className="join max-sm:flex-wrap">
        {PARTS.filter(({ id }) => hasGarden || id !== 'feeds').map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={part === id}
            className={`btn join-item min-h-11 ${part === id ? 'btn-active font-semibold' : 'bg-base-100'}`}
            onClick={() => setPart(id)}
          >
            {name}
          </button>
        ))}
      </div>
      {/* All stay on the page: what was typed in one is there when one comes back to it. */}
      <div hidden={part !== 'blend'}>
        <BlendBench view={view} />
      </div>
      <div hidden={part !== 'dilute'} className={part === 'dilute' ? 'grid gap-8 lg:grid-cols-2' : ''}>
        <DiluteBench manner={view.manner} products={view.products} />
        <InjectorBench />
      </div>
      <div hidden={part !== 'potting'}>
        <PottingBench manner={view.manner} />
      </div>
      <div hidden={part !== 'feeds'}>
        <KeptFeeds products={view.products} />
      </div>
      <Cautions texts={[CAUTIONS['label-is-limit'], CAUTIONS['feed-dust']]} />
    </div>
  )
}
