import { ChoiceCards } from '../../../components/forms/choice-cards'
import { DateField } from '../../../components/forms/date-field'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import type { IsoDate } from '../../../core/calendar'
import { CARRIES } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { WATERED_LATELY } from '../../../core/season'
import { BEGINNING_WORDS, CARRIES_NAMES, WATERED_NAMES } from '../../../wording/beginnings'
import { inEither } from '../../../wording/either'
import type { FieldOf } from './field'
import { BEGINNINGS } from './values'

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
  field: FieldOf
  manner: Manner
  now: IsoDate
}) {
  return (
    <>
      <ChoiceCards
        legend="How they start"
        choices={BEGINNINGS.map((id) => ({ id, ...BEGINNING_WORDS[id] }))}
        field={field('begins')}
        className="sm:grid-cols-2 lg:grid-cols-4"
      />
      <div className="mt-3 grid items-start gap-3 sm:grid-cols-4">
        {(begins === 'seed' || begins === 'seed-in-place') && (
          <DateField
            label="Sown on"
            hint="Leave blank if not sown yet"
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
            hint="Leave blank to estimate from their size"
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
            <ChoiceField label="They have" {...field('carries')}>
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
