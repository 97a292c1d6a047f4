'use client'

import { useState } from 'react'
import { Cautions, PartHeading } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import { parseQuantity } from '../../core/quantity'
import { cageMesh, cagesFromRoll, PIN_WIRE, pinsFrom } from '../../core/support'
import { sayCautions } from '../../wording/cautions'
import { sayCount, sayLength } from '../../wording/say'

const [NARROWEST, WIDEST] = [0.2, 1.5]

/** Cages from a roll of mesh and pins from wire: what to cut, and how many it makes. */
export function HomeMade({ mesh, wire, manner }: { mesh: number; wire: number; manner: Manner }) {
  const [typed, setTyped] = useState(() => sayLength(0.6, manner).replaceAll('\u00a0', ' '))
  const parsed = parseQuantity(typed, 'length', manner.units)
  const fault =
    'error' in parsed
      ? parsed.error
      : parsed.value < NARROWEST || parsed.value > WIDEST
        ? `From ${sayLength(NARROWEST, manner)} to ${sayLength(WIDEST, manner)}, please.`
        : null
  return (
    <section aria-label="Made at home">
      <PartHeading>Made at home</PartHeading>
      <label className="flex flex-col gap-1 text-sm text-quiet">
        A mesh cage, across
        <input
          className={`input min-h-11 w-full text-base text-base-content ${fault ? 'input-error' : ''}`}
          value={typed}
          aria-invalid={fault ? true : undefined}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      {fault ? (
        <p role="alert" className="mt-1 text-sm font-semibold text-cut">
          {fault}
        </p>
      ) : (
        'value' in parsed && (
          <p className="mt-2" data-testid="home-made">
            Cut <strong>{sayLength(cageMesh(parsed.value), manner)}</strong> of mesh for each, overlap
            included.{' '}
            {mesh > 0
              ? `The ${sayLength(mesh, manner)} in the shed make ${sayCount(cagesFromRoll(mesh, parsed.value), 'cage')}.`
              : 'You have no mesh in the shed.'}
          </p>
        )
      )}
      <p className="mt-1 mb-3">
        Ground pins need {sayLength(PIN_WIRE, manner)} of wire, bent double
        {wire > 0 ? `: the ${sayLength(wire, manner)} in the shed make ${pinsFrom(wire)}.` : '.'}
      </p>
      <Cautions texts={sayCautions(['wire-mesh'], manner)} />
    </section>
  )
}
