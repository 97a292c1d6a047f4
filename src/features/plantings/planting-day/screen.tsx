'use client'

import { useRouter } from '../../../components/offline'
import { useMemo, useState } from 'react'
import { Ahead } from '../../../components/act/ahead'
import { useAct } from '../../../components/act/use-act'
import { takeWayBack } from '../../../components/act/way-back'
import { Cautions, PartHeading, Why } from '../../../components/advice/why'
import { TryIt } from '../../../components/try-it'
import { FootBar } from '../../../components/foot-bar'
import { PlantSection } from '../../../components/drawing/plant-section'
import { useKeys } from '../../../components/keys/keys'
import type { Manner } from '../../../core/facts'
import {
  adviseDepth,
  depthInputOf,
  DEPTH_SCHOOLS,
  depthAt,
  WARM_SOIL,
  type DepthSchool,
} from '../../../core/transplant'
import { sayCautions } from '../../../wording/cautions'
import { formatDate } from '../../../wording/dates'
import { nameOf } from '../../../wording/names'
import { sayCount, sayLength } from '../../../wording/say'
import { sayDepthReason } from '../../../wording/depth-reasons'
import { firstMeasures, typedMeasures, type Measures } from './measures'
import type { PlantingDay } from './queries'
import { SchoolTable, type SchoolRow } from './school-table'
import { BeforePlanting, InTheHole, MeasureFields } from '../shown-later'

/** Less than this is no depth to speak of, m. */
const AS_IT_GREW = 0.005

/** Planting day: the plant measured, how deep and how, why, what other schools do, and the act. */
export function PlantingDayScreen({ day }: { day: PlantingDay }) {
  const { manner, crop, conditions, on, now, count } = day
  const router = useRouter()
  const { busy, isAhead, act } = useAct(day)
  const [measures, setMeasures] = useState<Measures>(() => firstMeasures(crop, day.last, day.soilDepth))
  const [school, setSchool] = useState<'worked-out' | DepthSchool>(day.school)
  const [dragged, setDragged] = useState<number | null>(null)

  const input = useMemo(
    () =>
      depthInputOf(
        { crop, grafted: day.grafted, ...(day.union !== null && { graftHeight: day.union }) },
        measures,
        conditions,
      ),
    [crop, day.grafted, day.union, measures, conditions],
  )
  const advice = useMemo(() => adviseDepth({ ...input, school }), [input, school])
  const byHand = dragged === null ? null : depthAt(input, dragged)
  const answer = byHand?.answer ?? advice.answer
  const hasStake = day.support === 'stake'
  const waits = advice.answer.wait !== undefined || !day.verdict.go

  const headline =
    answer.method === 'trench'
      ? `Lay it in a trench: ${sayLength(answer.stemBuried, manner)} of stem`
      : answer.stemBuried < AS_IT_GREW
        ? 'Plant it at the depth it grew'
        : `Bury ${sayLength(answer.stemBuried, manner)} of stem`
  const how =
    (answer.method === 'trench'
      ? `Trench ${sayLength(answer.holeDepth, manner)} deep and ${sayLength(answer.trenchLength ?? 0, manner)} long, tip bent up; mark the stem’s side. `
      : `Hole ${sayLength(answer.holeDepth, manner)} deep. `) +
    (answer.leavesToStrip.length > 0
      ? `Strip the ${answer.leavesToStrip.length === 1 ? 'lowest leaf' : `${answer.leavesToStrip.length} lowest leaves`}, keep ${answer.leavesKept}. `
      : 'Strip no leaf. ') +
    (hasStake ? `Stake first, ${sayLength(day.stakeDistance, manner)} from the stem.` : '')

  const setOut = async () => {
    const { height, leaves, rootBall } = measures
    const isKept = await act({
      entries: [
        {
          subject: { type: 'planting', id: day.plantingId },
          kind: 'set-out',
          data: {
            count,
            method: answer.method,
            school: byHand ? 'by-hand' : school,
            stemBuried: round(answer.stemBuried),
            holeDepth: round(answer.holeDepth),
            leavesStripped: answer.leavesToStrip.length,
            support: day.support,
            plant: { height: round(height), leaves, rootBall: round(rootBall) },
          },
        },
      ],
      said: `Planted out: ${sayCount(count, 'plant')}, ${formatDate(on, manner)}.`,
    })
    if (isKept) router.push(takeWayBack() ?? `/plantings/${day.plantingId}${on === now ? '' : `?on=${on}`}`)
  }
  useKeys([
    {
      key: 'm',
      label: 'for those measures',
      run: () => document.querySelector<HTMLInputElement>('[name=height]')?.focus(),
    },
    ...(day.done || isAhead || waits
      ? []
      : [{ key: 'Enter', label: 'plant out', run: () => void (busy || setOut()) }]),
  ])

  return (
    <div className="grid lg:grid-cols-[minmax(0,520fr)_minmax(0,650fr)]">
      <div className="border-r border-base-300 max-lg:border-r-0 max-sm:h-[44dvh] lg:sticky lg:top-(--ribbon) lg:h-[calc(100dvh-var(--ribbon))] lg:max-h-[46rem]">
        <PlantSection
          plant={{
            crop,
            stemHeight: measures.height,
            leafHeights: input.leafHeights,
            rootBallDepth: input.rootBallDepth,
            rootBallWidth: input.rootBallWidth,
          }}
          soil={{
            soilDepth: measures.soilDepth,
            temperatures: conditions.soilTemperatures,
            warmLimit: WARM_SOIL,
          }}
          answer={answer}
          stake={hasStake ? day.stakeDistance : null}
          manner={manner}
          onBury={setDragged}
        />
      </div>
      <div className="space-y-5 px-6 py-5 max-sm:px-4">
        <div>
          <p className="text-quiet">Planting day · {day.title}</p>
          {waits ? (
            <>
              <h1 className="mt-1 text-3xl font-semibold">
                {day.verdict.suits ? `Wait until about ${day.verdict.suits}` : 'Wait'}
              </h1>
              <p className="mt-2 text-lg leading-snug">
                {advice.answer.wait
                  ? sayDepthReason(advice.reasons[0]!, manner)
                  : day.verdict.reasons.find(({ weight }) => weight === 'decides')?.text}
                {!advice.answer.wait && ` In this soil then: ${headline.toLowerCase()}. ${how}`}
              </p>
            </>
          ) : (
            <>
              <h1 className="mt-1 text-3xl font-semibold">{headline}</h1>
              <p className="mt-2 text-lg leading-snug">{how}</p>
            </>
          )}
        </div>
        <MeasureFields
          manner={manner}
          defaults={typedMeasures(measures, manner)}
          onMeasure={(next) => {
            setMeasures(next)
            setDragged(null)
          }}
        />
        {byHand ? (
          <section>
            <PartHeading>While you drag</PartHeading>
            <p>
              {sayLength(answer.stemBuried, manner)} buried instead of{' '}
              {sayLength(advice.answer.stemBuried, manner)};{' '}
              {answer.delayDays < 0.5
                ? 'no days lost to stripping'
                : `about ${sayCount(Math.round(answer.delayDays), 'day')} lost to stripping`}
              .
            </p>
            {byHand.problems.map((problem) => (
              <p key={problem.rule} className="mt-1 font-semibold text-cut">
                {sayDepthReason(problem, manner)}
              </p>
            ))}
            <button className="btn mt-2 min-h-11" onClick={() => setDragged(null)}>
              Back to the advice
            </button>
          </section>
        ) : (
          <Why
            heading={school === 'worked-out' ? 'Why this deep' : `Why, with the method “${nameOf(school)}”`}
            reasons={advice.reasons.map((reason) => ({
              text: sayDepthReason(reason, manner),
              weight: reason.weight,
            }))}
          />
        )}
        <BeforePlanting day={day} />
        {day.done ? (
          <p className="border-l-4 border-leaf bg-base-200 px-3 py-2">You already planted these out.</p>
        ) : isAhead ? (
          <Ahead />
        ) : (
          <FootBar>
            <button
              className={`btn min-h-16 text-lg max-sm:w-full sm:min-h-11 sm:text-sm ${waits ? 'bg-base-100' : 'btn-primary'}`}
              disabled={busy}
              onClick={() => void setOut()}
            >
              {count === 1 ? 'Plant it out' : `Plant out all ${count}`}
              {waits && ' anyway'}
            </button>
          </FootBar>
        )}
        {advice.alternatives.length > 0 && (
          <>
            <SchoolTable
              rows={rowsOf(advice, school, manner)}
              chosen={school}
              manner={manner}
              onChoose={(next) => {
                setSchool(next)
                setDragged(null)
              }}
            />
            <TryIt planting={day.plantingId} ask="depth" />
          </>
        )}
        <Why heading="Is today the day?" reasons={day.verdict.reasons} />
        <InTheHole day={day} />
        <Cautions
          texts={sayCautions(
            [...new Set([...advice.cautions, ...(hasStake ? (['stake-tips'] as const) : [])])],
            manner,
          )}
        />
      </div>
    </div>
  )
}

const round = (metres: number) => Math.round(metres * 1000) / 1000

/** Prairie's own school first, then the others in their usual order. */
function rowsOf(
  { answer, alternatives }: ReturnType<typeof adviseDepth>,
  chosen: SchoolRow['school'],
  manner: Manner,
): SchoolRow[] {
  return (['worked-out', ...DEPTH_SCHOOLS] as const).flatMap((school): SchoolRow[] => {
    if (school === chosen) return [{ school, answer, effect: '' }]
    const other = alternatives.find((alternative) => alternative.school === school)
    if (!other) return []
    return [
      {
        school,
        answer: other.answer,
        effect: [...other.gains, ...other.costs].map((reason) => sayDepthReason(reason, manner)).join('; '),
      },
    ]
  })
}
