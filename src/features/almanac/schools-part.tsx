import { PartHeading } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import { written } from '../../wording/written'
import type { OTHER_SCHOOLS } from '../../wording/schools'

/** Matters that are chosen planting by planting, or only told, with the case and cost of each school. */
export function SchoolsPart({ schools, manner }: { schools: typeof OTHER_SCHOOLS; manner: Manner }) {
  return schools.map(({ matter, house, schools: all }) => (
    <section key={matter} aria-label={matter}>
      <PartHeading>{matter}</PartHeading>
      <p className="text-sm text-quiet">Here: {house}</p>
      <ul>
        {all.map(({ name, gains, costs }) => (
          <li key={name} className="border-t border-base-300 py-1.5">
            <strong>{name}</strong>. {written(gains, manner)}{' '}
            <span className="text-quiet">Drawback: {written(costs, manner)}</span>
          </li>
        ))}
      </ul>
    </section>
  ))
}
