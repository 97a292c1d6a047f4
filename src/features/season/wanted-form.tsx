import { useMemo } from 'react'
import { object, string } from 'yup'
import { ChoiceField, FormError, TextField } from '../../components/forms/fields'
import { useCheckedForm } from '../../components/forms/use-checked-form'
import { MOST_PLANTS } from '../../core/bounds'
import { TYPICAL_CULTIVARS } from '../../core/facts'
import type { Result } from '../../core/result'
import { wholeField } from '../../wording/fields'
import { sayCount } from '../../wording/say'
import type { SeasonView } from './queries'

/** A cultivar, and how many of it are wanted. */
export function WantedForm({
  choices,
  onAdd,
}: {
  choices: SeasonView['wanted']['choices']
  onAdd: (cultivar: string, count: number) => Promise<Result>
}) {
  const seeded = choices.filter(({ seeds }) => seeds > 0)
  const schema = useMemo(
    () =>
      object({
        cultivar: string().required('Choose a cultivar.'),
        count: wholeField(1, MOST_PLANTS, 'how many you want'),
      }),
    [],
  )
  const { form, submit, field, busy, problem } = useCheckedForm<{ cultivar: string; count: string }>({
    schema,
    defaults: { cultivar: (seeded[0] ?? choices[0])?.id ?? TYPICAL_CULTIVARS[0]!.key, count: '' },
    send: async (typed) => {
      const { cultivar, count } = schema.validateSync(typed)
      const answer = await onAdd(cultivar, count)
      if (!answer.ok) return { form: answer.message }
      form.setValue('count', '')
    },
  })
  return (
    <form onSubmit={submit} noValidate aria-label="Add to what you want" className="mt-2">
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-64">
          <ChoiceField label="Cultivar" {...field('cultivar')}>
            {seeded.length > 0 && (
              <optgroup label="In your seed box">
                {seeded.map(({ id, name, seeds }) => (
                  <option key={id} value={id}>
                    {name}, {sayCount(seeds, 'seed')}
                  </option>
                ))}
              </optgroup>
            )}
            {choices
              .filter(({ seeds }) => seeds === 0)
              .map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            <optgroup label="By type, typical values">
              {TYPICAL_CULTIVARS.map(({ key, name }) => (
                <option key={key} value={key}>
                  {name}
                </option>
              ))}
            </optgroup>
          </ChoiceField>
        </div>
        <div className="w-24">
          <TextField label="How many" inputMode="numeric" {...field('count')} />
        </div>
        <button className="btn min-h-11 bg-base-100" disabled={busy}>
          Add to the list
        </button>
      </div>
      <FormError message={problem} />
    </form>
  )
}
