'use client'

import { Figures } from '../../../components/advice/figures'
import { TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import type { Manner } from '../../../core/facts'
import { dissolvingNote, injection, injectorSchema, usualInjector } from './injector.model'
import { SaltFields } from './salt-fields'

/** Stock for an injector, and what it brings at the outlet. */
export function InjectorBench({ manner }: { manner: Manner }) {
  const { field, values } = useCalculator({ schema: injectorSchema, defaults: usualInjector(manner) })
  const made = injection(values, manner)
  return (
    <section aria-label="Injector">
      <h2 className="text-2xl font-semibold">{made?.answer ?? 'How strong is the stock?'}</h2>
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <TextField label="Nitrogen at the outlet, mg/L" inputMode="decimal" {...field('outlet')} />
        <TextField label="Injector takes 1 to" inputMode="decimal" {...field('ratio')} />
        <TextField label="Its nitrogen, %" inputMode="decimal" {...field('nitrogen')} />
        <TextField label="Stock you make, L" inputMode="decimal" {...field('tank')} />
        <SaltFields field={field} />
      </div>
      {made && <Figures lines={made.lines} note={dissolvingNote(manner)} />}
    </section>
  )
}
