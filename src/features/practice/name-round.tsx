'use client'

import { useState } from 'react'
import { PlantSide } from '../../components/drawing/plant-side/plant-side'
import { samePart } from '../../components/drawing/plant-side/spots'
import type { PlantPart } from '../../core/crop'
import { scoreNames, type PartName } from '../../core/pruning'
import { sayReason } from '../../wording/say-reason'
import { Outcome, RoundFrame, VERDICT_TONE } from './round-frame'
import type { RoundProps } from './round-props'
import { VERDICTS } from './words'

const CHOICES = {
  'name-the-part': ['leaf', 'sucker', 'truss', 'tip'],
  'find-the-leader': ['leader', 'rival'],
} as const satisfies Record<string, readonly PartName[]>

/** Numbered parts are named, and the names are judged. */
export function NameRound({ task, manner, onScored, onNext }: RoundProps) {
  const { plant, named, level } = task
  const [given, setGiven] = useState<(PartName | null)[]>(() => named.map(() => null))
  const [chosen, setChosen] = useState<PlantPart | null>(null)
  const [score, setScore] = useState<ReturnType<typeof scoreNames> | null>(null)
  const choices = CHOICES[level === 'find-the-leader' ? level : 'name-the-part']
  const open = given.filter((name) => name === null).length
  const judge = () => {
    const judged = scoreNames(task, given)
    setScore(judged)
    setChosen(null)
    onScored(judged.points)
  }
  const name = (index: number, to: PartName) => {
    setGiven(given.map((before, at) => (at === index ? to : before)))
    setChosen(named[index]!.part)
  }

  return (
    <RoundFrame
      task={task}
      manner={manner}
      drawing={
        <PlantSide
          plant={plant}
          marks={named.map(({ part }, index) => ({
            part,
            text: String(index + 1),
            tone: score ? score.verdicts[index]!.verdict : 'asked',
          }))}
          chosen={chosen}
          supportTop={null}
          manner={manner}
          label={`A plant with ${named.length} numbered parts`}
          onPart={(part) => named.some((one) => samePart(one.part, part)) && setChosen(part)}
        />
      }
    >
      {score ? (
        <Outcome
          points={score.points}
          lines={score.verdicts.map(({ part, given: said, verdict, reason }, index) => ({
            key: `${part.stem} ${part.node} ${part.organ}`,
            sign: VERDICTS[verdict].sign,
            name: verdict === 'harmful' ? 'Wrong' : VERDICTS[verdict].name,
            part: `${index + 1} is the ${named[index]!.name}${said !== null && verdict === 'harmful' ? `, not the ${said}` : ''}`,
            why: sayReason(reason, manner),
            tone: VERDICT_TONE[verdict],
          }))}
          onNext={onNext}
        />
      ) : (
        <>
          {named.map(({ part }, index) => (
            <fieldset
              key={`${part.stem} ${part.node} ${part.organ}`}
              className={`flex items-center gap-2 px-1 ${chosen && samePart(part, chosen) ? 'bg-base-200' : ''}`}
            >
              <legend className="sr-only">Part {index + 1}</legend>
              <span aria-hidden className="w-5 font-semibold text-water">
                {index + 1}
              </span>
              <div className="join">
                {choices.map((choice) => (
                  <input
                    key={choice}
                    type="radio"
                    name={`part-${index}`}
                    className="btn join-item min-h-11 bg-base-100 px-2.5 checked:bg-primary"
                    aria-label={choice === 'truss' ? 'flower cluster' : choice}
                    checked={given[index] === choice}
                    onFocus={() => setChosen(part)}
                    onChange={() => name(index, choice)}
                  />
                ))}
              </div>
            </fieldset>
          ))}
          <button className="btn min-h-11 btn-primary" onClick={judge}>
            {open === 0 ? 'Check my answers' : `Check my answers (${open} left)`}
          </button>
        </>
      )}
    </RoundFrame>
  )
}
