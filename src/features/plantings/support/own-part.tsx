'use client'

import { useState } from 'react'
import { PartHeading } from '../../../components/advice/why'
import { Link } from '../../../components/link'
import type { Manner, Supply, SupplyKind, Support } from '../../../core/facts'
import {
  DEEPEST,
  LEAST_EMBEDMENT,
  willCagesDo,
  willItDo,
  type OwnVerdict,
  type SupportCase,
  type SupportPlan,
} from '../../../core/support'
import { sayReason } from '../../../wording/say-reason'
import { sayLength, sayMeasure } from '../../../wording/say'
import { measuresOf, sayAmount, supplyKindName } from '../../../wording/supplies'
import { Slider } from './slider'

const DEPTH_STEP = 0.05
const GUSTS = { low: 10, high: 40 }

/** Whether the stakes, posts, rods and cages in the shed hold this row up, in a gust and at a depth that are chosen. */
export function OwnPart({
  system,
  input,
  plan,
  rows,
  supplies,
  manner,
}: {
  system: Support
  input: SupportCase
  plan: SupportPlan
  /** Rows of the planting; the longest is looked at. */
  rows: number
  supplies: readonly Supply[]
  manner: Manner
}) {
  const [gust, setGust] = useState(Math.min(GUSTS.high, Math.max(GUSTS.low, Math.round(input.gust))))
  const usual = Math.ceil((plan.post?.embedment ?? LEAST_EMBEDMENT) / DEPTH_STEP - 1e-9) * DEPTH_STEP
  const [depth, setDepth] = useState(Math.min(DEEPEST, usual))
  const asked = { ...input, gust }
  const fit = supplies
    .filter(({ kind, quantity }) => SERVES[system].includes(kind) && quantity > 0)
    .sort((a, b) => SERVES[system].indexOf(a.kind) - SERVES[system].indexOf(b.kind))
  const verdicts = fit.flatMap((supply): { supply: Supply; verdict: OwnVerdict }[] => {
    const verdict =
      supply.kind === 'cage' ? willCagesDo(supply, asked) : willItDo(supply, system, asked, depth)
    return verdict ? [{ supply, verdict }] : []
  })
  return (
    <section aria-label="Are yours strong enough?">
      <PartHeading>Are yours strong enough?</PartHeading>
      {verdicts.length === 0 ? (
        <p className="text-quiet">
          List your stakes, posts and cages in the{' '}
          <Link className="link" href="/shed">
            Shed
          </Link>
          , with their length and thickness. Then you see here whether they are strong enough.
        </p>
      ) : (
        <>
          <div className="grid gap-x-6 sm:grid-cols-2">
            <Slider
              label="Gust they must withstand"
              value={gust}
              {...GUSTS}
              step={1}
              say={(value) => sayMeasure({ kind: 'speed', value }, manner)}
              onChange={setGust}
            />
            <Slider
              label="Depth driven in"
              value={depth}
              low={0.2}
              high={DEEPEST}
              step={DEPTH_STEP}
              say={(value) => sayLength(value, manner)}
              onChange={setDepth}
            />
          </div>
          <ul>
            {verdicts.map(({ supply, verdict }) => (
              <li key={supply.id} className="border-t border-base-300 py-2">
                <p className="flex flex-wrap items-baseline gap-x-2">
                  <strong
                    className={verdict.does === 'no' ? 'text-cut' : verdict.does === 'yes' ? 'text-leaf' : ''}
                  >
                    {SAID[verdict.does]}
                  </strong>
                  <span className="font-semibold">{supply.name || supplyKindName(supply.kind)}</span>
                  <span className="text-sm text-quiet">
                    {[measuresOf(supply, manner), `${sayAmount(supply.kind, supply.quantity, manner)} there`]
                      .filter(Boolean)
                      .join(' · ')}
                  </span>
                </p>
                {verdict.reasons.map((reason) => (
                  <p key={reason.rule}>{sayReason(reason, manner)}</p>
                ))}
                {verdict.instead.length > 0 && (
                  <p className="mt-1 text-quiet">
                    What would work: {verdict.instead.map((reason) => sayReason(reason, manner)).join(' ')}
                  </p>
                )}
              </li>
            ))}
          </ul>
          {rows > 1 && <p className="text-sm text-quiet">For the longest row.</p>}
        </>
      )}
    </section>
  )
}

/** What of a shed can hold a system up, the likeliest first. */
const SERVES: Record<Support, readonly SupplyKind[]> = {
  stake: ['stake', 'post'],
  cage: ['cage', 'rod'],
  weave: ['post', 'stake'],
  string: ['post'],
  panel: ['post', 'stake'],
  none: [],
}

const SAID = { yes: 'Yes', no: 'No', measure: 'Not measured' } as const
