import { Link } from '../../components/link'
import { Why } from '../../components/advice/why'
import { FirstSeason } from '../../components/drawing/first-season'
import type { Manner } from '../../core/facts'
import type { FirstAnswer } from './types'

/** What a garden with nothing planned can already be told. */
export function FirstAnswerPart({
  answer,
  manner,
  newPlantingHref,
}: {
  answer: FirstAnswer
  manner: Manner
  newPlantingHref: string
}) {
  return (
    <section aria-label="First answer">
      <h2 className="text-2xl leading-tight font-bold">{answer.headline}</h2>
      <FirstSeason dates={answer.picture} manner={manner} />
      <p className="flex flex-wrap gap-3">
        <Link href={newPlantingHref} className="btn btn-primary min-h-11">
          {answer.again === null ? 'Plan the first planting' : `Plan a planting for ${answer.season}`}
        </Link>
        <Link href="/plantings/new?begins=growing" className="btn min-h-11 bg-base-100">
          Add plants that grow already
        </Link>
        {answer.again !== null && (
          <Link href="/season/next" className="btn min-h-11 bg-base-100">
            Plan {answer.season} like {answer.again}
          </Link>
        )}
      </p>
      <div className="my-5 table-room">
        <table className="cards table text-base">
          <thead className="text-base-content">
            <tr>
              <th scope="col">crop</th>
              <th scope="col">sow indoors</th>
              <th scope="col">plant out</th>
              <th scope="col">at the latest</th>
            </tr>
          </thead>
          <tbody>
            {answer.crops.map(({ crop, sow, opens, range, closes }) => (
              <tr key={crop}>
                <th scope="row">{crop}</th>
                <td data-label="sow indoors">{sow}</td>
                <td data-label="plant out">
                  {opens}
                  {range && <span className="block text-sm text-quiet">{range}</span>}
                </td>
                <td data-label="at the latest">{closes}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="mt-6">
        <Why within reasons={answer.reasons} />
      </div>
    </section>
  )
}
