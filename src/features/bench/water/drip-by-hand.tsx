'use client'

import { TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import type { Manner } from '../../../core/facts'
import { DripDrawing } from './drip-drawing'
import { dripSchema, dripSet, usualDrip, type DripValues } from './drip.model'

/** A drip set before it is laid: lines and emitters against the plants, its flow, and what a barrel drives. */
export function DripByHand({ manner }: { manner: Manner }) {
  const { field, all } = useCalculator({ schema: dripSchema(manner), defaults: usualDrip(manner) })
  const values = all as DripValues | null
  const set = values && dripSet(values, manner)
  return (
    <section aria-label="Plan a drip line">
      <h2 className="text-2xl font-semibold">{set?.answer ?? 'Plan a drip line'}</h2>
      <div className="mt-3 grid gap-3 sm:grid-cols-4">
        <TextField label="Bed length" {...field('length')} />
        <TextField label="Bed width" {...field('width')} />
        <TextField label="Lines" inputMode="numeric" {...field('lines')} />
        <TextField label="Distance between emitters" {...field('every')} />
        <TextField label="Flow per emitter and hour" {...field('flow')} />
        <TextField label="Plant spacing" {...field('apart')} />
        <TextField
          label="Height of the water above the line"
          hint="Leave blank for tap water"
          {...field('head')}
        />
      </div>
      {values && set && (
        <>
          <DripDrawing length={values.length} width={values.width} lines={set.lines} plants={set.plants} />
          <p className="mt-2">{set.more}</p>
          {set.warnings.map((warning) => (
            <p key={warning} role="alert" className="mt-1 border-l-4 border-cut bg-base-200 px-3 py-2">
              {warning}
            </p>
          ))}
        </>
      )}
    </section>
  )
}
