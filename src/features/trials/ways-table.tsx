import { PartHeading } from '../../components/advice/why'
import { addDays } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { quantile } from '../../core/random'
import type { TrialResult, WayResult } from '../../core/trial'
import { formatDate } from '../../wording/dates'
import { capital } from '../../wording/names'
import { sayHours, sayMass, sayNumber, sayVolume } from '../../wording/say'
import { sayCost } from '../../wording/supplies'
import { massUnit } from './chart-values'
import { CAUSE_NAMES } from '../../wording/trials'
import type { TrialsView } from './queries'

type Trial = NonNullable<TrialsView['trial']>

/** What each way gives, loses and takes, side by side. */
export function WaysTable({
  trial,
  result,
  names,
  manner,
}: {
  trial: Trial
  result: TrialResult
  names: Readonly<Record<string, string>>
  manner: Manner
}) {
  const { count } = trial.planting
  const plants = count === 1 ? 'the plant' : `${count} plants`
  const { plant, plantMass } = massUnit(manner, 'plant')
  /** With the digits that tell ways apart. */
  const sayEven = (kg: number) => `${sayNumber(kg * plant, manner, 2)} ${plantMass}`
  const rows: { name: string; of: (way: WayResult) => string }[] = [
    {
      name: 'Sound ripe fruit per plant, middle season',
      of: ({ sound }) => sayEven(quantile(sound, 0.5)),
    },
    { name: 'First ripe fruit, middle season', of: ({ firstRipe }) => firstRipeOf(firstRipe, trial, manner) },
    { name: 'Green at frost, to ripen indoors', of: ({ indoors }) => sayEven(indoors) },
    { name: 'Average fruit', of: ({ fruitMass }) => sayMass(fruitMass, manner) },
    {
      name: 'Lost, and mostly to',
      of: ({ lost }) => {
        const all = Object.values(lost).reduce((sum, kg) => sum + kg, 0)
        const [most] = Object.entries(lost).sort(([, one], [, other]) => other - one)
        return all < 0.005 ? 'nothing' : `${sayEven(all)}, ${CAUSE_NAMES[most![0]]}`
      },
    },
    {
      name: 'Plants lost before anything ripens',
      of: ({ lostWhole }) => (lostWhole === 0 ? 'never' : `${lostWhole} of ${result.done} seasons`),
    },
    { name: 'Water you give per plant', of: ({ litres }) => sayVolume(litres, manner) },
    {
      name: `Supplies in a season for ${plants}, at your prices`,
      of: ({ id }) => sayCost(trial.ways.find((way) => way.id === id)!.cost, manner),
    },
    {
      name: `Work for ${plants}`,
      of: ({ minutes }) => sayHours((minutes * count) / 60, manner),
    },
  ]
  return (
    <section className="mt-4 max-w-full" aria-label="What each way takes">
      <PartHeading>What each way gives and takes</PartHeading>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="What each way gives and takes">
        <table className="w-full max-w-4xl border-collapse text-sm">
          <thead>
            <tr>
              <td />
              {result.ways.map(({ id }) => (
                <th key={id} scope="col" className="px-2 py-1 text-right font-semibold">
                  {capital(names[id]!)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, of }) => (
              <tr key={name} className="border-t border-base-300">
                <th scope="row" className="py-1 text-left font-normal">
                  {name}
                </th>
                {result.ways.map((way) => (
                  <td key={way.id} className="px-2 py-1 text-right tabular-nums">
                    {of(way)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

/** The middle of all seasons, those in which nothing ripens being the latest. */
function firstRipeOf(days: readonly (number | null)[], { start }: Trial, manner: Manner): string {
  const middle = quantile(
    days.map((day) => day ?? Number.MAX_SAFE_INTEGER),
    0.5,
  )
  const ripens = days.filter((day) => day !== null).length
  return ripens * 2 < days.length || middle > 1000
    ? `in ${ripens} of ${days.length} seasons`
    : formatDate(addDays(start, Math.round(middle)), manner)
}
