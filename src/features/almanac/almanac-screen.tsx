'use client'

import { useRouter } from 'next/navigation'
import { useOptimistic, useState, useTransition } from 'react'
import { toast } from 'sonner'
import { PartHeading } from '../../components/advice/why'
import { CAUTIONS } from '../../wording/cautions'
import { GLOSSARY } from '../../wording/glossary'
import { HOUSE_WAYS } from '../../wording/house-ways'
import { choose } from './actions'

/** The house's ways with the case and the cost of each, the field's words, and the cautions; found by typing. */
export function AlmanacScreen({ chosen }: { chosen: Record<string, string> }) {
  const [words, setWords] = useState('')
  const [, start] = useTransition()
  // Shown at once; put back if it is not kept.
  const [own, setOwn] = useOptimistic(chosen)
  const router = useRouter()
  const wanted = words.trim().toLowerCase()
  const has = (...texts: string[]) => texts.join(' ').toLowerCase().includes(wanted)
  const decisions = Object.entries(HOUSE_WAYS).filter(([, { name, ways }]) =>
    has(name, ...Object.values(ways).flatMap((way) => [way.name, way.gains, way.costs])),
  )
  const terms = GLOSSARY.filter(({ word, means }) => has(word, means))
  const cautions = Object.values(CAUTIONS).filter((text) => has(text))
  const take = (decision: string, school: string, said: string) =>
    start(async () => {
      setOwn({ ...chosen, [decision]: school })
      const problem = await choose(decision, school).catch(
        () => 'The server did not answer: nothing was changed. Try again.',
      )
      if (problem) return void toast.error(problem)
      toast(said)
      router.refresh()
    })
  return (
    <div className="space-y-6 px-6 py-5 max-sm:px-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-3xl font-semibold">How this house grows</h1>
          <p className="mt-1 max-w-prose text-lg text-quiet">
            Good growers differ. Choose a way, and every answer follows it; the others are still told beside
            it.
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
      {decisions.length + terms.length + cautions.length === 0 && (
        <p role="status">Nothing of that stands in the almanac: try a shorter word.</p>
      )}
      {decisions.map(([decision, { name, changes, ways }]) => (
        <section key={decision} aria-label={name}>
          <PartHeading>{name}</PartHeading>
          <fieldset>
            <legend className="text-sm text-quiet">Changes: {changes}</legend>
            {Object.entries(ways).map(([way, { name: said, gains, costs }]) => (
              <label
                key={way}
                className="flex min-h-11 cursor-pointer items-start gap-3 border-t border-base-300 py-2"
              >
                <input
                  type="radio"
                  name={decision}
                  className="radio mt-0.5 border-base-content/50"
                  checked={own[decision] === way}
                  onChange={() => take(decision, way, `${name}: ${said.toLowerCase()}.`)}
                />
                <span>
                  <strong>{said}</strong>. {gains} <span className="text-quiet">Its cost: {costs}</span>
                </span>
              </label>
            ))}
          </fieldset>
        </section>
      ))}
      {terms.length > 0 && (
        <section aria-label="Words">
          <PartHeading>Words</PartHeading>
          <dl className="grid gap-x-8 lg:grid-cols-2">
            {terms.map(({ word, means }) => (
              <div key={word} className="border-t border-base-300 py-1.5">
                <dt className="font-semibold">{word}</dt>
                <dd>{means}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}
      {cautions.length > 0 && (
        <section aria-label="Cautions">
          <PartHeading>Cautions</PartHeading>
          <ul className="grid gap-x-8 lg:grid-cols-2">
            {cautions.map((text) => (
              <li key={text} className="border-t border-base-300 py-1.5">
                {text}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}
