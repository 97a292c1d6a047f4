import { Plus, X } from 'lucide-react'
import { useFieldArray, type UseFormReturn } from 'react-hook-form'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import type { Cultivar, Training } from '../../../core/crop'
import { capital, nameOf } from '../../../wording/names'
import { sayLength } from '../../../wording/say'
import { inEither } from '../../../wording/either'
import type { Choices } from './choices'
import { Fit } from '../shown-later'
import type { FieldOf } from './field'
import { firstSpot, kindChosen, NEW_PLACES, newOf, type NewPlaceKind, type PlantingValues } from './values'

/** Where the plants go, and how many: a place a line, new ones as many at once as there are. */
export function SpotsFields({
  form,
  field,
  values,
  choices,
  plant,
  trainings,
}: {
  form: UseFormReturn<PlantingValues>
  field: FieldOf
  values: PlantingValues
  choices: Choices
  plant: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>
  trainings: readonly Training[]
}) {
  const { manner, places } = choices
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'spots' })
  return (
    <>
      <ol className="space-y-4">
        {fields.map(({ id }, at) => {
          const spot = values.spots[at]
          if (!spot) return null
          const kind = kindChosen(spot.place)
          const placeField = field(`spots.${at}.place`)
          const many = kind && spot.many.trim() !== '1'
          return (
            <li key={id} className={at > 0 ? 'border-t border-base-300 pt-3' : ''}>
              <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-[repeat(4,minmax(0,1fr))_auto]">
                <div className="col-span-2">
                  <ChoiceField
                    label="Place"
                    {...placeField}
                    onChange={(event) => {
                      setSize(at, kindChosen(event.target.value))
                      return placeField.onChange(event)
                    }}
                  >
                    {places.map(({ id: placeId, name, kind: of, length, width }) => (
                      <option key={placeId} value={placeId}>
                        {name}: {nameOf(of)}, {sayLength(length, manner)} × {sayLength(width, manner)}
                      </option>
                    ))}
                    {NEW_PLACES.map((of) => (
                      <option key={of} value={newOf(of)}>
                        New {nameOf(of)} …
                      </option>
                    ))}
                  </ChoiceField>
                </div>
                <TextField
                  label={many ? 'Plants in each' : 'How many plants'}
                  inputMode="numeric"
                  {...field(`spots.${at}.count`)}
                />
                {kind && (
                  <TextField
                    label={`How many ${nameOf(kind)}s`}
                    inputMode="numeric"
                    {...field(`spots.${at}.many`)}
                  />
                )}
                {fields.length > 1 && (
                  <button
                    type="button"
                    className="btn mt-6 min-h-11 bg-base-100 px-3 sm:col-start-5"
                    aria-label={`Remove line ${at + 1}`}
                    onClick={() => remove(at)}
                  >
                    <X aria-hidden size={18} />
                  </button>
                )}
              </div>
              {kind && (
                <div className="mt-2 grid gap-3 sm:grid-cols-4">
                  {kind === 'container' ? (
                    <>
                      <TextField
                        label="Each holds"
                        placeholder={inEither(manner, '40 L', '10 gal')}
                        {...field(`spots.${at}.litres`)}
                      />
                      <TextField
                        label="Width across (optional)"
                        placeholder={inEither(manner, '38 cm', '15 in')}
                        {...field(`spots.${at}.length`)}
                      />
                    </>
                  ) : (
                    <>
                      <TextField
                        label="Length"
                        placeholder={inEither(manner, '3 m', '10 ft')}
                        {...field(`spots.${at}.length`)}
                      />
                      <TextField
                        label="Width"
                        placeholder={inEither(manner, '1.2 m', '4 ft')}
                        {...field(`spots.${at}.width`)}
                      />
                    </>
                  )}
                  <div className="sm:col-span-2">
                    <TextField
                      label="Name of the place"
                      placeholder={many ? `${capital(nameOf(kind))} 1, ${capital(nameOf(kind))} 2 …` : ''}
                      hint="Leave blank to name it by its kind"
                      {...field(`spots.${at}.name`)}
                    />
                  </div>
                </div>
              )}
              <Fit
                values={values}
                spot={spot}
                plant={plant}
                trainings={trainings}
                choices={choices}
                anyway={(label) => (
                  <label className="flex min-h-11 items-center gap-3 font-semibold">
                    <input
                      type="checkbox"
                      className="checkbox"
                      checked={spot.anyway === 'yes'}
                      onChange={({ target }) =>
                        form.setValue(`spots.${at}.anyway`, target.checked ? 'yes' : '')
                      }
                    />
                    {label}
                  </label>
                )}
              />
            </li>
          )
        })}
      </ol>
      <button
        type="button"
        className="btn mt-3 min-h-11 bg-base-100"
        onClick={() => append(firstSpot(nextPlace(), '1', manner))}
      >
        <Plus aria-hidden size={18} /> And in another place
      </button>
    </>
  )

  /** A new place comes as large as most are. */
  function setSize(at: number, kind: NewPlaceKind | null): void {
    if (!kind) return
    const size = firstSpot(newOf(kind), '', manner)
    for (const name of ['litres', 'length', 'width'] as const)
      form.setValue(`spots.${at}.${name}`, size[name])
  }

  /** The next place that is in no line yet; where all are, a new pot. */
  function nextPlace(): string {
    const taken = new Set(values.spots.map(({ place }) => place))
    return places.find(({ id }) => !taken.has(id))?.id ?? newOf('container')
  }
}
