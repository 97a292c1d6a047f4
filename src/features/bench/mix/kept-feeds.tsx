'use client'

import { sayGrade } from '../../../wording/doses'
import { useState } from 'react'
import { useChange } from '../../../components/act/use-change'
import { PartHeading } from '../../../components/advice/why'
import { pricePerKilogram, type Product } from '../../../core/feeding'
import { putProductBack } from '../actions'
import { RELEASE_NAMES } from '../../../wording/feed-schools'
import { sayPerMass } from '../../../wording/supplies'
import type { Manner } from '../../../core/facts'
import { ProductForm } from './product-form'

/** The garden's own feeds by their labels: added, changed, taken away and put back. */
export function KeptFeeds({ products, manner }: { products: readonly Product[]; manner: Manner }) {
  const [open, setOpen] = useState<string | null>(null)
  const { busy, change } = useChange()
  const takeAway = (id: string, name: string) =>
    void change({
      send: () => putProductBack(id, null),
      said: `${name} is removed. What you gave of it stays in the logbook.`,
      undo: {
        name: `taking ${name} away`,
        button: 'Undo',
        send: ({ before }) => putProductBack(id, before),
      },
    })
  return (
    <section aria-label="Your feeds">
      <PartHeading>Your feeds, by their labels</PartHeading>
      {products.length === 0 && (
        <p>You have none yet. Add one, and every bench uses its label instead of typical values.</p>
      )}
      <ul>
        {products.map((product) => {
          const { id, name, release, labelRate, liquid } = product
          const price = pricePerKilogram(product, 'n')
          return (
            <li key={id} className="border-t border-base-300 py-1.5">
              <div className="flex flex-wrap items-center justify-between gap-x-4">
                <span>
                  <strong>{name}</strong> {sayGrade(product, manner)}
                  <span className="text-quiet">
                    , {RELEASE_NAMES[release].toLowerCase()}
                    {labelRate !== null && `, ${labelRate} ${liquid ? 'mL' : 'g'} per liter at full rate`}
                    {price !== null && `, nitrogen at ${sayPerMass(price, manner)}`}
                  </span>
                </span>
                <span className="flex gap-2">
                  <button
                    type="button"
                    className="btn min-h-11 btn-ghost"
                    aria-expanded={open === id}
                    onClick={() => setOpen(open === id ? null : id)}
                  >
                    Change
                  </button>
                  <button
                    type="button"
                    className="btn min-h-11 btn-ghost"
                    disabled={busy}
                    aria-label={`Take ${name} away`}
                    onClick={() => takeAway(id, name)}
                  >
                    Remove
                  </button>
                </span>
              </div>
              {open === id && <ProductForm product={product} manner={manner} onDone={() => setOpen(null)} />}
            </li>
          )
        })}
      </ul>
      {open === 'new' ? (
        <ProductForm product={null} manner={manner} onDone={() => setOpen(null)} />
      ) : (
        <button type="button" className="btn mt-2 min-h-11 bg-base-100" onClick={() => setOpen('new')}>
          Add a feed
        </button>
      )}
    </section>
  )
}
