'use client'

import { Link } from '../../components/link'
import { useState } from 'react'
import { useChange } from '../../components/act/use-change'
import { keepSeeds } from './actions'

interface Seed {
  id: string
  name: string
  needed: number
  /** In the shed; null: not counted yet. */
  left: number | null
}

/** Seed by cultivar: what the next season takes, what is left, and what to buy. */
export function SeedTable({ seeds }: { seeds: readonly Seed[] }) {
  const bought = seeds.filter(({ needed, left }) => needed > (left ?? 0))
  if (seeds.length === 0) return <p>You are growing nothing again, so you need no seed.</p>
  return (
    <>
      <table className="w-full max-w-2xl">
        <thead className="text-left text-sm text-quiet">
          <tr>
            {['cultivar', 'to sow', 'left', 'to buy'].map((heading) => (
              <th key={heading} scope="col" className="py-1 pr-4 font-normal">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {seeds.map((seed) => (
            <SeedRow key={`${seed.id} ${seed.left}`} seed={seed} />
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-quiet">
        {bought.length === 0
          ? 'You have enough seed of all of them.'
          : `To buy: ${bought.map(({ name, needed, left }) => `${name} ${needed - (left ?? 0)}`).join(', ')}.`}{' '}
        Seed is listed in the{' '}
        <Link className="link" href="/shed">
          Shed
        </Link>{' '}
        under its cultivar’s name. Supports are bought from there too.
      </p>
    </>
  )
}

function SeedRow({ seed: { id, name, needed, left } }: { seed: Seed }) {
  const [typed, setTyped] = useState(left === null ? '' : String(left))
  const { busy, change } = useChange()
  const isWrong = typed.trim() !== '' && !/^\d{1,6}$/.test(typed.trim())
  const keep = () => {
    if (busy || isWrong || typed.trim() === (left === null ? '' : String(left))) return
    const seeds = typed.trim() === '' ? 0 : Number(typed)
    void change({ send: () => keepSeeds(id, seeds), said: `${name}: ${seeds} seeds are left.` })
  }
  return (
    <tr className="border-t border-base-300">
      <th scope="row" className="py-1 pr-4 text-left">
        {name}
      </th>
      <td className="pr-4 tabular-nums">{needed}</td>
      <td className="pr-4">
        <input
          aria-label={`Seeds left of ${name}`}
          aria-invalid={isWrong || undefined}
          className={`input min-h-11 w-24 text-base ${isWrong ? 'input-error' : ''}`}
          inputMode="numeric"
          placeholder="count"
          disabled={busy}
          value={typed}
          onChange={({ target }) => setTyped(target.value)}
          onBlur={keep}
          onKeyDown={({ key, currentTarget }) => {
            if (key === 'Enter') currentTarget.blur()
          }}
        />
        {isWrong && (
          <span role="alert" className="block text-sm font-semibold text-cut">
            A whole number, please.
          </span>
        )}
      </td>
      <td className="font-semibold tabular-nums">{Math.max(0, needed - (left ?? 0))}</td>
    </tr>
  )
}
