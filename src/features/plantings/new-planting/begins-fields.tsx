import { DateField } from '../../../components/forms/date-field'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import type { IsoDate } from '../../../core/calendar'
import { CARRIES } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { WATERED_LATELY } from '../../../core/season'
import { BEGINNING_WORDS, CARRIES_NAMES, WATERED_NAMES } from '../../../wording/beginnings'
import { inEither } from '../../../wording/written'
import { BEGINNINGS, type PlantingValues } from './values'

type Field = (name: keyof PlantingValues) => {
  name: string
  error?: string
  defaultValue: string | undefined
  onChange: (event: React.ChangeEvent<HTMLInputElement | HTMLSelectElement>) => unknown
  onBlur: (event: React.FocusEvent<HTMLInputElement | HTMLSelectElement>) => unknown
  ref: (element: HTMLInputElement | HTMLSelectElement | null) => void
}

/** How a planting begins, and what is known of plants that nobody here raised from seed. */
export function BeginsFields({
  begins,
  got,
  field,
  manner,
  now,
}: {
  begins: string
  got: string
  field: Field
  manner: Manner
  now: IsoDate
}) {
  return (
    <>
      <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
        {BEGINNINGS.map((beginning) => (
          <label
            key={beginning}
            className="flex min-h-11 cursor-pointer items-start gap-3 border border-base-300 bg-base-100 px-3 py-2 has-checked:border-leaf has-checked:bg-base-200 has-focus-visible:outline-2"
          >
            <input
              type="radio"
              className="radio mt-0.5 radio-sm"
              {...field('begins')}
              value={beginning}
              defaultChecked={begins === beginning}
            />
            <span>
              <span className="block font-semibold">{BEGINNING_WORDS[beginning].name}</span>
              <span className="block text-sm leading-snug text-quiet">
                {BEGINNING_WORDS[beginning].means}
              </span>
            </span>
          </label>
        ))}
      </div>
      <div className="mt-3 grid gap-3 sm:grid-cols-3">
        {(begins === 'seed' || begins === 'seed-in-place') && (
          <DateField
            label="Sown on"
            hint="Empty: not sown yet"
            manner={manner}
            last={now}
            {...field('sownOn')}
          />
        )}
        {begins === 'bought' && (
          <ChoiceField label="You have them" {...field('got')}>
            <option value="now">already</option>
            <option value="later">not yet</option>
          </ChoiceField>
        )}
        {begins === 'growing' && (
          <DateField
            label="Growing here since"
            hint="Empty: worked out from their size"
            manner={manner}
            last={now}
            {...field('since')}
          />
        )}
        {begins === 'bought' && got === 'now' && (
          <TextField
            label="Their pots hold"
            placeholder={inEither(manner, '0.5 L', '1 pt')}
            hint="If you know it"
            {...field('potVolume')}
          />
        )}
        {(begins === 'growing' || (begins === 'bought' && got === 'now')) && (
          <>
            <TextField
              label="How tall, roughly"
              placeholder={inEither(manner, '60 cm', '2 ft')}
              {...field('height')}
            />
            {begins === 'bought' && (
              <TextField label="Leaves on the stem" hint="If you count them" {...field('leaves')} />
            )}
            <ChoiceField label="They carry" {...field('carries')}>
              {CARRIES.map((carries) => (
                <option key={carries} value={carries}>
                  {CARRIES_NAMES[carries]}
                </option>
              ))}
            </ChoiceField>
          </>
        )}
        {begins === 'growing' && (
          <ChoiceField label="Watered lately?" {...field('watered')}>
            {WATERED_LATELY.map((often) => (
              <option key={often} value={often}>
                {WATERED_NAMES[often]}
              </option>
            ))}
          </ChoiceField>
        )}
      </div>
    </>
  )
}
