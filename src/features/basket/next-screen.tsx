'use client'

import { Link } from '../../components/link'
import { useState } from 'react'
import { useChange } from '../../components/act/use-change'
import { PartHeading } from '../../components/advice/why'
import { ChoiceField, TextField } from '../../components/forms/fields'
import { seedsToSow } from '../../core/season'
import { VERDICT_NAMES } from '../../wording/entries'
import { sayCount } from '../../wording/say'
import { planNext } from './actions'
import type { NextLine, NextView } from './next-queries'
import { SeedTable } from './seed-table'

/** A planting as it is to be grown again. */
interface Choice {
  again: boolean
  count: string
  placeId: string
}

const wholeOf = (text: string) => (/^[1-9]\d{0,3}$/.test(text.trim()) ? Number(text) : null)

/** What is grown again, where, and from which seed; then planned in one go. */
export function NextScreen({ view }: { view: NextView }) {
  const { season, planned, lines, places, on, now, seasonHref } = view
  const { busy, put } = useChange()
  const [choices, setChoices] = useState<Record<string, Choice>>({})
  const [problem, setProblem] = useState<string | null>(null)
  const choiceOf = (line: NextLine): Choice =>
    choices[line.id] ?? {
      again: line.verdict !== 'drop',
      count: String(line.count),
      placeId: line.placeId,
    }
  const chosen = lines.filter((line) => choiceOf(line).again)
  const plan = async () => {
    const wrong = chosen.find((line) => wholeOf(choiceOf(line).count) === null)
    if (wrong)
      return setProblem(`${wrong.cultivar}, ${wrong.place}: plants are a whole number from 1 to 9999.`)
    setProblem(null)
    const carried = chosen.map((line) => {
      const { count, placeId } = choiceOf(line)
      return { from: line.id, count: Number(count), placeId }
    })
    const answer = await put({
      send: () => planNext(season, carried),
      said: ({ plantings }) => `${sayCount(plantings, 'planting')} planned for ${season + 1}.`,
    })
    if (!answer.ok) setProblem(answer.message)
  }
  if (lines.length === 0)
    return (
      <p className="p-6">
        You planted nothing this season. Once you do, this shows what to grow again, where it can go and how
        much seed you need.
      </p>
    )
  const seeds = new Map<string, { name: string; needed: number }>()
  for (const line of chosen) {
    const count = wholeOf(choiceOf(line).count) ?? 0
    const before = seeds.get(line.cultivarId)
    const needed =
      (before?.needed ?? 0) +
      (count === 0
        ? 0
        : seedsToSow({ plantsWanted: count, germination: line.germination, survival: line.survival }))
    seeds.set(line.cultivarId, { name: line.cultivar, needed })
  }
  return (
    <div className="space-y-6 px-6 py-4 max-sm:px-4">
      <div>
        <h1 className="text-3xl font-semibold">
          {planned > 0
            ? `${season + 1} holds ${sayCount(planned, 'planting')}`
            : `${season + 1}: ${chosen.length} of ${sayCount(lines.length, 'planting')} again`}
        </h1>
        <p className="mt-1 max-w-prose text-lg text-quiet">
          Cultivars you dropped under Seasons are left out. Each goes to the place of its kind that rested
          longest. Change what you know better.
        </p>
        {planned > 0 && (
          <p className="mt-2">
            <Link className="btn min-h-11 bg-base-100" href={seasonHref}>
              See {season + 1}
            </Link>
          </p>
        )}
      </div>
      <section aria-label="Grown again">
        <ul>
          {lines.map((line) => (
            <Line
              key={line.id}
              line={line}
              choice={choiceOf(line)}
              places={places}
              onChange={(change) => setChoices({ ...choices, [line.id]: { ...choiceOf(line), ...change } })}
            />
          ))}
        </ul>
        {problem && (
          <p role="alert" className="mt-2 border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
            {problem}
          </p>
        )}
        {planned === 0 && on === now && (
          <button
            type="button"
            className="btn mt-3 min-h-11 btn-primary"
            disabled={busy || chosen.length === 0}
            onClick={plan}
          >
            Plan {sayCount(chosen.length, 'planting')} for {season + 1}
          </button>
        )}
      </section>
      <section aria-label="Rotation">
        <PartHeading>Where they can go (crop rotation)</PartHeading>
        <ul className="max-w-3xl">
          {places
            .filter(({ isBed }) => isBed)
            .map(({ id, name, rest, isShort }) => (
              <li key={id} className="grid gap-x-4 border-t border-base-300 py-1.5 sm:grid-cols-[10rem_1fr]">
                <strong className="font-semibold">{name}</strong>
                <span className={isShort ? 'text-cut' : 'text-quiet'}>{rest}</span>
              </li>
            ))}
        </ul>
        <p className="mt-1 text-sm text-quiet">Pots start with fresh mix, so they need no rest.</p>
      </section>
      <section aria-label="Seed">
        <PartHeading>Seed</PartHeading>
        <SeedTable seeds={[...seeds].map(([id, seed]) => ({ id, ...seed, left: view.seeds[id] ?? null }))} />
      </section>
    </div>
  )
}

function Line({
  line,
  choice,
  places,
  onChange,
}: {
  line: NextLine
  choice: Choice
  places: NextView['places']
  onChange: (change: Partial<Choice>) => void
}) {
  const place = places.find(({ id }) => id === choice.placeId)
  return (
    <li
      aria-label={`${line.cultivar}, ${line.place}`}
      className="grid items-start gap-x-4 gap-y-1 border-t border-base-300 py-2 lg:grid-cols-[minmax(0,1fr)_6rem_12rem_9rem]"
    >
      <label className="flex min-h-11 items-start gap-3 pt-1">
        <input
          type="checkbox"
          className="checkbox mt-0.5"
          checked={choice.again}
          onChange={({ target }) => onChange({ again: target.checked })}
        />
        <span>
          <strong>{line.cultivar}</strong>, {line.place}
          {line.verdict && <span className="text-quiet">, {VERDICT_NAMES[line.verdict]}</span>}
          <span className="block text-sm text-quiet">{line.gave}</span>
        </span>
      </label>
      {choice.again && (
        <>
          <TextField
            label="Plants"
            inputMode="numeric"
            value={choice.count}
            error={wholeOf(choice.count) === null ? 'From 1 to 9999.' : undefined}
            onChange={({ target }) => onChange({ count: target.value })}
          />
          <ChoiceField
            label="In"
            value={choice.placeId}
            onChange={({ target }) => onChange({ placeId: target.value })}
          >
            {places.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </ChoiceField>
          <p className="text-sm leading-snug text-cut lg:pt-6">{place?.isShort && 'needs more rest'}</p>
        </>
      )}
    </li>
  )
}
