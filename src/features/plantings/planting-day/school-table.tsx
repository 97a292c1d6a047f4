'use client'

import type { Manner } from '../../../core/facts'
import type { DepthAnswer, DepthSchool } from '../../../core/transplant'
import { PartHeading } from '../../../components/advice/why'
import { nameOf } from '../../../wording/names'
import { sayLength } from '../../../wording/say'

export interface SchoolRow {
  school: 'worked-out' | DepthSchool
  answer: DepthAnswer
  effect: string
}

/** The schools side by side, with what each gains and costs here; choosing one draws it. */
export function SchoolTable({
  rows,
  chosen,
  manner,
  onChoose,
}: {
  rows: readonly SchoolRow[]
  chosen: string
  manner: Manner
  onChoose: (school: SchoolRow['school']) => void
}) {
  return (
    <section>
      <PartHeading>Another way</PartHeading>
      <div className="table-room">
        <table className="cards w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              <th scope="col" className="py-1 pr-3 font-normal">
                method
              </th>
              <th scope="col" className="pr-3 font-normal">
                stem
              </th>
              <th scope="col" className="pr-3 font-normal">
                hole
              </th>
              <th scope="col" className="font-normal">
                against the answer
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ school, answer, effect }) => (
              <tr
                key={school}
                className={`border-t border-base-300 ${school === chosen ? 'bg-base-200 font-semibold' : ''}`}
              >
                <th scope="row" className="pr-3 text-left font-[inherit]">
                  <button
                    className="min-h-11 w-full px-1.5 text-left underline decoration-base-300 underline-offset-4 hover:decoration-leaf"
                    aria-pressed={school === chosen}
                    onClick={() => onChoose(school)}
                  >
                    {nameOf(school)}
                  </button>
                </th>
                <td data-label="stem" className="pr-3 whitespace-nowrap">
                  {sayLength(answer.stemBuried, manner)}
                </td>
                <td data-label="hole" className="pr-3 whitespace-nowrap">
                  {sayLength(answer.holeDepth, manner)}
                  {answer.method === 'trench' && ' trench'}
                </td>
                <td data-wide className="py-1 leading-snug">
                  {effect}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
