'use client'

import { useState } from 'react'
import type { Manner } from '../../core/facts'
import { Tabs } from '../../components/tabs'
import { OTHER_SCHOOLS } from '../../wording/schools'
import { CAUTION_IDS, sayCautions } from '../../wording/cautions'
import { GLOSSARY } from '../../wording/glossary'
import { HOUSE_WAYS } from '../../wording/house-ways'
import { WORKINGS } from '../../wording/workings/workings'
import { WORKING_IDS, WORKING_NAMES } from '../../wording/workings/names'
import type { Effect } from './effects'
import type { Worked } from './values'
import type { FollowedRecord } from './score/queries'
import { ScorePart } from './score/score-part'
import { SchoolsPart } from './schools-part'
import { WaysPart } from './ways-part'
import { WordsPart } from './words-part'
import { WorkingsPart } from './workings-part'
import { written } from '../../wording/written'

export type AlmanacTab = 'ways' | 'workings' | 'score' | 'words'

const TABS: { tab: AlmanacTab; name: string; path: string; heading: string; says: string }[] = [
  {
    tab: 'ways',
    name: 'Growing methods',
    path: '/almanac',
    heading: 'Your growing methods',
    says: 'Good growers disagree. Choose a method, and every answer follows it. The others still show beside it.',
  },
  {
    tab: 'workings',
    name: 'How it is worked out',
    path: '/almanac/workings',
    heading: 'How each number is worked out',
    says: 'See the formula, where it comes from, and what it gives in this garden on this day.',
  },
  {
    tab: 'score',
    name: 'How right it was',
    path: '/almanac/score',
    heading: 'How right were the forecasts?',
    says: 'Forecasts of past seasons are held against what your log says happened.',
  },
  {
    tab: 'words',
    name: 'Words and cautions',
    path: '/almanac/words',
    heading: 'Words and cautions',
    says: 'The growers’ terms used here, and what can hurt someone.',
  },
]

/** Ways, workings, words and cautions; a word that is typed is looked for in all of them. */
export function AlmanacScreen({
  tab,
  chosen,
  effects,
  worked,
  followed,
  manner,
  query,
}: {
  tab: AlmanacTab
  chosen: Record<string, string>
  effects: Partial<Record<string, Effect>>
  worked: Partial<Record<string, Worked>>
  followed: FollowedRecord | null
  manner: Manner
  query: string
}) {
  const [words, setWords] = useState('')
  const wanted = words.trim().toLowerCase()
  const searching = wanted !== ''
  const has = (...texts: string[]) =>
    written(texts.join(' '), manner).replaceAll('\u00a0', ' ').toLowerCase().includes(wanted)
  const shows = (one: AlmanacTab) => searching || tab === one
  const decisions = Object.keys(HOUSE_WAYS).filter((decision) => {
    const { name, ways } = HOUSE_WAYS[decision]!
    return (
      shows('ways') && has(name, ...Object.values(ways).flatMap((way) => [way.name, way.gains, way.costs]))
    )
  })
  const schools = OTHER_SCHOOLS.filter(
    ({ matter, house, schools: all }) =>
      shows('ways') && has(matter, house, ...all.flatMap(({ name, gains, costs }) => [name, gains, costs])),
  )
  const workings = WORKING_IDS.filter((id) => {
    const { asks, formula, source } = WORKINGS[id]
    return shows('workings') && has(WORKING_NAMES[id], asks, ...formula, source)
  })
  const terms = GLOSSARY.filter(({ word, means }) => shows('words') && has(word, means))
  const cautions = sayCautions(CAUTION_IDS, manner).filter((text) => shows('words') && has(text))
  const found = [decisions, schools, workings, terms, cautions].reduce((sum, { length }) => sum + length, 0)
  const { heading, says } = TABS.find((one) => one.tab === tab)!
  return (
    <div className="px-6 py-3 max-sm:px-4">
      <Tabs
        label="Almanac"
        tabs={TABS.map(({ tab: one, name, path }) => ({ name, href: path + query, here: one === tab }))}
      />
      <div className="my-5 flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-3xl font-semibold">
            {searching ? `“${words.trim()}” in the almanac` : heading}
          </h1>
          <p className="mt-1 max-w-prose text-lg text-quiet">
            {searching
              ? `${found === 0 ? 'Nothing' : found} found in methods, workings, words and cautions.`
              : says}
          </p>
        </div>
        <label className="flex w-72 max-w-full flex-col gap-1">
          <span className="text-sm text-quiet">Find a word</span>
          <input
            type="search"
            className="input min-h-11 text-base"
            value={words}
            maxLength={60}
            onChange={({ target }) => setWords(target.value)}
          />
        </label>
      </div>
      {searching && found === 0 && <p role="status">No match. Try a shorter word.</p>}
      <div className="space-y-6">
        <WaysPart decisions={decisions} chosen={chosen} effects={effects} />
        <SchoolsPart schools={schools} manner={manner} />
        <WorkingsPart workings={workings} worked={worked} />
        {tab === 'score' && !searching && (
          <ScorePart address={`/almanac/score/forecasts${query}`} followed={followed} />
        )}
        <WordsPart terms={terms} cautions={cautions} manner={manner} />
      </div>
    </div>
  )
}
