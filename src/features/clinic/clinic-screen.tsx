'use client'

import { useRouter } from '../../components/offline'
import { useMemo, useState } from 'react'
import { DateField } from '../../components/forms/date-field'
import { ChoiceField } from '../../components/forms/fields'
import { parseDate } from '../../core/calendar'
import { diagnose, signsOf, type SignId } from '../../core/health'
import { formatDate } from '../../wording/dates'
import type { ClinicView } from './queries'
import { Findings } from './shown-later'
import { SignPicker } from './sign-picker'

/** What is seen, where and since when, and what it is likely to be. */
export function ClinicScreen({ view }: { view: ClinicView }) {
  const { spots, chosen, context, on, now, manner, followed } = view
  const { crop } = context
  const router = useRouter()
  const [told, setTold] = useState({ signs: followed?.signs ?? [], absent: followed?.absent ?? [] })
  const [typedSince, setSince] = useState(() => formatDate(on, manner, 'full'))
  const read = parseDate(typedSince, on, manner.dates)
  const since = read !== null && read <= on ? read : null
  const signs = useMemo(() => told.signs.filter((sign) => signsOf(crop).includes(sign)), [told, crop])
  const { ranked, next } = useMemo(
    () => diagnose({ signs, absent: told.absent }, context).answer,
    [signs, told.absent, context],
  )
  const go = (query: Record<string, string>) =>
    router.replace(`/clinic?${new URLSearchParams({ ...query, ...(on === now ? {} : { on }) }).toString()}`, {
      scroll: false,
    })
  const answer = (sign: SignId, there: boolean) =>
    setTold({
      signs: [...told.signs.filter((one) => one !== sign), ...(there ? [sign] : [])],
      absent: [...told.absent.filter((one) => one !== sign), ...(there ? [] : [sign])],
    })
  const forget = (sign: SignId) =>
    setTold({
      signs: told.signs.filter((one) => one !== sign),
      absent: told.absent.filter((one) => one !== sign),
    })
  return (
    <div className="grid gap-6 px-6 py-4 max-sm:px-4 lg:grid-cols-[1fr_27rem] xl:grid-cols-[1fr_30rem]">
      <div className="min-w-0">
        <h1 className="text-3xl font-semibold">
          {followed ? 'Checking again: what do you see?' : 'What looks wrong?'}
        </h1>
        <p className="mt-1 text-quiet">
          Choose what you see on the plant. The likely causes show at once, from the symptoms and from this
          place’s weather, water and log.
        </p>
        <div className="mt-3 mb-4 grid max-w-3xl gap-3 sm:grid-cols-3">
          {chosen ? (
            <>
              <ChoiceField
                label="Where"
                value={chosen.id}
                disabled={followed !== null}
                onChange={({ target }) => go({ of: target.value })}
              >
                {spots.map(({ id, place, name }) => (
                  <option key={id} value={id}>
                    {place}, {name}
                  </option>
                ))}
              </ChoiceField>
              <ChoiceField
                label="Plant"
                value={view.plant ?? ''}
                disabled={followed !== null}
                onChange={({ target }) => go({ of: target.value || chosen.id })}
              >
                <option value="">several, or all</option>
                {chosen.plants.map(({ id, label }) => (
                  <option key={id} value={id}>
                    {label}
                  </option>
                ))}
              </ChoiceField>
              {!followed && (
                <DateField
                  label="Since"
                  manner={manner}
                  last={on}
                  value={typedSince}
                  error={since ? undefined : `A day up to ${formatDate(on, manner)}.`}
                  onChange={({ target }) => setSince(target.value)}
                />
              )}
            </>
          ) : (
            <ChoiceField label="Of a" value={crop} onChange={({ target }) => go({ crop: target.value })}>
              <option value="tomato">tomato</option>
              <option value="pepper">pepper</option>
            </ChoiceField>
          )}
        </div>
        <SignPicker
          crop={crop}
          seen={signs}
          onToggle={(sign) => (signs.includes(sign) ? forget(sign) : answer(sign, true))}
        />
      </div>
      <section
        id="answer"
        aria-label="What it could be"
        className="min-w-0 scroll-mt-28 space-y-4 lg:sticky lg:top-[calc(var(--ribbon)+0.75rem)] lg:max-h-[calc(100dvh-var(--ribbon)-1.5rem)] lg:self-start lg:overflow-y-auto lg:pr-2"
        tabIndex={-1}
      >
        {ranked[0] ? (
          <Findings
            view={view}
            signs={signs}
            absent={told.absent}
            since={since}
            found={{ ranked, next }}
            onForget={forget}
            onAnswer={answer}
            onKept={() => setTold({ signs: [], absent: [] })}
          />
        ) : (
          <div className="border border-dashed border-base-300 p-4 leading-snug text-quiet">
            <p>Choose what you see. Look at the lowest and the newest leaves, and under them.</p>
            <p className="mt-2">One symptom is a hint; three are convincing.</p>
          </div>
        )}
      </section>
    </div>
  )
}
