'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { TextField } from '../../components/forms/fields'
import { knownFeeds, blendAnalysis, solveBlend, type BlendProduct } from '../../core/feeding'
import { formatMeasure } from '../../core/quantity'
import type { MixView } from './mix-queries'
import { LABELS, readRatio, readRow, rowOf, type Row } from './bag'
import { Working } from './blend-working'
import { errorOf, plain, readNumber, readVolume, valueOf } from './numbers'
import { SendToPlace } from './send-to-place'

const MOST_ROWS = 6
const MOST_LITRES = 1000
/** From this distance of unit vectors on, a ratio is not met. */
const MET = 0.03

/** What came out of mixing several bags, and how much of each would make what is wanted. */
export function BlendBench({ view }: { view: MixView }) {
  const { manner } = view
  const bare = manner.units === 'us' ? 'cup' : 'ml'
  const known = knownFeeds(view.products)
  const bagOf = (name: string, volume: string) =>
    rowOf(
      known.find((one) => one.name === name)!,
      volume,
    )
  const [rows, setRows] = useState<Row[]>(() => {
    const volumes = manner.units === 'us' ? ['2 cups', '1 cup', '1/4 cup'] : ['500 mL', '250 mL', '60 mL']
    return ['Seed meal', 'Bone meal', 'Sulphate of potash'].map((name, at) => bagOf(name, volumes[at]!))
  })
  const [ratio, setRatio] = useState('3-1-4')
  const [nitrogen, setNitrogen] = useState('20')
  const [solved, setSolved] = useState<string | null>(null)
  const change = (index: number, part: Partial<Row>) => {
    setRows(rows.map((row, at) => (at === index ? { ...row, ...part } : row)))
    setSolved(null)
  }
  const read = rows.map((row) => readRow(row))
  const volumes = rows.map((row) => readVolume(row.volume, manner, MOST_LITRES, bare))
  const isSound =
    read.every(({ product }) => product !== null) && volumes.every((volume) => 'value' in volume)
  const parts = isSound
    ? read.map(({ product }, index) => ({ product: product!, volume: valueOf(volumes[index]!)! * 1000 }))
    : null
  const blend = parts && blendAnalysis(parts)
  const mass = (grams: number) => formatMeasure({ kind: 'mass', value: grams / 1000 }, manner)
  const wanted = readRatio(ratio)
  const grams = readNumber(nitrogen, 0.1, 100_000)

  const solve = () => {
    const products = read.map(({ product }) => product)
    if (!wanted || 'error' in grams || products.some((product) => product === null)) return
    const { volumes: found, residual } = solveBlend({
      products: products as BlendProduct[],
      ratio: wanted,
      nitrogen: grams.value,
    })
    if (found.every((volume) => volume === 0))
      return setSolved('None of these bags brings nitrogen: add one that does.')
    setRows(
      rows.map((row, index) => ({
        ...row,
        volume: formatMeasure({ kind: 'volume', value: found[index]! / 1000 }, manner).replaceAll(
          '\u00a0',
          ' ',
        ),
      })),
    )
    setSolved(
      residual < MET
        ? 'Met: these volumes make the ratio you asked for.'
        : `These bags cannot reach it: this is the nearest blend, ${plain((Math.asin(Math.min(1, residual / 2)) * 2 * 180) / Math.PI, 0)}° off in the balance of N, P₂O₅ and K₂O. Another bag would bring it closer.`,
    )
  }

  return (
    <section aria-label="Blend">
      <h1 className="text-3xl font-semibold">
        {blend && blend.mass > 0
          ? `${mass(blend.mass)} of ${plain(blend.n)} – ${plain(blend.p2o5)} – ${plain(blend.k2o)}`
          : 'What came out of the mix?'}
      </h1>
      <p className="mt-1 text-quiet">
        N – P₂O₅ – K₂O in percent, as labels give them.
        {blend && blend.n > 0 && ` It holds ${mass((blend.mass * blend.n) / 100)} of nitrogen.`}
      </p>
      <div className="mt-3 space-y-2">
        {rows.map((row, index) => (
          <fieldset
            key={index}
            className="grid grid-cols-6 items-start gap-2 sm:grid-cols-[minmax(0,2fr)_repeat(4,minmax(0,1fr))_minmax(0,1.4fr)_auto]"
          >
            <legend className="sr-only">Bag {index + 1}</legend>
            <div className="max-sm:col-span-6">
              <TextField
                label="Bag"
                list="common-products"
                value={row.name}
                onChange={({ target }) => {
                  const product = known.find(({ name }) => name === target.value)
                  change(index, product ? rowOf(product, row.volume) : { name: target.value })
                }}
              />
            </div>
            {(['n', 'p2o5', 'k2o', 'density'] as const).map((key) => (
              <div key={key} className="max-sm:col-span-2">
                <TextField
                  label={LABELS[key]}
                  inputMode="decimal"
                  value={row[key]}
                  error={read[index]!.errors[key]}
                  onChange={({ target }) => change(index, { [key]: target.value })}
                />
              </div>
            ))}
            <div className="max-sm:col-span-3">
              <TextField
                label="Volume"
                value={row.volume}
                error={errorOf(volumes[index]!)}
                onChange={({ target }) => change(index, { volume: target.value })}
              />
            </div>
            <button
              type="button"
              className="btn mt-6 min-h-11 btn-ghost"
              disabled={rows.length === 1}
              aria-label={`Leave out ${row.name || `bag ${index + 1}`}`}
              onClick={() => setRows(rows.filter((_, at) => at !== index))}
            >
              Leave out
            </button>
          </fieldset>
        ))}
        <datalist id="common-products">
          {known.map(({ id, name }) => (
            <option key={id} value={name} />
          ))}
        </datalist>
        <button
          type="button"
          className="btn min-h-11 bg-base-100"
          disabled={rows.length >= MOST_ROWS}
          onClick={() =>
            setRows([...rows, bagOf('Balanced granules', manner.units === 'us' ? '1 cup' : '100 mL')])
          }
        >
          Another bag
        </button>
      </div>
      <div className="mt-4 grid gap-6 lg:grid-cols-2">
        <form
          aria-label="Reach a ratio"
          onSubmit={(event) => {
            event.preventDefault()
            solve()
          }}
        >
          <PartHeading>Reach a ratio with these bags</PartHeading>
          <div className="flex flex-wrap items-start gap-2">
            <div className="w-32">
              <TextField
                label="N – P₂O₅ – K₂O"
                value={ratio}
                error={wanted ? undefined : 'Such as 3-1-4.'}
                onChange={({ target }) => setRatio(target.value)}
              />
            </div>
            <div className="w-32">
              <TextField
                label="Nitrogen in all, g"
                inputMode="decimal"
                value={nitrogen}
                error={errorOf(grams)}
                onChange={({ target }) => setNitrogen(target.value)}
              />
            </div>
            <button className="btn mt-6 min-h-11 btn-primary">Work it out</button>
          </div>
          {solved && (
            <p role="status" className="mt-2 border-l-4 border-feed bg-base-200 px-3 py-2">
              {solved}
            </p>
          )}
        </form>
        <Working parts={parts} rows={rows} />
      </div>
      {blend && blend.mass > 0 && <SendToPlace view={view} rows={rows} blend={blend} />}
    </section>
  )
}
