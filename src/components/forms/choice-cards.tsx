import type { FieldOfForm } from './use-fields'

/** A few choices side by side, each with what it means. */
export function ChoiceCards<Id extends string>({
  legend,
  choices,
  field,
  className = 'sm:grid-cols-2',
}: {
  legend: string
  choices: readonly { id: Id; name: string; means: string }[]
  field: FieldOfForm
  className?: string
}) {
  const { defaultValue: first, ...radio } = field
  return (
    <fieldset>
      <legend className="sr-only">{legend}</legend>
      <div className={`grid gap-2 ${className}`}>
        {choices.map(({ id, name, means }) => (
          <label
            key={id}
            className="flex min-h-11 cursor-pointer items-start gap-3 border border-base-300 bg-base-100 px-3 py-2 has-checked:border-leaf has-checked:bg-base-200 has-focus-visible:outline-2"
          >
            <input
              type="radio"
              className="radio mt-0.5 radio-sm"
              {...radio}
              value={id}
              defaultChecked={first === id}
            />
            <span>
              <span className="block font-semibold">{name}</span>
              <span className="block text-sm leading-snug text-quiet">{means}</span>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  )
}
