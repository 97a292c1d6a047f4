'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { TextField } from '../../components/forms/fields'
import { PastQuestion } from '../../components/past-question'
import { COMMON_PRODUCTS, type FedProduct } from '../../core/feeding'
import { parseQuantity } from '../../core/quantity'
import { formatDate } from '../../wording/dates'
import type { FeedDetail, FeedView } from './feed-queries'
import { plain } from './numbers'
import { usePlaceLog } from './use-place-log'

const COATED_DAYS = 90
const MOST_KG = 1000

/** A feed tried on the ledger, and entered once it is given. */
export function FeedForm({
  detail,
  view,
  tried,
  onTry,
}: {
  detail: FeedDetail
  view: FeedView
  tried: FedProduct | null
  onTry: (fed: FedProduct | null) => void
}) {
  const { manner, on, now } = view
  const [name, setName] = useState(detail.mix?.name ?? COMMON_PRODUCTS[0]!.name)
  const [amount, setAmount] = useState(`${plain(detail.mix?.grams ?? 100, 0)} g`)
  const [asks, setAsks] = useState(false)
  const { busy, keep } = usePlaceLog(on)
  const product = COMMON_PRODUCTS.find((one) => one.name === name)!
  const read = parseQuantity(amount, 'mass', manner.units, 'g')
  const error =
    'error' in read
      ? read.error
      : read.value <= 0 || read.value > MOST_KG
        ? 'More than nothing, up to 1000 kg.'
        : undefined
  const fed = (): FedProduct | null =>
    'error' in read || error
      ? null
      : {
          day: Math.max(0, detail.ledger.today),
          name: product.name,
          grams: read.value * 1000,
          n: product.n,
          p2o5: product.p2o5,
          k2o: product.k2o,
          release: product.release,
          ...(product.release === 'coated' ? { days: COATED_DAYS } : {}),
        }
  const enterIt = () => {
    const made = fed()
    if (!made) return
    const { day: _, ...data } = made
    keep(
      'fed',
      [detail.id],
      () => data,
      `Entered: ${detail.name} fed with ${amount} of ${name.toLowerCase()}.`,
    )
    onTry(null)
  }
  return (
    <form
      aria-label="Try a feed"
      onSubmit={(event) => {
        event.preventDefault()
        onTry(fed())
      }}
      noValidate
    >
      {asks && (
        <PastQuestion
          date={formatDate(on, manner, 'full')}
          onAnswer={(yes) => {
            setAsks(false)
            if (yes) enterIt()
          }}
        />
      )}
      <PartHeading>Try a feed before you give it</PartHeading>
      <div className="flex flex-wrap items-start gap-2">
        <label className="flex flex-col gap-1">
          <span className="text-sm text-quiet">Product</span>
          <select
            className="select min-h-11 text-base"
            value={name}
            onChange={({ target }) => {
              setName(target.value)
              onTry(null)
            }}
          >
            {COMMON_PRODUCTS.map((one) => (
              <option key={one.name} value={one.name}>
                {one.name} {one.n}–{one.p2o5}–{one.k2o}
              </option>
            ))}
          </select>
        </label>
        <div className="w-36">
          <TextField
            label="For the whole place"
            value={amount}
            error={error}
            onChange={({ target }) => {
              setAmount(target.value)
              onTry(null)
            }}
          />
        </div>
        <button className="btn mt-6 min-h-11 bg-base-100" aria-pressed={tried !== null}>
          {tried ? 'Tried: see the chart' : 'Try it'}
        </button>
        {on <= now && (
          <button
            type="button"
            className="btn mt-6 min-h-11 btn-primary"
            disabled={busy || error !== undefined}
            onClick={() => (on < now ? setAsks(true) : enterIt())}
          >
            It is given
          </button>
        )}
      </div>
      <p className="mt-1 text-sm text-quiet">
        Usual analyses: go by your bag’s label. Feed on moist soil only; under 8 °C it releases nothing.
      </p>
    </form>
  )
}
