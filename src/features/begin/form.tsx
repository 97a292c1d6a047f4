'use client'

import { useCallback, useEffect, useEffectEvent, useState } from 'react'
import { useWatch } from 'react-hook-form'
import { ChoiceCards } from '../../components/forms/choice-cards'
import { ChoiceField, FormError, TextField } from '../../components/forms/fields'
import { MannerFields } from '../../components/forms/manner-fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import { parseCoordinates, type UnitSystem } from '../../core/quantity'
import { capital, nameOf } from '../../wording/names'
import { HAVE_WORDS } from '../../wording/beginnings'
import { inEither } from '../../wording/either'
import { begin, openDemo, type LookAnswer } from './actions'
import { mannerAt } from './by-place'
import type { Example } from './example'
import { ExamplePart, LookPanel } from './shown-later'
import { TownField } from './town-field'
import type { TownFound } from './towns'
import { useLook } from './use-look'
import { FIRST_PLACES, HAVES, type BeginValues } from './values'

const sizesIn = (units: UnitSystem) => ({
  placeLength: inEither({ units }, '3 m', '10 ft'),
  placeWidth: inEither({ units }, '1.2 m', '4 ft'),
})

/** Where one grows; beside it what the place is like, and the first answer. */
export function BeginForm({
  today,
  beside,
  currencies,
  example,
  children,
}: {
  today: IsoDate
  beside: boolean
  currencies: readonly [code: string, name: string][]
  /** What is shown before a place is known. */
  example: Example
  children: React.ReactNode
}) {
  const { form, submit, field, sending, busy, problem } = useCheckedForm<BeginValues>({
    schema: async () => (await import('./schema')).chosenSchema(today),
    defaults: {
      have: 'nothing',
      where: '',
      spot: '',
      elevation: '',
      climate: 'stations',
      lastFrost: '',
      hottest: '',
      units: 'metric',
      decimals: 'point',
      dates: 'day-first',
      currency: '',
      timeZone: 'UTC',
      placeName: 'Bed 1',
      placeKind: 'bed',
      ...sizesIn('metric'),
    },
    send: (typed) => begin(typed, beside),
  })
  const { setValue, getValues, getFieldState, setError, clearErrors } = form
  // Read, so that the form keeps count of it: what a person set by hand no place sets again.
  const { dirtyFields: _counted } = form.formState
  // A choice is one's own also where it is what the form began with.
  const [picked, setPicked] = useState<readonly (keyof BeginValues)[]>([])
  const isOwn = useCallback(
    (name: keyof BeginValues) => picked.includes(name) || getFieldState(name).isDirty,
    [picked, getFieldState],
  )
  const [where, spot, climate, units, timeZone] = useWatch({
    control: form.control,
    name: ['where', 'spot', 'climate', 'units', 'timeZone'],
  })
  const [chosen, setChosen] = useState('')
  const [located, setLocated] = useState('')

  const onAnswer = useCallback(
    (answer: LookAnswer) => {
      if (!answer.ok)
        return Object.entries(answer.fields).forEach(([name, message]) =>
          setError(name as keyof BeginValues, { message }),
        )
      clearErrors(['where', 'elevation', 'lastFrost', 'hottest', 'climate'])
      if (!isOwn('elevation') || getValues('elevation').trim() === '') setValue('elevation', answer.elevation)
      if (!isOwn('timeZone')) setValue('timeZone', answer.timeZone)
    },
    [clearErrors, getValues, isOwn, setError, setValue],
  )
  const { view, isLooking, hasFailed, ask, forget } = useLook(onAnswer)

  const resize = useCallback(() => {
    for (const [name, size] of Object.entries(sizesIn(getValues('units'))))
      if (!isOwn(name as keyof BeginValues)) setValue(name as keyof BeginValues, size)
  }, [setValue, getValues, isOwn])
  const write = useCallback(
    (country: string) => {
      const manner = mannerAt(country, navigator.language)
      for (const name of ['units', 'decimals', 'dates', 'currency'] as const)
        if (!isOwn(name)) setValue(name, (manner[name] ?? '') as never)
      resize()
    },
    [setValue, resize, isOwn],
  )
  const atFirst = useEffectEvent(() => {
    write('')
    setValue('timeZone', Intl.DateTimeFormat().resolvedOptions().timeZone)
  })
  useEffect(() => atFirst(), [])

  const settle = (text: string, at: string, country: string) => {
    setChosen(text)
    setValue('where', text, { shouldDirty: true })
    setValue('spot', at)
    setValue('climate', 'stations')
    if (!isOwn('elevation')) setValue('elevation', '')
    clearErrors('where')
    write(country)
    void ask(getValues())
  }
  const chooseTown = (town: TownFound) => settle(`${town.name}, ${town.detail}`, town.spot, town.country)
  const type = (text: string) => {
    setValue('where', text, { shouldDirty: true })
    const read = parseCoordinates(text)
    if (!('error' in read)) return settle(text, `${read.latitude}, ${read.longitude}`, '')
    clearErrors('where')
    setValue('spot', '')
    setChosen('')
    forget()
  }
  const locate = () => {
    if (!('geolocation' in navigator))
      return setLocated('This browser cannot tell where you are. Type your town instead.')
    setLocated('Asking this device …')
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        setLocated('')
        const text = `${coords.latitude.toFixed(3)}, ${coords.longitude.toFixed(3)}`
        settle(text, text, '')
      },
      () => setLocated('This device did not say where you are. Type your town instead.'),
      { timeout: 15_000, maximumAge: 600_000 },
    )
  }
  const take = (source: string) => {
    setValue('climate', source)
    void ask(getValues())
  }
  const askAgain = () => {
    if (spot !== '') void ask(getValues())
  }
  /** A field that the place is looked at anew by: at once where it is chosen, on leaving it where it is typed. */
  const own = (name: keyof BeginValues) => {
    const known = field(name)
    return {
      ...known,
      onChange: async (event: React.ChangeEvent<HTMLInputElement | HTMLSelectElement>) => {
        await known.onChange(event)
        if (event.target.tagName !== 'SELECT') return
        setPicked((before) => [...before, name])
        if (name === 'units') resize()
        askAgain()
      },
    }
  }

  return (
    <form
      onSubmit={submit}
      noValidate
      aria-label="New garden"
      className="grid lg:min-h-screen lg:grid-cols-[minmax(0,11fr)_minmax(0,9fr)] lg:grid-rows-[auto_1fr]"
    >
      <div className="px-6 pt-10 max-sm:px-4 max-sm:pt-6 lg:pl-[max(1.5rem,calc(50vw-38rem))]">
        <div className="max-w-xl">
          <h1 className="mb-1 text-4xl font-semibold">{beside ? 'Another garden' : 'Where do you grow?'}</h1>
          <p className="mb-4 text-lg text-quiet">
            Your town is enough. Everything else follows from it, and you can change it.
          </p>
          <TownField
            value={where}
            error={form.formState.errors.where?.message}
            onType={type}
            onChoose={chooseTown}
          />
          <p className="mt-1 flex flex-wrap gap-x-5">
            <button type="button" className="link inline-flex min-h-11 items-center" onClick={locate}>
              Use this device’s position
            </button>
            {!beside && (
              <button
                type="button"
                className="link inline-flex min-h-11 items-center"
                onClick={() => void openDemo()}
              >
                Look around the demo garden
              </button>
            )}
          </p>
          {located && (
            <p role="status" className="text-sm text-quiet">
              {located}
            </p>
          )}
        </div>
      </div>
      <div className="bg-base-200 px-6 py-10 max-sm:px-4 max-sm:py-6 lg:col-start-2 lg:row-span-2 lg:row-start-1 lg:pr-[max(1.5rem,calc(50vw-38rem))] lg:pl-10">
        {view ? (
          <LookPanel
            view={view}
            place={chosen}
            climate={climate}
            isLooking={isLooking}
            field={own}
            onTake={take}
            onBend={askAgain}
          />
        ) : (
          <>
            <p role="status" className="max-w-prose text-lg text-quiet">
              {isLooking
                ? 'Working out your climate …'
                : hasFailed
                  ? 'The server did not answer. Choose the town again.'
                  : 'Your climate shows here, with the dates that follow from it: when to sow, and when to plant out.'}
            </p>
            <div className="max-lg:hidden">
              <ExamplePart example={example} units={units} />
            </div>
          </>
        )}
      </div>
      <div className="px-6 pt-5 pb-10 max-sm:px-4 lg:pl-[max(1.5rem,calc(50vw-38rem))]">
        <div className="max-w-xl space-y-6">
          <div>
            <h2 className="mb-2 font-serif text-xl font-semibold">What do you have so far?</h2>
            <ChoiceCards
              legend="What do you have so far?"
              choices={HAVES.map((id) => ({ id, ...HAVE_WORDS[id] }))}
              field={field('have')}
            />
          </div>
          {spot !== '' && (
            <>
              <details>
                <summary className="min-h-11 cursor-pointer py-2">
                  <Summary units={units} timeZone={timeZone} /> <span className="link">Change</span>
                </summary>
                <div className="mt-1 grid gap-3 sm:grid-cols-2">
                  <TextField label="Elevation (rough is fine)" {...own('elevation')} onBlur={askAgain} />
                  <MannerFields field={own} currencies={currencies} />
                  <TextField label="Time zone" {...own('timeZone')} />
                </div>
              </details>
              <fieldset>
                <legend className="mb-2 font-serif text-xl font-semibold">One place to grow</legend>
                <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
                  <TextField label="Name" {...field('placeName')} />
                  <ChoiceField label="Type" {...field('placeKind')}>
                    {FIRST_PLACES.map((kind) => (
                      <option key={kind} value={kind}>
                        {capital(nameOf(kind))}
                      </option>
                    ))}
                  </ChoiceField>
                  <TextField label="Length" {...field('placeLength')} />
                  <TextField label="Width" {...field('placeWidth')} />
                </div>
              </fieldset>
            </>
          )}
          <div>
            <FormError message={problem} />
            <button className="btn btn-primary min-h-14 px-8 text-lg" disabled={busy}>
              {sending ? 'Working it out …' : 'Start my garden'}
            </button>
          </div>
          {children}
        </div>
      </div>
    </form>
  )
}

/** How numbers, dates and the clock will be written. */
const Summary = ({ units, timeZone }: Pick<BeginValues, 'units' | 'timeZone'>) => (
  <>
    {inEither({ units }, 'Meters, liters, °C', 'Feet, gallons, °F')} · {timeZone}.
  </>
)
