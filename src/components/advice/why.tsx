import { Link } from '../link'
import type { ReactNode } from 'react'
import type { SaidReason } from '../../wording/say-reason'
import { WORKING_NAMES, type WorkingId } from '../../wording/workings/names'

/** A heading of a part of an answer; `within`: of what has a heading of its own. */
export function PartHeading({ children, within = false }: { children: ReactNode; within?: boolean }) {
  const Heading = within ? 'h3' : 'h2'
  return <Heading className="mb-1.5 text-base font-semibold">{children}</Heading>
}

/** The reasons of an answer in words, the one that decided first and strong, and how it is worked out. */
export function Why({
  reasons,
  heading = 'Why',
  within,
}: {
  reasons: readonly SaidReason[]
  heading?: string
  within?: boolean
}) {
  if (reasons.length === 0) return null
  const workings = [...new Set(reasons.flatMap(({ working }) => working ?? []))]
  return (
    <section aria-label={heading}>
      <PartHeading within={within}>{heading}</PartHeading>
      <ul className="list-disc space-y-1 pl-5 leading-snug">
        {reasons.map(({ text, weight }) => (
          <li
            key={text}
            className={weight === 'decides' ? 'font-semibold' : weight === 'warns' ? 'text-cut' : ''}
          >
            {text}
          </li>
        ))}
      </ul>
      <WorkedOut workings={workings} />
    </section>
  )
}

/** Where the Almanac says how numbers are worked out. */
export function WorkedOut({ workings }: { workings: readonly WorkingId[] }) {
  if (workings.length === 0) return null
  return (
    <p className="mt-1.5 text-sm text-quiet">
      How it is worked out:{' '}
      {workings.map((working, index) => (
        <span key={working}>
          {index > 0 && ', '}
          <Link className="link" href={`/almanac/workings#${working}`}>
            {WORKING_NAMES[working].toLowerCase()}
          </Link>
        </span>
      ))}
    </p>
  )
}

/** The usual cautions, beside the act. */
export function Cautions({ texts }: { texts: readonly string[] }) {
  if (texts.length === 0) return null
  return (
    <aside aria-label="Caution" className="border-l-4 border-feed bg-(--caution) px-3 py-2 leading-snug">
      {texts.map((text) => (
        <p key={text}>{text}</p>
      ))}
    </aside>
  )
}
