'use client'

import { useState } from 'react'
import { TryIt } from '../../../components/try-it'
import { PartHeading } from '../../../components/advice/why'
import { capital } from '../../../wording/names'
import type { FeedDetail, ProgrammeView } from './queries'
import { SCHOOLS, THIN_EVIDENCE } from '../../../wording/feed-schools'
import { sayNumber } from '../../../wording/say'
import type { Manner } from '../../../core/facts'
import { written } from '../../../wording/written'

/** The four schools as whole seasons for what stands here, with what each leaves missing or unused. */
export function Programmes({ detail, manner }: { detail: FeedDetail; manner: Manner }) {
  const [open, setOpen] = useState<string | null>(null)
  return (
    <section aria-label="Methods">
      <PartHeading>A whole season by each method, for the plants here</PartHeading>
      <ul>
        {detail.programmes.map((programme) => {
          const school = SCHOOLS.find(({ id }) => id === programme.school)!
          return (
            <li key={programme.school} className="border-t border-base-300 py-1.5">
              <button
                type="button"
                className="flex min-h-11 w-full flex-wrap items-center justify-between gap-x-4 text-left"
                aria-expanded={open === programme.school}
                onClick={() => setOpen(open === programme.school ? null : programme.school)}
              >
                <span>
                  <strong>{school.name}</strong>
                  {programme.school === detail.school && ' · used here'}
                </span>
                <span className={programme.glut ? 'text-cut' : 'text-quiet'}>
                  {programme.glut
                    ? 'too much nitrogen here'
                    : `${sayNumber(programme.missing, manner)} g of nitrogen (N) short over the season`}
                  , {sayNumber(programme.left, manner)} g left over
                </span>
              </button>
              <p className="text-quiet">
                {capital(written(school.what, manner))} {school.suits}
              </p>
              {open === programme.school && <Feeds programme={programme} />}
            </li>
          )
        })}
      </ul>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2">Popular, with little evidence</summary>
        <ul className="list-disc pl-5">
          {THIN_EVIDENCE.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      </details>
      <TryIt place={detail.id} ask="feeding" />
    </section>
  )
}

function Feeds({ programme }: { programme: ProgrammeView }) {
  return (
    <ol className="mt-1 text-sm">
      {programme.feeds.map((text) => (
        <li key={text} className="border-t border-base-300 py-0.5">
          {text}
        </li>
      ))}
    </ol>
  )
}
