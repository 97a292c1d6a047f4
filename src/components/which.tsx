import { ask } from './question'

/** A field that two hands changed, with both values in words. */
export interface FieldConflict {
  name: string
  mine: string
  theirs: string
}

/** Asks whose values are kept where two hands changed the same; null: neither, for now. */
export const whichToKeep = (
  about: string,
  fields: readonly FieldConflict[],
): Promise<'mine' | 'theirs' | null> =>
  ask({
    heading: `${about} was changed in another window`,
    body: <Conflicts fields={fields} />,
    answers: [
      { name: 'Keep mine', is: 'mine' },
      { name: 'Keep theirs', is: 'theirs' },
      { name: 'Cancel', is: null, quiet: true },
    ],
    otherwise: null,
  })

function Conflicts({ fields }: { fields: readonly FieldConflict[] }) {
  return (
    <>
      <p>Nothing is saved yet. Which values do you want to keep?</p>
      <div className="mt-3 overflow-x-auto">
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="text-sm text-quiet">
              <td className="pr-4" />
              <th scope="col" className="pr-4 font-normal">
                Yours
              </th>
              <th scope="col" className="font-normal">
                Saved elsewhere
              </th>
            </tr>
          </thead>
          <tbody>
            {fields.map(({ name, mine, theirs }) => (
              <tr key={name} className="border-t border-base-300">
                <th scope="row" className="py-2 pr-4 font-normal text-quiet">
                  {name}
                </th>
                <td className="py-2 pr-4 font-semibold">{mine}</td>
                <td className="py-2 font-semibold">{theirs}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  )
}
