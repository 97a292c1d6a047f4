'use client'

import { useState } from 'react'
import { useAct } from '../../components/act/use-act'
import { PartHeading } from '../../components/advice/why'
import { practiceTask, type PracticeLevel } from '../../core/pruning'
import type { PracticeView } from './queries'
import { LEVEL_NAMES } from './words'
import { PracticeTabs } from './practice-tabs'
import { Round } from './round'

interface Chosen {
  level: PracticeLevel
  seed: number
}

/** The day's five, every level with how it goes, and the task that is worked on. */
export function PracticeScreen({ view }: { view: PracticeView }) {
  const { act } = useAct({ on: view.now, now: view.now, manner: view.manner })
  const open = view.daily.find(({ points }) => points === null)
  const [chosen, setChosen] = useState<Chosen>(open ?? { level: 'single-stem', seed: view.nextSeed })
  const inDaily = view.daily.findIndex(({ level, seed }) => level === chosen.level && seed === chosen.seed)
  const task = practiceTask(chosen.seed, chosen.level)
  const done = view.daily.filter(({ points }) => points !== null).length

  const keep = (points: number) =>
    void act({
      entries: [
        {
          subject: { type: 'garden', id: view.gardenId },
          kind: 'practised',
          data: { level: chosen.level, seed: chosen.seed, points },
        },
      ],
      said: '',
      name: 'Practice round',
    })
  const next = () => {
    const following = view.daily.find(
      ({ level, seed, points }, index) =>
        points === null && index !== inDaily && !(level === chosen.level && seed === chosen.seed),
    )
    setChosen(
      inDaily >= 0 && following
        ? { level: following.level, seed: following.seed }
        : { level: chosen.level, seed: view.nextSeed + (inDaily >= 0 ? 0 : 1) },
    )
  }

  return (
    <>
      <PracticeTabs here="cuts" />
      <div className="flex flex-col gap-x-6 px-6 py-4 max-sm:px-4 lg:flex-row">
        <div className="min-w-0 grow">
          <Round
            key={`${chosen.level} ${chosen.seed}`}
            task={task}
            manner={view.manner}
            onScored={keep}
            onNext={next}
          />
        </div>
        <aside className="shrink-0 pt-2 max-lg:mt-6 lg:w-60">
          <section aria-label="Today’s five">
            <PartHeading>Today’s five, {done} done</PartHeading>
            <ol>
              {view.daily.map(({ level, seed, points }, index) => (
                <li key={level}>
                  <button
                    className={`flex min-h-11 w-full items-center justify-between gap-2 border-t border-base-300 px-1 text-left ${inDaily === index ? 'bg-base-200 font-semibold' : ''}`}
                    aria-current={inDaily === index ? 'step' : undefined}
                    onClick={() => setChosen({ level, seed })}
                  >
                    <span>{LEVEL_NAMES[level]}</span>
                    <span className="tabular-nums">{points === null ? 'to do' : `${points} of 100`}</span>
                  </button>
                </li>
              ))}
            </ol>
          </section>
          <section aria-label="Every level" className="mt-6">
            <PartHeading>Every level</PartHeading>
            <ul>
              {view.levels.map(({ level, rounds, points }) => (
                <li key={level}>
                  <button
                    className={`w-full border-t border-base-300 px-1 py-1.5 text-left ${inDaily < 0 && chosen.level === level ? 'bg-base-200 font-semibold' : ''}`}
                    onClick={() => setChosen({ level, seed: view.nextSeed })}
                  >
                    <span className="flex justify-between gap-2">
                      <span>{LEVEL_NAMES[level]}</span>
                      <span className="text-sm text-quiet tabular-nums">
                        {points === null ? 'not yet' : `${points} of 100, ${rounds}×`}
                      </span>
                    </span>
                    <span aria-hidden className="mt-1 block h-1.5 bg-base-300">
                      <span className="block h-full bg-leaf" style={{ width: `${points ?? 0}%` }} />
                    </span>
                  </button>
                </li>
              ))}
            </ul>
            <p className="mt-2 text-sm text-quiet">Your last five rounds of each level.</p>
          </section>
        </aside>
      </div>
    </>
  )
}
