import { TryIt } from '../../components/try-it'
import { PartHeading } from '../../components/advice/why'
import type { Training } from '../../core/crop'
import { formatMeasure } from '../../core/quantity'
import { trainingName } from '../../wording/names'
import { sayCount } from '../../wording/say'
import type { PlantView } from './queries'

/** † Leaf over ground up to which leaves dry soon, and from which they hardly do. */
const AIRY = 6.5
const DENSE = 7.8

/** What each system would leave on this plant by the season's end: the comparison that settles arguments. */
export function SystemsTable({ view }: { view: PlantView }) {
  const { systems, manner, training, plant } = view
  if (systems.length === 0) return null
  const best = Math.max(...systems.map(({ yield: crop }) => crop))
  const mass = (value: number) => formatMeasure({ kind: 'mass', value }, manner)
  return (
    <section aria-label="Pruning styles">
      <PartHeading>This plant in each pruning style, by the end of the season</PartHeading>
      <div className="table-room">
        <table className="cards w-full text-sm tabular-nums [&_td]:py-1.5 [&_td]:pr-3 [&_th]:pr-3 [&_tr]:border-b [&_tr]:border-base-300">
          <thead className="text-left text-sm text-quiet">
            <tr>
              <th>Style</th>
              <th className="text-right">Crop</th>
              <th className="text-right">Fruit</th>
              <th className="text-right">Each</th>
              <th className="text-right">Stems</th>
              <th className="text-right">Leaves</th>
              <th className="text-right">Cuts</th>
              <th>Air</th>
            </tr>
          </thead>
          <tbody>
            {systems.map((one) => (
              <tr key={one.system} className={one.system === training ? 'bg-base-200' : ''}>
                <th scope="row" className="text-left font-normal">
                  {nameOfWay(one.system, plant.bush)}
                  {one.system === training && <strong> · your style</strong>}
                </th>
                <td data-label="Crop" className={`text-right ${one.yield === best ? 'font-semibold' : ''}`}>
                  {mass(one.yield)}
                </td>
                <td data-label="Fruit" className="text-right">
                  {one.fruit}
                </td>
                <td data-label="Each" className="text-right">
                  {mass(one.fruitMass)}
                </td>
                <td data-label="Stems" className="text-right">
                  {one.stems}
                </td>
                <td data-label="Leaves" className="text-right">
                  {one.leaves}
                </td>
                <td data-label="Cuts" className="text-right">
                  {one.cuts}
                </td>
                <td data-label="Air">
                  {one.leafIndex <= AIRY
                    ? 'airy'
                    : one.leafIndex >= DENSE
                      ? 'dense, dries slowly'
                      : 'middling'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-1 text-sm text-quiet">
        The crop is that of the middle year: each style is grown on from today in the weather this season may
        still bring. Stems, leaves and cuts assume you prune every 10 days.{' '}
        {plant.bush && `${sayCount(1, 'row')} shows what a bush loses when it is pruned like a vine.`}
      </p>
      <div className="flex flex-wrap gap-x-6">
        <TryIt planting={view.plantingId} ask="stems" />
        {plant.crop === 'tomato' && <TryIt planting={view.plantingId} ask="skirt" />}
        {plant.crop === 'pepper' && <TryIt planting={view.plantingId} ask="flowers" />}
        {!plant.bush && plant.crop === 'tomato' && <TryIt planting={view.plantingId} ask="top" />}
      </div>
    </section>
  )
}

const nameOfWay = (system: Training, isBush: boolean) =>
  isBush && system === 'single-stem' ? 'pruned like a vine' : trainingName(system)
