import type { UseFormReturn } from 'react-hook-form'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { HABITS, PEPPER_FRUITS, TOMATO_FRUITS, type Crop, type Habit } from '../../../core/crop'
import { TYPICAL_CULTIVARS, type GardenCultivar } from '../../../core/facts'
import { capital, nameOf } from '../../../wording/names'
import { inEither } from '../../../wording/either'
import type { Choices } from './choices'
import type { FieldOf } from './field'
import type { Followed } from './use-following'
import { NEW, typicalOf, type PlantingValues } from './values'

/** The cultivar that is chosen: the garden's own or a typical one; null: it is told here. */
export const cultivarChosen = (
  id: string,
  cultivars: readonly GardenCultivar[],
): Omit<GardenCultivar, 'id'> | null =>
  cultivars.find((own) => own.id === id) ?? TYPICAL_CULTIVARS.find(({ key }) => typicalOf(key) === id) ?? null

/** What grows: one of the garden's cultivars, one that is typical of its type, the same but for something, or another. */
export function CultivarFields({
  form,
  field,
  values,
  choices,
  follow,
}: {
  form: UseFormReturn<PlantingValues>
  field: FieldOf
  values: PlantingValues
  choices: Choices
  follow: (plant: Followed) => void
}) {
  const { cultivars } = choices
  const cultivarField = field('cultivar')
  const chosen = cultivarChosen(values.cultivar, cultivars)
  const isTold = values.cultivar === NEW || values.differs === 'yes'
  /** What is told here begins as the one that is chosen. */
  const tellFrom = (like: Omit<GardenCultivar, 'id'>) => {
    form.setValue('crop', like.crop)
    form.setValue('fruit', like.fruit)
    form.setValue('habit', like.habit ?? 'indeterminate')
    form.setValue('daysToMaturity', like.daysToMaturity === null ? '' : String(like.daysToMaturity))
    form.setValue('maturityFrom', like.maturityFrom)
    form.setValue('ripeColour', like.ripeColour)
    form.setValue('grafted', like.grafted ? 'yes' : '')
    form.setValue('differs', 'yes')
  }
  return (
    <>
      <ChoiceField
        label="Cultivar"
        {...cultivarField}
        onChange={(event) => {
          const next = cultivarChosen(event.target.value, cultivars)
          form.setValue('differs', '')
          if (next) follow(next)
          else follow({ crop: values.crop as Crop, habit: values.habit as Habit })
          return cultivarField.onChange(event)
        }}
      >
        {cultivars.length > 0 && (
          <optgroup label="Yours">
            {cultivars.map(({ id, name, crop, fruit }) => (
              <option key={id} value={id}>
                {name}: {nameOf(fruit)} {crop}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label="By type, typical values">
          {TYPICAL_CULTIVARS.map(({ key, name, habit, daysToMaturity }) => (
            <option key={key} value={typicalOf(key)}>
              {name}
              {habit ? `: ${nameOf(habit)}` : ''}, {daysToMaturity} days
            </option>
          ))}
        </optgroup>
        <option value={NEW}>A new cultivar …</option>
      </ChoiceField>
      {chosen && (
        <p className="mt-1 text-sm text-quiet">
          {[
            capital(nameOf(chosen.fruit)),
            chosen.habit && nameOf(chosen.habit),
            chosen.daysToMaturity !== null && `${chosen.daysToMaturity} days from ${chosen.maturityFrom}`,
            chosen.ripeColour && `ripe ${chosen.ripeColour}`,
            chosen.grafted && 'grafted',
          ]
            .filter(Boolean)
            .join(', ')}
          . {chosen.notes}
          {values.differs !== 'yes' && (
            <button
              type="button"
              className="link ml-2 pointer-coarse:min-h-11"
              onClick={() => tellFrom(chosen)}
            >
              Start from this one …
            </button>
          )}
        </p>
      )}
      {isTold && (
        <div className="mt-3 grid gap-3 sm:grid-cols-3">
          <TextField
            label="Name of the cultivar"
            hint="Leave blank to name it by its type"
            {...field('cultivarName')}
          />
          <CropFields form={form} field={field} values={values} follow={follow} />
          <TextField
            label="Days to maturity"
            hint="From the seed packet. Leave blank for a typical value."
            inputMode="numeric"
            {...field('daysToMaturity')}
          />
          <ChoiceField label="Counted from" {...field('maturityFrom')}>
            <option value="transplanting">transplanting</option>
            <option value="sowing">sowing</option>
          </ChoiceField>
          <TextField label="Color when ripe" {...field('ripeColour')} />
          <label className="flex min-h-11 items-center gap-3 sm:mt-6">
            <input
              type="checkbox"
              className="checkbox"
              checked={values.grafted === 'yes'}
              onChange={({ target }) => form.setValue('grafted', target.checked ? 'yes' : '')}
            />
            Grafted plants
          </label>
          {values.grafted === 'yes' && (
            <TextField
              label="Height of the graft above the soil"
              placeholder={inEither(choices.manner, '8 cm', '3 in')}
              hint="Keep it above the soil when you plant"
              {...field('unionHeight')}
            />
          )}
        </div>
      )}
    </>
  )
}

/** Crop, fruit and habit: the other crop has other fruit, and no habit. */
function CropFields({
  form,
  field,
  values,
  follow,
}: {
  form: UseFormReturn<PlantingValues>
  field: FieldOf
  values: PlantingValues
  follow: (plant: Followed) => void
}) {
  const [cropField, habitField] = [field('crop'), field('habit')]
  const fruits = values.crop === 'pepper' ? PEPPER_FRUITS : TOMATO_FRUITS
  return (
    <>
      <ChoiceField
        label="Crop"
        {...cropField}
        onChange={(event) => {
          // The first of its own fruit stands until one is chosen.
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
          hint={
            values.habit === 'dwarf'
              ? 'A packet may call this “indeterminate dwarf”. It fruits until frost, but stays short and you prune it like a bush.'
              : undefined
          }
          {...habitField}
          onChange={(event) => {
            follow({ crop: 'tomato', habit: event.target.value as Habit })
            return habitField.onChange(event)
          }}
        >
          {HABITS.map((habit) => (
            <option key={habit} value={habit}>
              {habit === 'dwarf' ? 'Dwarf (also “indeterminate dwarf”)' : capital(nameOf(habit))}
            </option>
          ))}
        </ChoiceField>
      )}
    </>
  )
}
