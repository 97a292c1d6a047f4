'use client'

import { Cautions } from '../../components/advice/why'
import { BlendBench } from './blend-bench'
import { DiluteBench } from './dilute-bench'
import { InjectorBench } from './injector-bench'
import type { MixView } from './mix-queries'

/** The mixes: a calculator that shows its working, for any garden or none. */
export function MixScreen({ view }: { view: MixView }) {
  return (
    <div className="space-y-8 px-6 py-4 max-sm:px-4">
      <BlendBench view={view} />
      <div className="grid gap-8 lg:grid-cols-2">
        <DiluteBench manner={view.manner} />
        <InjectorBench />
      </div>
      <Cautions
        texts={[
          'The label is the limit: its rate, its crops and its protection come before every number here.',
          'Dry meals and lime raise dust: wear a mask. Wherever feed enters a line of drinking water, a backflow preventer is needed.',
        ]}
      />
    </div>
  )
}
