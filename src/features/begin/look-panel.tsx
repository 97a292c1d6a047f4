'use client'

import { CLIMATE_TEMPLATE_IDS } from '../../core/climate'
import { ChoiceField, TextField } from '../../components/forms/fields'
import { nameOf } from '../../wording/names'
import { inEither } from '../../wording/either'
import { ClimateBars } from './climate-bars'
import type { LookView } from './look'

type Field = (name: 'lastFrost' | 'hottest' | 'climate') => object & { error?: string }

/** “Does this look like your place?”: its climate, the two nearest others, and two fields that bend it. */
export function LookPanel({
  view,
  place,
  climate,
  isLooking,
  field,
  onTake,
  onBend,
}: {
  view: LookView
  place: string
  climate: string
  isLooking: boolean
  field: Field
  /** Takes another climate. */
  onTake: (source: string) => void
  /** One of the two fields was left. */
  onBend: () => void
}) {
  const choices = [{ source: 'stations', name: 'Yes, that’s it', like: '' }, ...view.others]
  const isKind = !choices.some(({ source }) => source === climate)
  return (
    <section aria-label="Climate" aria-busy={isLooking} className={isLooking ? 'opacity-70' : ''}>
      <p className="text-quiet">
        {place} · {view.kind}
      </p>
      <h2 className="mt-1 mb-3 text-2xl font-semibold">Does this look like your place?</h2>
      <ClimateBars months={view.months} units={view.units} />
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-0.5">
        {view.lines.map(({ text, value }) => (
          <div key={text} className="contents">
            <dt className="text-quiet">{text}</dt>
            <dd className="font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2 text-sm text-quiet">{view.from}</p>
      <div role="group" aria-label="Another climate" className="mt-4 flex flex-wrap gap-2">
        {choices.map(({ source, name, like }) => (
          <button
            key={source}
            type="button"
            aria-pressed={source === climate}
            className={`btn h-auto min-h-12 flex-col items-start gap-0 py-1.5 text-left ${source === climate ? 'btn-primary' : 'bg-base-100'}`}
            onClick={() => onTake(source)}
          >
            <span className="text-base">{name}</span>
            {like && <span className="text-sm font-normal">{like}</span>}
          </button>
        ))}
      </div>
      <details className="mt-3" open={isKind || undefined}>
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">
          None of these. I will enter it myself
        </summary>
        <div className="mt-1 grid gap-3 sm:grid-cols-2" onBlur={onBend}>
          <TextField
            label="Average last frost"
            placeholder={inEither(view, '5 May', 'May 5')}
            hint="The average date of your last spring frost."
            {...field('lastFrost')}
          />
          <TextField
            label="Usual high in the hottest month"
            placeholder={inEither(view, '31 °C', '88 °F')}
            {...field('hottest')}
          />
          <ChoiceField label="A kind of climate" {...field('climate')}>
            <option value="stations">From the places nearby</option>
            {view.others.map(({ source, like }) => (
              <option key={source} value={source}>
                {like}
              </option>
            ))}
            {CLIMATE_TEMPLATE_IDS.map((id) => (
              <option key={id} value={id}>
                {nameOf(id)}
              </option>
            ))}
          </ChoiceField>
        </div>
      </details>
      <div className="mt-5 border-t border-base-300 pt-4" aria-live="polite">
        <p className="text-quiet">First answer</p>
        <p className="font-serif text-2xl leading-snug font-semibold">{view.answer}</p>
      </div>
    </section>
  )
}
