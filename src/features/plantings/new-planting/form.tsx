'use client'

import { useWatch } from 'react-hook-form'
import { ChoiceField, FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { trainingsFor, type Crop, type FruitType, type Habit } from '../../../core/crop'
import { SPACING_SCHOOLS, SUPPORTS, TYPICAL_CULTIVARS } from '../../../core/facts'
import { LAYINGS } from '../../../core/spacing'
import { supportFor } from '../../../core/support'
import { capital, nameOf, trainingName } from '../../../wording/names'
import { inEither } from '../../../wording/either'
import { plan } from '../actions'
import type { Choices, LastChosen } from './choices'
import { BeginsFields } from './begins-fields'
import { CultivarFields, cultivarChosen } from './cultivar-fields'
import { SpotsFields } from './spots-fields'
import { UNTOLD } from './untold'
import { useFollowing } from './use-following'
import { AS_USUAL, firstSpot, newOf, typicalOf, type PlantingValues } from './values'

/** A planting: how it begins, what it is, where and how many; how many fit is said while one types. */
export function NewPlantingForm({ choices }: { choices: Choices }) {
  const { manner, places, cultivars, seasons, last } = choices
  const start = cultivars.find(({ id }) => id === choices.cultivar) ?? cultivars[0]
  const usual = trainingsFor(start ?? TYPICAL_CULTIVARS[0]!)[0]!
  // The first place that nobody has yet.
  const isFree = ({ seasons: of }: Choices['places'][number]) =>
    of.find(({ season }) => season === choices.season)?.planned === ''
  const place = choices.place ?? (places.find(isFree) ?? places[0])?.id
  const first = firstSpot(place ?? newOf('bed'), choices.count, manner)
  const { form, submit, field, sending, busy, problem } = useCheckedForm<PlantingValues>({
    schema: async () => (await import('./schema')).chosenSchema(manner, choices.now),
    defaults: {
      ...UNTOLD,
      begins: choices.begins,
      spots: [first],
      cultivar: start?.id ?? typicalOf(TYPICAL_CULTIVARS[0]!.key),
      season: String(choices.season),
      training: usual,
      support: supportFor(usual),
      spacingSchool: choices.spacingSchool,
      ...(choices.like && methodOf(choices.like)),
    },
    send: plan,
  })
  const values = useWatch({ control: form.control }) as PlantingValues
  const chosen = values.differs === 'yes' ? null : cultivarChosen(values.cultivar, cultivars)
  const plant = chosen ?? {
    crop: values.crop as Crop,
    habit: values.crop === 'pepper' ? null : (values.habit as Habit),
    fruit: values.fruit as FruitType,
  }
  const trainings = trainingsFor(plant)
  const { follow, training, support } = useFollowing(form, field, trainings)
  const isSeed = values.begins === 'seed' || values.begins === 'seed-in-place'
  const sameAsLast = (same: LastChosen) => {
    for (const [name, value] of Object.entries({ ...methodOf(same), begins: same.begins, differs: '' }))
      form.setValue(name as keyof PlantingValues, value)
  }

  return (
    <form onSubmit={submit} noValidate className="max-w-4xl space-y-7" aria-label="New planting">
      <Part title="How they start">
        <BeginsFields
          begins={values.begins}
          got={values.got}
          field={field}
          manner={manner}
          now={choices.now}
        />
      </Part>
      <Part title="What">
        {last && (
          <button type="button" className="btn mb-3 min-h-11 bg-base-100" onClick={() => sameAsLast(last)}>
            Same as last: {last.words}
          </button>
        )}
        <CultivarFields form={form} field={field} values={values} choices={choices} follow={follow} />
      </Part>
      <Part title="Where, and how many">
        <SpotsFields
          form={form}
          field={field}
          values={values}
          choices={choices}
          plant={plant}
          trainings={trainings}
        />
      </Part>
      <Part title="How">
        <div className="grid gap-3 sm:grid-cols-3">
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
          <ChoiceField label="Laid" {...field('laying')}>
            <option value={AS_USUAL}>Automatic</option>
            {LAYINGS.map((laying) => (
              <option key={laying} value={laying}>
                {capital(nameOf(laying))}
              </option>
            ))}
          </ChoiceField>
        </div>
        <details className="mt-2">
          <summary className="min-h-11 cursor-pointer py-2">
            {isSeed ? 'Set your own distances and seed rates' : 'Set your own distances'}
          </summary>
          <div className="grid gap-3 sm:grid-cols-4">
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
            {values.support === 'cage' && (
              <TextField
                label="Across a cage"
                placeholder={inEither(manner, '60 cm', '2 ft')}
                {...field('ownCage')}
              />
            )}
            {isSeed && (
              <>
                <TextField label="Germination rate, %" {...field('germination')} />
                <TextField label="Seedling survival, %" {...field('survival')} />
              </>
            )}
          </div>
        </details>
      </Part>
      <FormError message={problem} />
      <button className="btn btn-primary min-h-12 px-6 text-base" disabled={busy}>
        {sending ? 'Working it out …' : values.begins === 'growing' ? 'Save' : 'Save and show dates'}
      </button>
    </form>
  )
}

/** What of another planting is taken again, beside how it begins. */
const methodOf = ({ cultivar, training, support, spacingSchool, ownInRow, ownLines }: LastChosen) => ({
  ...{ cultivar, training, support, spacingSchool, ownInRow, ownLines },
})

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-l-2 border-base-300 pl-4">
      <legend className="float-left mb-2 w-full font-serif text-lg font-semibold">{title}</legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  )
}
