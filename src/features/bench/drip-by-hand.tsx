'use client'

import { useState } from 'react'
import { TextField } from '../../components/forms/fields'
import type { Manner } from '../../core/facts'
import { dripDesign, EMITTER_REACH, LONGEST_LINE, type DripDesign } from '../../core/watering'
import { DripDrawing } from './drip-drawing'
import { errorOf, plain, readFlow, readMeasure, readNumber, valueOf } from './numbers'
import { sayDepth, sayLitres } from './water-words'
import { sayLength } from '../../wording/say'

const warningsIn = (manner: Manner): Record<DripDesign['warnings'][number], string> => ({
  'no-emitter': 'No emitter lies in this bed: set them closer, or the line longer.',
  'dry-plants': `Some plants stand more than ${sayLength(EMITTER_REACH, manner)} from an emitter: turn the spacing to theirs, or add a line.`,
  'low-pressure':
    'A barrel so low drives most emitters at less than they say, and unevenly: choose ones made for gravity, raise it, or measure each end with a cup.',
  'long-line': `Over ${sayLength(LONGEST_LINE, manner)} of line the last emitters give less: feed it from the middle.`,
})

/** A drip set before it is laid: lines and emitters against the plants, its flow, and what a barrel drives. */
export function DripByHand({ manner }: { manner: Manner }) {
  const us = manner.units === 'us'
  const [length, setLength] = useState(us ? '16 ft' : '4.8 m')
  const [width, setWidth] = useState(us ? '4 ft' : '1.2 m')
  const [lines, setLines] = useState('2')
  const [every, setEvery] = useState(us ? '12 in' : '30 cm')
  const [flow, setFlow] = useState(us ? '0.5 gal' : '2 L')
  const [apart, setApart] = useState(us ? '18 in' : '45 cm')
  const [head, setHead] = useState('')
  const reads = {
    length: readMeasure(length, 'length', manner, 0.2, 200),
    width: readMeasure(width, 'length', manner, 0.1, 20),
    lines: readNumber(lines, 1, 20),
    every: readMeasure(every, 'length', manner, 0.02, 5),
    flow: readFlow(flow, manner),
    apart: readMeasure(apart, 'length', manner, 0.05, 5),
  }
  const barrel = head.trim() === '' ? null : readMeasure(head, 'length', manner, 0, 50)
  const values = Object.fromEntries(
    Object.entries(reads).map(([key, read]) => [key, valueOf(read)]),
  ) as Record<keyof typeof reads, number | null>
  const sound =
    Object.values(values).every((value) => value !== null) && (barrel === null || 'value' in barrel)
  const set = sound ? layOut(values as Record<keyof typeof reads, number>) : null
  const design =
    set &&
    dripDesign(
      { lines: set.lines, flow: values.flow! },
      {
        plants: set.plants,
        area: values.length! * values.width!,
        head: barrel === null ? null : valueOf(barrel),
      },
    )
  const field = (label: string, key: keyof typeof reads, value: string, set: (text: string) => void) => (
    <TextField
      label={label}
      value={value}
      inputMode={key === 'lines' ? 'numeric' : undefined}
      error={errorOf(reads[key])}
      onChange={({ target }) => set(target.value)}
    />
  )
  return (
    <section aria-label="Drip before it is laid">
      <h2 className="text-2xl font-semibold">
        {design
          ? `${design.emitters} emitters, ${sayLitres(design.flow, manner)} an hour${design.dry > 0 ? `, ${design.dry} of ${set!.plants.length} plants miss one` : ''}`
          : 'Drip before it is laid'}
      </h2>
      <div className="mt-3 grid gap-3 sm:grid-cols-4">
        {field('Bed is long', 'length', length, setLength)}
        {field('Bed is wide', 'width', width, setWidth)}
        {field('Lines', 'lines', lines, setLines)}
        {field('Emitters every', 'every', every, setEvery)}
        {field('Each gives in an hour', 'flow', flow, setFlow)}
        {field('Plants every', 'apart', apart, setApart)}
        <TextField
          label="Barrel’s water over the line"
          hint="Empty: from the main"
          value={head}
          error={barrel === null ? undefined : errorOf(barrel)}
          onChange={({ target }) => setHead(target.value)}
        />
      </div>
      {design && set && (
        <>
          <DripDrawing length={values.length!} width={values.width!} lines={set.lines} plants={set.plants} />
          <p className="mt-2">
            That is {sayDepth(design.rate, manner)} of water in an hour over the bed, and{' '}
            {plain(600 / design.rate, 0)} min for {sayDepth(10, manner)}.
            {design.pressure !== null && ` The barrel presses with ${plain(design.pressure)} kPa.`}
          </p>
          {design.warnings.map((warning) => (
            <p key={warning} role="alert" className="mt-1 border-l-4 border-cut bg-base-200 px-3 py-2">
              {warningsIn(manner)[warning]}
            </p>
          ))}
        </>
      )}
    </section>
  )
}

/** Lines evenly across the bed, each with its row of plants beside it, m. */
function layOut({
  length,
  width,
  lines,
  every,
  apart,
}: Record<'length' | 'width' | 'lines' | 'every' | 'apart', number>) {
  const ys = Array.from({ length: Math.round(lines) }, (_, row) => ((row + 0.5) * width) / Math.round(lines))
  const along = (step: number) =>
    Array.from(
      { length: Math.floor((length - step / 2) / step + 1e-9) + 1 },
      (_, at) => step / 2 + at * step,
    ).filter((x) => x < length)
  const [drips, stems] = [along(every), along(apart)]
  return {
    lines: ys.map((y) => drips.map((x) => ({ x, y }))),
    plants: ys.flatMap((y) => stems.map((x) => ({ x, y }))),
  }
}
