import { Link } from '../../../components/link'
import { Cautions, PartHeading } from '../../../components/advice/why'
import { sayCautions } from '../../../wording/cautions'
import { formatDate } from '../../../wording/dates'
import { sayCount, sayLength, sayMeasure } from '../../../wording/say'
import { sayAmount, supplyName } from '../../../wording/supplies'
import type { DayPlan, DayPlanting } from './queries'

/** Less than this is no depth to speak of, m. */
const AS_IT_GREW = 0.005

/** The day's order of work for all plants that are due. */
export function DayPlanScreen({ plan }: { plan: DayPlan }) {
  const { manner, plantings, carry, plants, water, query } = plan
  const going = plantings.filter(({ go }) => go)
  const waiting = plantings.filter(({ go }) => !go)
  return (
    <div className="mx-auto max-w-5xl px-6 py-5 max-sm:px-4">
      <p className="text-quiet">Planting day, {formatDate(plan.on, manner)}</p>
      <h1 className="mt-1 text-3xl font-semibold">
        {going.length > 0
          ? `Plant out ${sayCount(plants, 'plant')}${going.length > 1 ? ` of ${going.length} plantings` : ''}`
          : waiting.length > 0
            ? 'Not today'
            : 'No plants are waiting to be planted out'}
      </h1>
      <p className="mt-2 text-lg text-quiet">
        {going.length > 0
          ? `Plant toward evening or under cloud. You need about ${sayMeasure({ kind: 'volume', value: water }, manner)} of water to water them in.`
          : waiting.length > 0
            ? 'The seedlings are not ready, or nights and soil are still too cold.'
            : 'Season shows when the next are due.'}
      </p>
      {going.length > 0 && (
        <section aria-label="Bring out first" className="mt-6">
          <PartHeading>Bring out first</PartHeading>
          <ul className="columns-2 max-sm:columns-1">
            {carry.map((need) => (
              <li key={`${need.kind} ${need.length}`} className="py-0.5">
                {supplyName(need, manner)}: <strong>{sayAmount(need.kind, need.quantity, manner)}</strong>
              </li>
            ))}
          </ul>
        </section>
      )}
      {going.length > 0 && (
        <section aria-label="In this order" className="mt-6">
          <PartHeading>In this order</PartHeading>
          <ol className="list-decimal space-y-1 pl-5 leading-snug">
            <li>Soak the root balls. Lay the plants where they will grow, each with its label.</li>
            <li>Drive in stakes and posts before you dig, so that you cut no roots later.</li>
            <li>Dig, add what belongs in the hole, strip the leaves, plant and firm gently.</li>
            <li>Water at once, tie loosely, and mulch when the soil is warm.</li>
          </ol>
        </section>
      )}
      <div className="mt-6 space-y-6">
        {[...going, ...waiting].map((work) => (
          <Work key={work.id} work={work} plan={plan} query={query} />
        ))}
      </div>
      {going.length > 0 && (
        <div className="mt-6">
          <Cautions texts={sayCautions(['stake-tips', 'buried-lines', 'heat-work'], plan.manner)} />
        </div>
      )}
    </div>
  )
}

function Work({ work, plan, query }: { work: DayPlanting; plan: DayPlan; query: string }) {
  const { manner } = plan
  const { method, stemBuried, holeDepth, strip } = work.depth
  return (
    <section aria-label={work.title} className="border-t-2 border-base-300 pt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="text-xl font-semibold">{work.title}</h2>
        <Link className="btn min-h-11 bg-base-100" href={`/plantings/${work.id}/set-out${query}`}>
          Measure and plant out
        </Link>
      </div>
      {work.go ? (
        <ul className="mt-1 list-disc pl-5 leading-snug">
          <li>
            {stemBuried < AS_IT_GREW
              ? `Plant it at the depth it grew, hole ${sayLength(holeDepth, manner)} deep`
              : `${method === 'trench' ? 'Trench' : 'Hole'} ${sayLength(holeDepth, manner)} deep, ${sayLength(stemBuried, manner)} of stem under the soil`}
            {strip > 0 && `, ${sayCount(strip, 'leaf', 'leaves')} off`}, for a typical plant until you measure
            one.
          </li>
          <li>{work.support}.</li>
          <li>{work.hole}</li>
        </ul>
      ) : (
        <p className="mt-1">
          {work.waits ? `Wait until about ${formatDate(work.waits, manner)}.` : 'No warm spell is in sight.'}
        </p>
      )}
    </section>
  )
}
