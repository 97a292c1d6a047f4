import type { ReactNode } from 'react'

/** A heading of a part of an answer. */
export function PartHeading({ children }: { children: ReactNode }) {
  return <h3 className="mb-1.5 text-base font-semibold">{children}</h3>
}

/** The reasons of an answer in words, the one that decided first and strong. */
export function Why({
  reasons,
  heading = 'Why',
}: {
  reasons: readonly { text: string; weight: string }[]
  heading?: string
}) {
  if (reasons.length === 0) return null
  return (
    <section aria-label={heading}>
      <PartHeading>{heading}</PartHeading>
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
    </section>
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
