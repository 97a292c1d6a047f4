'use client'

import { useAct } from '../../components/act/use-act'
import { DataTable, type Column } from '../../components/table/data-table'
import type { Manner } from '../../core/facts'
import { massAnHour, VERDICTS, type CropSum } from '../../core/harvest'
import { formatMeasure } from '../../core/quantity'
import { VERDICT_NAMES } from '../../wording/entries'
import { capital } from '../../wording/names'
import { sayHours, sayMass } from '../../wording/say'
import { sayCost } from '../../wording/supplies'
import type { ReviewLine, ReviewView } from './review-queries'

const saySound = ({ sound }: CropSum, manner: Manner) =>
  sound === null ? 'not counted' : formatMeasure({ kind: 'share', value: sound }, manner)

/** What each planting gave, set in order by any of it, with what is to become of it. */
export function PlantingsTable({ view }: { view: ReviewView }) {
  const { manner, lines } = view
  const bore = ({ sum }: ReviewLine) => sum.mass > 0
  const measured = (
    id: string,
    heading: string,
    of: (line: ReviewLine) => number | null,
    say: (line: ReviewLine) => string,
  ): Column<ReviewLine> => ({
    id,
    heading,
    value: (line) => (bore(line) ? of(line) : null),
    cell: (line) => (bore(line) ? say(line) : ''),
  })
  const mass = (id: string, heading: string, of: (line: ReviewLine) => number) =>
    measured(id, heading, of, (line) => sayMass(of(line), manner))
  return (
    <DataTable
      label="Plantings"
      rows={lines}
      keyOf={({ id }) => id}
      first={{ id: 'plant', desc: true }}
      columns={[
        {
          id: 'planting',
          heading: 'Planting',
          isName: true,
          value: ({ cultivar, place }) => `${cultivar}, ${place}`,
          cell: ({ cultivar, place, when }) => (
            <>
              {cultivar}, {place}
              <span className="block text-sm font-normal text-quiet">{when || 'not picked yet'}</span>
            </>
          ),
        },
        { id: 'plants', heading: 'Plants', value: ({ sum }) => sum.plants, cell: ({ sum }) => sum.plants },
        mass('picked', 'Picked', ({ sum }) => sum.mass),
        mass('plant', 'A plant', ({ sum }) => sum.aPlant),
        mass('area', 'Per area', ({ sum }) => sum.aSquareMetre),
        measured(
          'sound',
          'Sound',
          ({ sum }) => sum.sound,
          ({ sum }) => saySound(sum, manner),
        ),
        measured(
          'work',
          'Work',
          ({ hours }) => hours,
          ({ hours }) => sayHours(hours, manner),
        ),
        mass('hour', 'Per hour', ({ sum, hours }) => massAnHour(sum.mass, hours)),
        measured(
          'cost',
          'Cost',
          // What has no price yet is not the cheapest.
          ({ cost }) => (cost.open && cost.cost === 0 ? null : cost.cost),
          ({ cost }) => sayCost(cost, manner),
        ),
        { id: 'next', heading: 'Next season', cell: (line) => <Verdict line={line} view={view} /> },
      ]}
      under={({ plants }) =>
        plants.length > 0 && (
          <p className="text-sm text-quiet">
            By plant: {plants.map((one) => `${one.label} ${sayMass(one.mass, manner)}`).join(', ')}
          </p>
        )
      }
    />
  )
}

function Verdict({ line, view }: { line: ReviewLine; view: ReviewView }) {
  const { busy, isAhead, act } = useAct(view)
  return (
    <span className="join" role="group" aria-label={`${line.cultivar}, ${line.place}: next season`}>
      {VERDICTS.map((verdict) => (
        <button
          key={verdict}
          type="button"
          className={`btn join-item min-h-11 px-3 ${line.verdict === verdict ? 'btn-active font-semibold' : 'bg-base-100'}`}
          aria-pressed={line.verdict === verdict}
          disabled={busy || isAhead}
          onClick={() =>
            void act({
              entries: [{ subject: { type: 'planting', id: line.id }, kind: 'judged', data: { verdict } }],
              said: `${line.cultivar} next season: ${VERDICT_NAMES[verdict]}.`,
            })
          }
        >
          {capital(VERDICT_NAMES[verdict])}
        </button>
      ))}
    </span>
  )
}

/** What a plant of each cultivar gave, season beside season. */
export function CultivarsTable({ view }: { view: ReviewView }) {
  const { manner, cultivars, seasons } = view
  const sumIn = ({ seasons: own }: ReviewView['cultivars'][number], year: number) =>
    own.find(({ season }) => season === year)?.sum
  return (
    <DataTable
      label="Cultivars"
      rows={cultivars}
      keyOf={({ name }) => name}
      first={{ id: 'name', desc: false }}
      columns={[
        {
          id: 'name',
          heading: 'Cultivar',
          isName: true,
          value: ({ name }) => name,
          cell: ({ name }) => name,
        },
        ...seasons.map((year): Column<ReviewView['cultivars'][number]> => ({
          id: String(year),
          heading: `${year}, a plant`,
          value: (cultivar) => sumIn(cultivar, year)?.aPlant ?? null,
          cell: (cultivar) => {
            const sum = sumIn(cultivar, year)
            return (
              sum && (
                <>
                  {sayMass(sum.aPlant, manner)} <span className="text-quiet">of {sum.plants}</span>
                </>
              )
            )
          },
        })),
      ]}
    />
  )
}
