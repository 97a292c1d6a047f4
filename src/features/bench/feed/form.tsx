'use client'

import { useAct } from '../../../components/act/use-act'
import { PartHeading } from '../../../components/advice/why'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import { COMMON_PRODUCTS, knownFeeds, strengthFor, TOO_COLD, type FedProduct } from '../../../core/feeding'
import { soundOf } from '../../../wording/check-form'
import { sayStrength } from '../../../wording/doses'
import { sayNumber, sayTemperature } from '../../../wording/say'
import { courseOf, COURSES, fedOf, feedSchema, GIVEN_STRENGTHS, madeUp, type Course } from './form.model'
import { FeedOptions } from './options'
import type { FeedDetail, FeedView } from './queries'
import { inEither } from '../../../wording/either'

/** A feed tried on the ledger, and entered once it is given. */
export function FeedForm({
  detail,
  view,
  tried,
  onTry,
}: {
  detail: FeedDetail
  view: FeedView
  tried: readonly FedProduct[]
  onTry: (fed: readonly FedProduct[]) => void
}) {
  const { manner } = view
  const { busy, isAhead, act } = useAct(view)
  const known = knownFeeds(view.products)
  // What is missing, else a slow meal: nothing that one would pour by mistake.
  const first = known.find(({ name }) => name === (detail.mix?.name ?? COMMON_PRODUCTS[0]!.name)) ?? known[0]!
  const { form, field, typed, values } = useCalculator({
    schema: feedSchema(manner),
    defaults: {
      product: first.id,
      amount: `${sayNumber(detail.mix?.grams ?? 100, manner, 0)} g`,
      water: inEither(manner, '10 L', '2 gal'),
      strength: '½',
      often: 'once' as Course,
      times: '4',
    },
  })
  const productOf = (id: string) => known.find((one) => one.id === id) ?? first
  const product = productOf(typed.product)
  const made = madeUp(product, values, detail.count, manner)
  const untry = () => onTry([])
  const advised = strengthFor(detail.ledger, product)
  /** What the label asks for, in place of the amount that stood there. */
  const makeUp = () => {
    const now = form.getValues()
    const read = soundOf(feedSchema(manner), now).values
    const next = madeUp(productOf(now.product), read, detail.count, manner)
    if (next) form.setValue('amount', next.amount)
    untry()
  }
  const fed = () => (values.amount === null ? null : fedOf(product, values.amount, detail.ledger.today))
  const enterIt = async () => {
    const given = fed()
    if (!given) return
    const { day: _, ...data } = given
    const isKept = await act({
      entries: [{ subject: { type: 'place', id: detail.id }, kind: 'fed', data }],
      said: `Entered: ${detail.name} fed with ${typed.amount} of ${product.name.toLowerCase()}.`,
    })
    if (isKept) onTry([])
  }
  return (
    <form
      aria-label="Try a feed"
      onSubmit={(event) => {
        event.preventDefault()
        const given = fed()
        onTry(given ? courseOf(given, values, detail.ledger.days) : [])
      }}
      noValidate
    >
      <PartHeading>Try a feed before you give it</PartHeading>
      <div className="flex flex-wrap items-start gap-2">
        <div>
          <ChoiceField label="Product" {...field('product', makeUp)}>
            <FeedOptions own={view.products} manner={view.manner} />
          </ChoiceField>
        </div>
        <div className="w-36">
          <TextField label="For the whole place" {...field('amount', untry)} />
        </div>
        <div>
          <ChoiceField label="How often" {...field('often', untry)}>
            {COURSES.map(({ name }) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </ChoiceField>
        </div>
        {typed.often !== 'once' && (
          <div className="w-20">
            <TextField label="Times" inputMode="numeric" {...field('times', untry)} />
          </div>
        )}
        <button className="btn mt-6 min-h-11 bg-base-100" aria-pressed={tried.length > 0}>
          {tried.length > 0 ? 'Done: see the answer' : 'Try it'}
        </button>
        {!isAhead && (
          <button
            type="button"
            className="btn mt-6 min-h-11 btn-primary"
            disabled={busy || values.amount === null}
            onClick={() => void enterIt()}
          >
            {typed.often === 'once' ? 'Record feeding' : 'Record today’s'}
          </button>
        )}
      </div>
      {product.labelRate !== null && (
        <div className="mt-2 flex flex-wrap items-start gap-2">
          <div className="w-36">
            <TextField label="Mixed with water" {...field('water', makeUp)} />
          </div>
          <div>
            <ChoiceField label="Share of the label’s rate" {...field('strength', makeUp)}>
              {GIVEN_STRENGTHS.map(({ name }) => (
                <option key={name} value={name}>
                  {name}
                </option>
              ))}
            </ChoiceField>
          </div>
          {made && (
            <p className="mt-7" data-testid="made-up">
              <strong>{made.dose}</strong> {made.into}
            </p>
          )}
        </div>
      )}
      {advised && <p className="mt-2">{sayStrength(advised, manner)}</p>}
      <p className="mt-1 text-sm text-quiet">
        {product.labelPlant !== null || product.labelRate !== null
          ? 'From the label you saved.'
          : 'These are typical values. Use your bag’s label, or save it under Mix.'}{' '}
        Feed only on moist soil. Below {sayTemperature(TOO_COLD, manner)} it releases nothing.
      </p>
    </form>
  )
}
