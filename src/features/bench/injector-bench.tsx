'use client'

import { useState } from 'react'
import { TextField } from '../../components/forms/fields'
import { injectorStock } from '../../core/feeding'
import { errorOf, plain, readNumber, valueOf } from './numbers'

/** Stock for an injector, and what it brings at the outlet. */
export function InjectorBench() {
  const [target, setTarget] = useState('150')
  const [ratio, setRatio] = useState('100')
  const [nitrogen, setNitrogen] = useState('20')
  const [tank, setTank] = useState('20')
  const wanted = readNumber(target, 1, 5000)
  const parts = readNumber(ratio, 1, 10_000)
  const percent = readNumber(nitrogen, 0.1, 100)
  const litres = readNumber(tank, 0.1, 100_000)
  const [mg, to, n, volume] = [wanted, parts, percent, litres].map(valueOf)
  const stock =
    mg !== null && to !== null && n !== null ? injectorStock({ target: mg!, ratio: to!, nitrogen: n! }) : null
  return (
    <section aria-label="Injector">
      <h2 className="text-2xl font-semibold">
        {stock === null ? 'How strong is the stock?' : `${plain(stock)} g in each litre of stock`}
      </h2>
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <TextField
          label="Nitrogen at the outlet, mg/L"
          inputMode="decimal"
          value={target}
          error={errorOf(wanted)}
          onChange={({ target: { value } }) => setTarget(value)}
        />
        <TextField
          label="Injector takes 1 to"
          inputMode="decimal"
          value={ratio}
          error={errorOf(parts)}
          onChange={({ target: { value } }) => setRatio(value)}
        />
        <TextField
          label="Its nitrogen, %"
          inputMode="decimal"
          value={nitrogen}
          error={errorOf(percent)}
          onChange={({ target: { value } }) => setNitrogen(value)}
        />
        <TextField
          label="Stock you make up, L"
          inputMode="decimal"
          value={tank}
          error={errorOf(litres)}
          onChange={({ target: { value } }) => setTank(value)}
        />
      </div>
      {stock !== null && (
        <ul className="mt-3 text-sm tabular-nums">
          <li>
            {plain(mg!)} mg/L × {plain(to!)} ÷ ({plain(n!)} % × 10) = {plain(stock)} g/L
          </li>
          {volume !== null && (
            <li>
              {plain(stock)} g/L × {plain(volume!)} L = {plain((stock * volume!) / 1000, 2)} kg for the tank,
              enough for {plain((volume! * to!) / 1000, 1)} m³ of feed
            </li>
          )}
          <li className="mt-1 text-quiet">
            Check the setting by the EC at the outlet. More than about 300 g/L hardly dissolves.
          </li>
        </ul>
      )}
    </section>
  )
}
