'use client'

import { later } from '../../../components/later'
import { useState } from 'react'
import { Cautions } from '../../../components/advice/why'
import { sayCautions } from '../../../wording/cautions'
import type { MixView } from './queries'

// Each comes when it is first asked for, and stays with what was typed.
const BlendBench = later(() => import('./blend-bench').then((module) => module.BlendBench))
const DiluteBench = later(() => import('./dilute-bench').then((module) => module.DiluteBench))
const InjectorBench = later(() => import('./injector-bench').then((module) => module.InjectorBench))
const PottingBench = later(() => import('./potting-bench').then((module) => module.PottingBench))
const KeptFeeds = later(() => import('./kept-feeds').then((module) => module.KeptFeeds))

const PARTS = [
  { id: 'blend', name: 'Blend of bags' },
  { id: 'dilute', name: 'Can and tank' },
  { id: 'potting', name: 'Potting mix' },
  { id: 'feeds', name: 'Your feeds' },
] as const

type PartId = (typeof PARTS)[number]['id']

/** The mixes: calculators that show their working, for any garden or none. */
export function MixScreen({ view, hasGarden = true }: { view: MixView; hasGarden?: boolean }) {
  const [part, setPart] = useState<PartId>('blend')
  const [opened, setOpened] = useState<ReadonlySet<PartId>>(new Set(['blend']))
  return (
    <div className="space-y-6 px-6 py-4 max-sm:px-4">
      <div role="group" aria-label="What is mixed" className="join max-sm:flex-wrap">
        {PARTS.filter(({ id }) => hasGarden || id !== 'feeds').map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={part === id}
            className={`btn join-item min-h-11 ${part === id ? 'btn-active font-semibold' : 'bg-base-100'}`}
            onClick={() => {
              setPart(id)
              setOpened(new Set([...opened, id]))
            }}
          >
            {name}
          </button>
        ))}
      </div>
      <div hidden={part !== 'blend'}>
        <BlendBench view={view} />
      </div>
      {opened.has('dilute') && (
        <div hidden={part !== 'dilute'} className={part === 'dilute' ? 'grid gap-8 lg:grid-cols-2' : ''}>
          <DiluteBench manner={view.manner} products={view.products} />
          <InjectorBench manner={view.manner} />
        </div>
      )}
      {opened.has('potting') && (
        <div hidden={part !== 'potting'}>
          <PottingBench manner={view.manner} />
        </div>
      )}
      {opened.has('feeds') && (
        <div hidden={part !== 'feeds'}>
          <KeptFeeds products={view.products} manner={view.manner} />
        </div>
      )}
      <Cautions texts={sayCautions(['label-is-limit', 'feed-dust'], view.manner)} />
    </div>
  )
}
