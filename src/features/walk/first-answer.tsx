import { Link } from '../../components/link'
import { Why } from '../../components/advice/why'
import type { FirstAnswer } from './types'

/** What a garden with nothing planned can already be told. */
export function FirstAnswerPart({
  answer,
  newPlantingHref,
}: {
  answer: FirstAnswer
  newPlantingHref: string
}) {
  return (
    <section aria-label="First answer">
      <h2 className="text-2xl leading-tight font-bold">{answer.headline}</h2>
      <div className="my-5 overflow-x-auto">
        <table className="table w-auto text-base">
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
                <td>{sow}</td>
                <td>
                  {opens}
                  {range && <span className="block text-sm text-quiet">{range}</span>}
                </td>
                <td>{closes}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
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
      <div className="mt-6">
        <Why within reasons={answer.reasons} />
      </div>
    </section>
  )
}
