'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { FormError, TextField } from '../../components/forms/fields'
import {
  blendAnalysis,
  COMMON_PRODUCTS,
  solveBlend,
  type BlendProduct,
  type Release,
} from '../../core/feeding'
import { formatMeasure } from '../../core/quantity'
import type { MixView } from './mix-queries'
import { errorOf, plain, readNumber, readVolume, valueOf, type Read } from './numbers'
import { usePlaceLog } from './use-place-log'

interface Row {
  name: string
  n: string
  p2o5: string
  k2o: string
  density: string
  volume: string
  release: Release
}

const MOST_ROWS = 6
const MOST_LITRES = 1000
/** From this distance of unit vectors on, a ratio is not met. */
const MET = 0.03

const rowOf = (name: string, volume: string): Row => {
  const { n, p2o5, k2o, bulkDensity, release } = COMMON_PRODUCTS.find((product) => product.name === name)!
  return {
    name,
    n: String(n),
    p2o5: String(p2o5),
    k2o: String(k2o),
    density: String(bulkDensity),
    volume,
    release,
  }
}

/** What came out of mixing several bags, and how much of each would make what is wanted. */
export function BlendBench({ view }: { view: MixView }) {
  const { manner } = view
  const bare = manner.units === 'us' ? 'cup' : 'ml'
  const [rows, setRows] = useState<Row[]>(() =>
    manner.units === 'us'
      ? [rowOf('Seed meal', '2 cups'), rowOf('Bone meal', '1 cup'), rowOf('Sulphate of potash', '1/4 cup')]
      : [rowOf('Seed meal', '500 mL'), rowOf('Bone meal', '250 mL'), rowOf('Sulphate of potash', '60 mL')],
  )
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
                  const known = COMMON_PRODUCTS.some((product) => product.name === target.value)
                  change(index, known ? rowOf(target.value, row.volume) : { name: target.value })
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
          {COMMON_PRODUCTS.map(({ name }) => (
            <option key={name} value={name} />
          ))}
        </datalist>
        <button
          type="button"
          className="btn min-h-11 bg-base-100"
          disabled={rows.length >= MOST_ROWS}
          onClick={() =>
            setRows([...rows, rowOf('Balanced granules', manner.units === 'us' ? '1 cup' : '100 mL')])
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

const LABELS = { n: 'N, %', p2o5: 'P₂O₅, %', k2o: 'K₂O, %', density: 'Bulk, g/mL' } as const

function readRow(row: Row): {
  product: BlendProduct | null
  errors: Partial<Record<keyof typeof LABELS, string>>
} {
  const read: Record<keyof typeof LABELS, Read> = {
    n: readNumber(row.n, 0, 100),
    p2o5: readNumber(row.p2o5, 0, 100),
    k2o: readNumber(row.k2o, 0, 100),
    density: readNumber(row.density, 0.05, 5),
  }
  const errors = Object.fromEntries(
    Object.entries(read).flatMap(([key, one]) => ('error' in one ? [[key, one.error]] : [])),
  )
  const [n, p2o5, k2o, bulkDensity] = [read.n, read.p2o5, read.k2o, read.density].map(valueOf)
  if (n === null || p2o5 === null || k2o === null || bulkDensity === null) return { product: null, errors }
  if (n! + p2o5! + k2o! > 100) return { product: null, errors: { k2o: 'Over 100 % together.' } }
  return { product: { n: n!, p2o5: p2o5!, k2o: k2o!, bulkDensity: bulkDensity! }, errors }
}

/** `3-1-4`, `3:1:4`, `3 1 4`. */
function readRatio(text: string): { n: number; p2o5: number; k2o: number } | null {
  const match = /^\s*(\d+(?:[.,]\d+)?)\s*[-–:/ ]\s*(\d+(?:[.,]\d+)?)\s*[-–:/ ]\s*(\d+(?:[.,]\d+)?)\s*$/.exec(
    text,
  )
  const [n, p2o5, k2o] = (match ?? []).slice(1).map((part) => Number(part.replace(',', '.')))
  return n === undefined || n + p2o5! + k2o! === 0 ? null : { n, p2o5: p2o5!, k2o: k2o! }
}

/** The working, line by line. */
function Working({
  parts,
  rows,
}: {
  parts: { product: BlendProduct; volume: number }[] | null
  rows: readonly Row[]
}) {
  if (!parts) return <FormError message="One of the bags cannot be read: see its line." />
  const { mass, n, p2o5, k2o } = blendAnalysis(parts)
  return (
    <div>
      <PartHeading>How it is worked out</PartHeading>
      <ul className="text-sm tabular-nums">
        {parts.map(({ product, volume }, index) => {
          const grams = volume * product.bulkDensity
          return (
            <li key={index}>
              {rows[index]!.name || 'Bag'}: {plain(volume, 0)} mL × {product.bulkDensity} g/mL ={' '}
              {plain(grams, 0)} g; N {plain((grams * product.n) / 100)} g, P₂O₅{' '}
              {plain((grams * product.p2o5) / 100)} g, K₂O {plain((grams * product.k2o) / 100)} g
            </li>
          )
        })}
        <li className="mt-1 border-t border-base-300 pt-1 font-semibold">
          In all {plain(mass, 0)} g: N {plain((mass * n) / 100)} g ÷ {plain(mass, 0)} g = {plain(n)} %, P₂O₅{' '}
          {plain(p2o5)} %, K₂O {plain(k2o)} %
        </li>
      </ul>
    </div>
  )
}

/** The blend as an entry of a place. */
function SendToPlace({
  view,
  rows,
  blend,
}: {
  view: MixView
  rows: readonly Row[]
  blend: { mass: number; n: number; p2o5: number; k2o: number }
}) {
  const { places, on, now } = view
  const [place, setPlace] = useState(places[0]?.id ?? '')
  const { busy, keep } = usePlaceLog(on)
  const chosen = places.find(({ id }) => id === place)
  if (!chosen || on > now) return null
  // A blend gives its nutrients up as its slowest bag does.
  const release = rows.some((row) => row.release === 'meal') ? 'meal' : rows[0]!.release
  const name = rows
    .map((row) => row.name)
    .filter(Boolean)
    .join(' + ')
    .slice(0, 80)
  return (
    <form
      aria-label="Send to a place"
      className="mt-4 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        keep(
          'fed',
          [place],
          () => ({
            name: name || 'Blend',
            grams: blend.mass,
            n: blend.n,
            p2o5: blend.p2o5,
            k2o: blend.k2o,
            release,
          }),
          `Entered: ${chosen.name} fed with ${plain(blend.mass, 0)} g.`,
        )
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="text-sm text-quiet">All of it went to</span>
        <select
          className="select min-h-11 text-base"
          value={place}
          onChange={({ target }) => setPlace(target.value)}
        >
          {places.map(({ id, name: placeName }) => (
            <option key={id} value={id}>
              {placeName}
            </option>
          ))}
        </select>
      </label>
      <button className="btn min-h-11 bg-base-100" disabled={busy}>
        Enter it as fed
      </button>
    </form>
  )
}
