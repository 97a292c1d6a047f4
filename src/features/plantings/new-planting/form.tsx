'use client'

import { useWatch } from 'react-hook-form'
import { ChoiceField, FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import {
  HABITS,
  PEPPER_FRUITS,
  TOMATO_FRUITS,
  trainingsFor,
  type Crop,
  type FruitType,
  type Habit,
} from '../../../core/crop'
import { SPACING_SCHOOLS, SUPPORTS, USUAL_SEED, type PlaceKind } from '../../../core/facts'
import { supportFor } from '../../../core/support'
import { LAYINGS, usualLaying } from '../../../core/spacing'
import { capital, nameOf, trainingName } from '../../../wording/names'
import { sayLength } from '../../../wording/say'
import { plan } from '../actions'
import type { Choices } from '../queries'
import { Fit } from '../shown-later'
import { BeginsFields } from './begins-fields'
import { useFollowing } from './use-following'
import { NEW, NEW_PLACES, type PlantingValues } from './values'
import { inEither } from '../../../wording/written'

/** A planting: where, what, how many; how many fit is said while one types. */
export function NewPlantingForm({ choices }: { choices: Choices }) {
  const { manner, places, cultivars, seasons } = choices
  const usual = cultivars[0] ? trainingsFor(cultivars[0])[0]! : 'two-stems'
  const { form, submit, field, sending, busy, problem } = useCheckedForm<PlantingValues>({
    schema: async () => (await import('./schema')).chosenSchema(manner, choices.now),
    defaults: {
      place: places[0]?.id ?? NEW,
      placeName: '',
      placeKind: 'bed',
      placeLength: inEither(manner, '3 m', '10 ft'),
      placeWidth: inEither(manner, '1.2 m', '4 ft'),
      cultivar: cultivars[0]?.id ?? NEW,
      cultivarName: '',
      crop: 'tomato',
      habit: 'indeterminate',
      fruit: 'slicer',
      daysToMaturity: '',
      maturityFrom: 'transplanting',
      begins: choices.begins,
      sownOn: '',
      got: 'now',
      potVolume: '',
      height: '',
      leaves: '',
      carries: 'nothing',
      since: '',
      watered: 'every-few-days',
      season: String(choices.season),
      count: '6',
      ownInRow: '',
      ownLines: '',
      anyway: '',
      training: usual,
      support: supportFor(usual),
      spacingSchool: choices.spacingSchool,
      laying: usualLaying(places[0] ?? { kind: 'bed' }),
      germination: String(100 * USUAL_SEED.germination),
      survival: String(100 * USUAL_SEED.survival),
    },
    send: plan,
  })
  const values = useWatch({ control: form.control }) as PlantingValues
  const known = cultivars.find(({ id }) => id === values.cultivar)
  const typedPlant = {
    crop: values.crop as Crop,
    habit: values.crop === 'pepper' ? null : (values.habit as Habit),
    fruit: values.fruit as FruitType,
  }
  const plant = known ?? typedPlant
  const cultivarField = field('cultivar')
  const habitField = field('habit')
  const trainings = trainingsFor(plant)
  const isNewPlace = values.place === NEW
  const isNewCultivar = values.cultivar === NEW
  const fruits = values.crop === 'pepper' ? PEPPER_FRUITS : TOMATO_FRUITS
  const cropField = field('crop')
  const placeField = field('place')
  const placeKindField = field('placeKind')
  const kindOf = (placeId: string) => places.find(({ id }) => id === placeId)?.kind
  const kind = kindOf(values.place) ?? (values.placeKind as PlaceKind)
  const { follow, training, support } = useFollowing(form, field, trainings)
  const layAsUsual = (place: PlaceKind) => form.setValue('laying', usualLaying({ kind: place }))

  return (
    <form onSubmit={submit} noValidate className="max-w-3xl space-y-7" aria-label="New planting">
      <Part title="How they begin">
        <BeginsFields
          begins={values.begins}
          got={values.got}
          field={field}
          manner={manner}
          now={choices.now}
        />
      </Part>
      <Part title="Where">
        <ChoiceField
          label="Place"
          {...placeField}
          onChange={(event) => {
            layAsUsual(kindOf(event.target.value) ?? (values.placeKind as PlaceKind))
            return placeField.onChange(event)
          }}
        >
          {places.map(({ id, name, kind, length, width }) => (
            <option key={id} value={id}>
              {name}: {nameOf(kind)}, {sayLength(length, manner)} × {sayLength(width, manner)}
            </option>
          ))}
          <option value={NEW}>A new place …</option>
        </ChoiceField>
        {isNewPlace && (
          <div className="mt-3 grid gap-3 sm:grid-cols-4">
            <TextField label="Name of the place" {...field('placeName')} />
            <ChoiceField
              label="It is a"
              {...placeKindField}
              onChange={(event) => {
                layAsUsual(event.target.value as PlaceKind)
                return placeKindField.onChange(event)
              }}
            >
              {NEW_PLACES.map((kind) => (
                <option key={kind} value={kind}>
                  {capital(nameOf(kind))}
                </option>
              ))}
            </ChoiceField>
            <TextField label="Length" {...field('placeLength')} />
            <TextField label="Width" {...field('placeWidth')} />
          </div>
        )}
      </Part>
      <Part title="What">
        <ChoiceField
          label="Cultivar"
          {...cultivarField}
          onChange={(event) => {
            follow(cultivars.find(({ id }) => id === event.target.value) ?? typedPlant)
            return cultivarField.onChange(event)
          }}
        >
          {cultivars.map(({ id, name, crop, fruit }) => (
            <option key={id} value={id}>
              {name}: {nameOf(fruit)} {crop}
            </option>
          ))}
          <option value={NEW}>A new cultivar …</option>
        </ChoiceField>
        {isNewCultivar && (
          <div className="mt-3 grid gap-3 sm:grid-cols-3">
            <TextField label="Name of the cultivar" {...field('cultivarName')} />
            <ChoiceField
              label="Crop"
              {...cropField}
              onChange={(event) => {
                // The other crop has other fruit: the first of its own stands until one is chosen.
                const own = event.target.value === 'pepper' ? PEPPER_FRUITS : TOMATO_FRUITS
                form.setValue('fruit', own[0]!)
                follow({ crop: event.target.value as Crop, habit: values.habit as Habit })
                return cropField.onChange(event)
              }}
            >
              <option value="tomato">Tomato</option>
              <option value="pepper">Pepper</option>
            </ChoiceField>
            <ChoiceField label="Fruit" {...field('fruit')}>
              {fruits.map((fruit) => (
                <option key={fruit} value={fruit}>
                  {capital(nameOf(fruit))}
                </option>
              ))}
            </ChoiceField>
            {values.crop !== 'pepper' && (
              <ChoiceField
                label="Habit"
                {...habitField}
                onChange={(event) => {
                  follow({ crop: 'tomato', habit: event.target.value as Habit })
                  return habitField.onChange(event)
                }}
              >
                {HABITS.map((habit) => (
                  <option key={habit} value={habit}>
                    {capital(nameOf(habit))}
                  </option>
                ))}
              </ChoiceField>
            )}
            <TextField
              label="Days to maturity"
              hint="From the packet; empty: the type’s usual"
              inputMode="numeric"
              {...field('daysToMaturity')}
            />
            <ChoiceField label="Counted from" {...field('maturityFrom')}>
              <option value="transplanting">transplanting</option>
              <option value="sowing">sowing</option>
            </ChoiceField>
          </div>
        )}
      </Part>
      <Part title="How many, and how">
        <div className="grid gap-3 sm:grid-cols-3">
          <TextField label="Plants wanted" inputMode="numeric" {...field('count')} />
          {values.begins !== 'growing' && (
            <ChoiceField label="Season" {...field('season')}>
              {seasons.map((season) => (
                <option key={season} value={season}>
                  {season}
                </option>
              ))}
            </ChoiceField>
          )}
          <ChoiceField label="Pruning style" {...training}>
            {trainings.map((style) => (
              <option key={style} value={style}>
                {capital(trainingName(style))}
              </option>
            ))}
          </ChoiceField>
          <ChoiceField label="Support" {...support}>
            {SUPPORTS.map((held) => (
              <option key={held} value={held}>
                {capital(nameOf(held))}
              </option>
            ))}
          </ChoiceField>
          <ChoiceField label="Spacing" {...field('spacingSchool')}>
            {SPACING_SCHOOLS.map((school) => (
              <option key={school} value={school}>
                {capital(nameOf(school))}
              </option>
            ))}
          </ChoiceField>
          {kind !== 'container' && (
            <ChoiceField label="Laid" {...field('laying')}>
              {LAYINGS.map((laying) => (
                <option key={laying} value={laying}>
                  {capital(nameOf(laying))}
                </option>
              ))}
            </ChoiceField>
          )}
        </div>
        <details className="mt-2">
          <summary className="min-h-11 cursor-pointer py-2">Set your own distances</summary>
          <div className="grid gap-3 sm:grid-cols-3">
            <TextField
              label="Between plants in the row"
              placeholder={inEither(manner, '45 cm', '18 in')}
              {...field('ownInRow')}
            />
            <TextField
              label="Between rows"
              placeholder={inEither(manner, '60 cm', '2 ft')}
              {...field('ownLines')}
            />
          </div>
        </details>
        <Fit
          values={values}
          plant={plant}
          trainings={trainings}
          choices={choices}
          anyway={(label) => (
            <label className="flex min-h-11 items-center gap-3 font-semibold">
              <input
                type="checkbox"
                className="checkbox"
                checked={values.anyway === 'yes'}
                onChange={({ target }) => form.setValue('anyway', target.checked ? 'yes' : '')}
              />
              {label}
            </label>
          )}
        />
      </Part>
      {(values.begins === 'seed' || values.begins === 'seed-in-place') && (
        <Part title="Seed">
          <div className="grid gap-3 sm:grid-cols-4">
            <TextField label="Seeds that come up, %" {...field('germination')} />
            <TextField label="Seedlings that live, %" {...field('survival')} />
          </div>
        </Part>
      )}
      <FormError message={problem} />
      <button className="btn btn-primary min-h-12 px-6 text-base" disabled={busy}>
        {sending ? 'Working it out …' : 'Save and show dates'}
      </button>
    </form>
  )
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-l-2 border-base-300 pl-4">
      <legend className="float-left mb-2 w-full font-serif text-lg font-semibold">{title}</legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  )
}
