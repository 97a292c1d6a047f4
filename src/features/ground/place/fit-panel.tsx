'use client'

import { useState } from 'react'
import { PartHeading, Why } from '../../../components/advice/why'
import { TextField } from '../../../components/forms/fields'
import { trainingsFor } from '../../../core/crop'
import { SPACING_SCHOOLS, SUPPORTS, type GardenCultivar, type Manner, type Place } from '../../../core/facts'
import {
  LAYINGS,
  LAYOUTS,
  type Capacity,
  type CapacityRule,
  type Laying,
  type Layout,
  type SpacingAnswer,
  usualLaying,
} from '../../../core/spacing'
import type { Advice, Alternative } from '../../../core/advice'
import { capital, nameOf, trainingName } from '../../../wording/names'
import { sayLength } from '../../../wording/say'
import { sayReason, sayReasons } from '../../../wording/say-reason'
import { loosenedPlace, type Wish } from './edits'

/** How many of a cultivar fit, what binds, and what loosening each limit would give. */
export function FitPanel({
  place,
  cultivars,
  wish,
  spacing,
  capacity,
  whenEmpty,
  pickedCount,
  manner,
  onWish,
  onPlaceAll,
  onPlacePicked,
  onPlaceSome,
  onLoosen,
}: {
  place: Place
  cultivars: readonly GardenCultivar[]
  wish: Wish
  spacing: SpacingAnswer
  capacity: Advice<Capacity, CapacityRule>
  /** How many the place would hold with nothing in it. */
  whenEmpty: number
  pickedCount: number
  manner: Manner
  onWish: (wish: Wish) => void
  onPlaceAll: () => void
  onPlacePicked: () => void
  onPlaceSome: (count: number, laying: Laying) => void
  onLoosen: (choice: Alternative<Capacity, CapacityRule>) => void
}) {
  const cultivar = cultivars.find(({ id }) => id === wish.cultivarId)!
  const { answer, reasons, alternatives } = capacity
  const binding = reasons[0]!
  const loosers = alternatives.filter((choice) => choice.answer.count > answer.count)
  const stay = alternatives.filter((choice) => choice.answer.count === answer.count)
  const choose =
    <Key extends keyof Wish>(key: Key) =>
    (event: React.ChangeEvent<HTMLSelectElement>) => {
      const next = { ...wish, [key]: event.target.value }
      const fitting = trainingsFor(cultivars.find(({ id }) => id === next.cultivarId)!)
      onWish({ ...next, training: fitting.includes(next.training) ? next.training : fitting[0]! })
    }
  return (
    <section aria-label="How many fit" className="space-y-3">
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-5">
        <Choice
          label="Cultivar"
          value={wish.cultivarId}
          onChange={choose('cultivarId')}
          options={cultivars.map(({ id, name }) => [id, name])}
        />
        <Choice
          label="Pruning style"
          value={wish.training}
          onChange={choose('training')}
          options={trainingsFor(cultivar).map((training) => [training, capital(trainingName(training))])}
        />
        <Choice
          label="Support"
          value={wish.support}
          onChange={choose('support')}
          options={SUPPORTS.map((support) => [
            support,
            support === 'cage' ? 'Cage' : support === 'weave' ? 'Weave' : capital(nameOf(support)),
          ])}
        />
        <Choice
          label="Spacing"
          value={wish.school}
          onChange={choose('school')}
          options={SPACING_SCHOOLS.map((school) => [school, capital(nameOf(school))])}
        />
        <Choice
          label="Lines"
          value={wish.layout}
          onChange={choose('layout')}
          options={LAYOUTS.map((layout) => [layout, LAYOUT_NAMES[layout]])}
        />
      </div>
      <p className="text-2xl font-semibold" aria-live="polite" data-testid="fits">
        {answer.count} {answer.count === 1 ? 'fits' : 'fit'}, {sayLength(spacing.inRow, manner)} apart
      </p>
      <p className="text-lg text-quiet">
        {sayReason(binding, manner)}
        {whenEmpty > answer.count && ` Empty, ${place.name} would hold ${whenEmpty}.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary min-h-11"
          disabled={answer.count === 0}
          onClick={onPlaceAll}
        >
          Place them all
        </button>
        <button
          type="button"
          className="btn min-h-11 bg-base-100"
          disabled={pickedCount === 0}
          onClick={onPlacePicked}
        >
          {pickedCount === 0 ? 'Or pick spots one by one' : `Place the ${pickedCount} picked`}
        </button>
      </div>
      {answer.count > 1 && (
        <PlaceSome key={answer.count} place={place} fits={answer.count} onPlace={onPlaceSome} />
      )}
      <div className="grid gap-5 lg:grid-cols-2">
        <div>
          <PartHeading>Ways to fit more</PartHeading>
          <ul className="space-y-1">
            {loosers.map((choice) => {
              const { school, gains, costs } = choice
              const doable = loosenedPlace(place, choice) !== null
              return (
                <li key={school} className="flex flex-wrap items-center gap-x-3">
                  <span>
                    {capital(sayReason(costs[0]!, manner))}: {sayReason(gains[0]!, manner)}
                  </span>
                  {doable && (
                    <button
                      type="button"
                      className="btn min-h-11 bg-base-100"
                      onClick={() => onLoosen(choice)}
                    >
                      {school === 'emitters' ? 'Plant it this way' : 'Open it'}
                    </button>
                  )}
                </li>
              )
            })}
          </ul>
          {stay.length > 0 && (
            <p className="mt-1 text-quiet">
              One step changes nothing yet: {stay.map(({ school }) => nameOf(school)).join(', ')}.
            </p>
          )}
        </div>
        <Why reasons={sayReasons(reasons.slice(1), manner)} heading={`Laid out in ${place.name}`} />
      </div>
    </section>
  )
}

/** So many of those that fit, in a block or in lines, so that the rest stays for others. */
function PlaceSome({
  place,
  fits,
  onPlace,
}: {
  place: Place
  fits: number
  onPlace: (count: number, laying: Laying) => void
}) {
  const [typed, setTyped] = useState(String(Math.ceil(fits / 2)))
  const [laying, setLaying] = useState<Laying>(() => usualLaying(place))
  const count = /^\d{1,5}$/.test(typed.trim()) ? Number(typed) : 0
  const isWrong = count < 1 || count > fits
  return (
    <form
      aria-label="Place some"
      className="flex flex-wrap items-start gap-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        if (!isWrong) onPlace(count, laying)
      }}
    >
      <div className="w-32">
        <TextField
          label="Only this many"
          inputMode="numeric"
          value={typed}
          error={isWrong ? `A whole number from 1 to ${fits}.` : undefined}
          onChange={({ target }) => setTyped(target.value)}
        />
      </div>
      <div className="w-56">
        <Choice
          label="Laid"
          value={laying}
          onChange={({ target }) => setLaying(target.value as Laying)}
          options={LAYINGS.map((one) => [one, capital(nameOf(one))])}
        />
      </div>
      <button className="btn min-h-11 bg-base-100 sm:mt-6" disabled={isWrong}>
        Place {isWrong ? 'them' : count}
      </button>
    </form>
  )
}

const LAYOUT_NAMES: Record<Layout, string> = {
  best: 'Whichever fits more',
  rows: 'Straight',
  staggered: 'Offset',
}

function Choice({
  label,
  value,
  options,
  onChange,
}: {
  label: string
  value: string
  options: readonly (readonly [string, string])[]
  onChange: (event: React.ChangeEvent<HTMLSelectElement>) => void
}) {
  return (
    <label className="flex min-w-0 flex-col gap-1 text-sm text-quiet">
      {label}
      <select
        aria-label={label}
        className="select min-h-11 w-full text-base text-base-content"
        value={value}
        onChange={onChange}
      >
        {options.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}
