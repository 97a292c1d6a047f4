import { PartHeading } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import { written } from '../../wording/written'
import type { GLOSSARY } from '../../wording/glossary'

/** The field's words, and the cautions. */
export function WordsPart({
  terms,
  cautions,
  manner,
}: {
  terms: typeof GLOSSARY
  cautions: readonly string[]
  manner: Manner
}) {
  return (
    <>
      {terms.length > 0 && (
        <section aria-label="Words">
          <PartHeading>Words</PartHeading>
          <dl className="grid gap-x-8 lg:grid-cols-2">
            {terms.map(({ word, means }) => (
              <div key={word} className="border-t border-base-300 py-1.5">
                <dt className="font-semibold">{word}</dt>
                <dd>{written(means, manner)}</dd>
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
    </>
  )
}
