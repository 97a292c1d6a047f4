'use client'

import { useState } from 'react'
import { PlantSide, type PlantMark } from '../../components/drawing/plant-side/plant-side'
import { samePart } from '../../components/drawing/plant-side/spots'
import type { PlantPart } from '../../core/crop'
import { scoreCuts, type MarkedCut, type Score } from '../../core/pruning'
import { sayPart } from '../../wording/pruning'
import { sayCount } from '../../wording/say'
import { sayReason } from '../../wording/say-reason'
import { Outcome, RoundFrame, VERDICT_TONE } from './round-frame'
import type { RoundProps } from './round-props'
import { VERDICTS } from './words'

/** Parts are marked to be cut or kept, and the whole is judged. */
export function CutRound({ task, manner, onScored, onNext }: RoundProps) {
  const { plant, system, context } = task
  const [chosen, setChosen] = useState<PlantPart | null>(null)
  const [cuts, setCuts] = useState<MarkedCut[]>([])
  const [score, setScore] = useState<Score | null>(null)

  const markedAs = (part: PlantPart) => cuts.find((cut) => samePart(cut, part))?.action ?? null
  const turn = (part: PlantPart, action: 'remove' | 'keep') => {
    if (score) return
    const others = cuts.filter((cut) => !samePart(cut, part))
    const { stem, node, organ } = part
    setCuts(markedAs(part) === action ? others : [...others, { stem, node, organ, action }])
  }
  const choose = (part: PlantPart) => {
    // A second tap on the same part marks it.
    if (chosen && samePart(part, chosen)) turn(part, 'remove')
    setChosen(part)
  }
  const judge = () => {
    const judged = scoreCuts(plant, cuts, system, context)
    setScore(judged)
    setChosen(null)
    onScored(judged.points)
  }
  const marks: PlantMark[] = score
    ? score.verdicts.map(({ cut, verdict }) => ({ part: cut, text: VERDICTS[verdict].sign, tone: verdict }))
    : cuts.map((cut) => ({
        part: cut,
        text: cut.action === 'keep' ? '+' : '×',
        tone: cut.action === 'keep' ? ('keep' as const) : ('cut' as const),
      }))

  return (
    <RoundFrame
      task={task}
      manner={manner}
      drawing={
        <PlantSide
          plant={plant}
          marks={marks}
          chosen={chosen}
          supportTop={null}
          manner={manner}
          label="The plant to prune. Arrow keys move from part to part, and Enter marks one to cut."
          onPart={score ? setChosen : choose}
          onEnter={() => chosen && turn(chosen, 'remove')}
        />
      }
    >
      {score ? (
        <Outcome
          points={score.points}
          lines={score.verdicts.map(({ cut, verdict, reason }) => ({
            key: `${cut.stem} ${cut.node} ${cut.organ}`,
            sign: VERDICTS[verdict].sign,
            name: VERDICTS[verdict].name,
            part: sayPart(cut, plant.crop),
            why: sayReason(reason, manner),
            tone: VERDICT_TONE[verdict],
          }))}
          onNext={onNext}
        />
      ) : (
        <>
          <div className="min-h-24" aria-live="polite">
            {chosen ? (
              <>
                <p className="font-semibold">{sayPart(chosen, plant.crop)}</p>
                <div className="mt-2 flex gap-2">
                  <button
                    className={`btn min-h-11 ${markedAs(chosen) === 'remove' ? 'btn-error' : 'bg-base-100'}`}
                    aria-pressed={markedAs(chosen) === 'remove'}
                    onClick={() => turn(chosen, 'remove')}
                  >
                    Cut it
                  </button>
                  {chosen.organ === 'sucker' && (
                    <button
                      className={`btn min-h-11 ${markedAs(chosen) === 'keep' ? 'btn-primary' : 'bg-base-100'}`}
                      aria-pressed={markedAs(chosen) === 'keep'}
                      onClick={() => turn(chosen, 'keep')}
                    >
                      Leave it
                    </button>
                  )}
                </div>
              </>
            ) : (
              <p className="text-quiet">
                Tap a part, or move to it with the arrow keys. Tap again or press Enter to mark it.
              </p>
            )}
          </div>
          <div className="flex flex-wrap items-center gap-2">
            <button
              className={`btn min-h-11 ${cuts.length > 0 ? 'btn-primary' : 'bg-base-100'}`}
              onClick={judge}
            >
              {cuts.some(({ action }) => action !== 'keep')
                ? `Judge ${sayCount(cuts.filter(({ action }) => action !== 'keep').length, 'cut')}`
                : 'Cut nothing today'}
            </button>
            {cuts.length > 0 && (
              <button className="btn min-h-11 btn-ghost" onClick={() => setCuts([])}>
                Clear all marks
              </button>
            )}
          </div>
        </>
      )}
    </RoundFrame>
  )
}
