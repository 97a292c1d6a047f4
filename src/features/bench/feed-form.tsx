'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { TextField } from '../../components/forms/fields'
import { useAct } from '../../components/act/use-act'
import { knownFeeds, COMMON_PRODUCTS, doseFor, gramsIn, TOO_COLD, type FedProduct } from '../../core/feeding'
import { parseQuantity } from '../../core/quantity'
import type { FeedDetail, FeedView } from './feed-queries'
import { FeedOptions } from './feed-options'
import { STRENGTHS, sayDose } from './dose-words'
import { errorOf, plain, readVolume, valueOf } from './numbers'
import { sayLitres } from './water-words'
import { sayMass, sayTemperature } from '../../wording/say'

const MOST_KG = 1000
const MOST_LITRES = 100_000

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
  const { manner } = view
  const known = knownFeeds(view.products)
  // What is missing, else a slow meal: nothing that one would pour by mistake.
  const [id, setId] = useState(
    () => (known.find(({ name }) => name === (detail.mix?.name ?? COMMON_PRODUCTS[0]!.name)) ?? known[0]!).id,
  )
  const [amount, setAmount] = useState(`${plain(detail.mix?.grams ?? 100, 0)} g`)
  const [water, setWater] = useState(manner.units === 'us' ? '2 gal' : '10 L')
  const [strength, setStrength] = useState<number>(0.5)
  const { busy, isAhead, act } = useAct(view)
  const product = known.find((one) => one.id === id) ?? known[0]!
  const { name } = product
  const read = parseQuantity(amount, 'mass', manner.units, 'g')
  const error =
    'error' in read
      ? read.error
      : read.value <= 0 || read.value > MOST_KG
        ? `More than nothing, up to ${sayMass(MOST_KG, manner)}.`
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
          nitrogen: product.nitrogen,
          ...(product.releaseDays === null ? {} : { days: product.releaseDays }),
        }
  const litres = readVolume(water, manner, MOST_LITRES)
  /** The amount that the label asks for so much water at such a strength. */
  const makeUp = (typed: string, share: number, of = product) => {
    setWater(typed)
    setStrength(share)
    const read = readVolume(typed, manner, MOST_LITRES)
    if (of.labelRate === null || 'error' in read || read.value <= 0) return
    setAmount(`${plain(doseFor(of.labelRate, read.value, share).amount * gramsIn(of), 1)} g`)
    onTry(null)
  }
  const enterIt = async () => {
    const made = fed()
    if (!made) return
    const { day: _, ...data } = made
    const isKept = await act({
      entries: [{ subject: { type: 'place', id: detail.id }, kind: 'fed', data }],
      said: `Entered: ${detail.name} fed with ${amount} of ${name.toLowerCase()}.`,
    })
    if (isKept) onTry(null)
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
      <PartHeading>Try a feed before you give it</PartHeading>
      <div className="flex flex-wrap items-start gap-2">
        <label className="flex flex-col gap-1">
          <span className="text-sm text-quiet">Product</span>
          <select
            className="select min-h-11 text-base"
            value={product.id}
            onChange={({ target }) => {
              const next = known.find((one) => one.id === target.value) ?? product
              setId(next.id)
              onTry(null)
              if (next.labelRate !== null) makeUp(water, strength, next)
            }}
          >
            <FeedOptions own={view.products} />
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
        {!isAhead && (
          <button
            type="button"
            className="btn mt-6 min-h-11 btn-primary"
            disabled={busy || error !== undefined}
            onClick={() => void enterIt()}
          >
            It is given
          </button>
        )}
      </div>
      {product.labelRate !== null && (
        <div className="mt-2 flex flex-wrap items-start gap-2">
          <div className="w-36">
            <TextField
              label="Made up in water"
              value={water}
              error={errorOf(litres)}
              onChange={({ target }) => makeUp(target.value, strength)}
            />
          </div>
          <label className="flex flex-col gap-1">
            <span className="text-sm text-quiet">Of the label’s rate</span>
            <select
              className="select min-h-11 text-base"
              value={strength}
              onChange={({ target }) => makeUp(water, Number(target.value))}
            >
              {STRENGTHS.filter(({ share }) => share <= 1).map(({ share, name: said }) => (
                <option key={said} value={share}>
                  {said}
                </option>
              ))}
            </select>
          </label>
          {valueOf(litres) !== null && valueOf(litres)! > 0 && (
            <p className="mt-7" data-testid="made-up">
              <strong>
                {sayDose(doseFor(product.labelRate, valueOf(litres)!, strength).amount, product, manner)}
              </strong>{' '}
              in {sayLitres(valueOf(litres)!, manner)}, {sayLitres(valueOf(litres)! / detail.count, manner)} a
              plant
            </p>
          )}
        </div>
      )}
      <p className="mt-1 text-sm text-quiet">
        {product.labelPlant !== null || product.labelRate !== null
          ? 'By the label that you keep.'
          : 'Usual analyses: go by your bag’s label, or keep it under Mix.'}{' '}
        Feed on moist soil only; under {sayTemperature(TOO_COLD, manner)} it releases nothing.
      </p>
    </form>
  )
}
