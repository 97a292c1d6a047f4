'use client'

import type { Manner } from '../../core/facts'
import { temperatureAt, type DepthAnswer } from '../../core/transplant'
import { sayLength, sayTemperature } from '../../wording/say'
import { DepthHandle } from './depth-handle'
import { Ruler } from './ruler'
import {
  HEIGHT,
  STEM_X,
  trenchStart,
  WIDTH,
  type Part,
  type SectionPlant,
  type SectionSoil,
} from './section-frame'
import { LaidPlant, StandingPlant } from './section-plant'
import { Stake, StakeDistance } from './section-stake'
import { SoilHorizons } from './soil-horizons'

/** Planting day as a section through the soil, to scale: the plant, its hole or trench, what comes off, the stake. */
export function PlantSection({
  plant,
  soil,
  answer,
  stake,
  manner,
  onBury,
}: {
  plant: SectionPlant
  soil: SectionSoil
  answer: DepthAnswer
  /** m from the stem; null: no stake. */
  stake: number | null
  manner: Manner
  /** Given, the depth can be dragged; m of stem buried. */
  onBury?: (metres: number) => void
}) {
  const above = Math.max(plant.stemHeight + 0.04, 0.26)
  const below = Math.max(answer.holeDepth + 0.1, soil.soilDepth + 0.08, 0.3)
  const scale = HEIGHT / (above + below)
  const ground = above * scale
  const px = (metres: number) => metres * scale
  const isTrench = answer.method === 'trench'
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="plant-section h-full max-h-[46rem] w-full bg-base-100"
      // With a handle in it, it is more than a picture.
      role={onBury ? 'group' : 'img'}
      aria-label={describe(answer, plant, manner)}
      preserveAspectRatio="xMidYMin"
    >
      <SoilHorizons width={WIDTH} height={HEIGHT} ground={ground} scale={scale} soil={soil} manner={manner} />
      {isTrench ? (
        <TrenchHole answer={answer} ground={ground} px={px} />
      ) : (
        <Hole answer={answer} plant={plant} ground={ground} px={px} />
      )}
      {stake !== null && <Stake x={STEM_X + (isTrench ? -px(stake) : px(stake))} ground={ground} px={px} />}
      {isTrench ? (
        <LaidPlant plant={plant} answer={answer} ground={ground} px={px} />
      ) : (
        <StandingPlant plant={plant} answer={answer} ground={ground} px={px} />
      )}
      <line x1="0" x2={WIDTH} y1={ground} y2={ground} stroke="var(--color-base-content)" strokeWidth="1.5" />
      {stake !== null && (
        <StakeDistance stake={stake} isTrench={isTrench} ground={ground} px={px} manner={manner} />
      )}
      <Labels answer={answer} ground={ground} px={px} manner={manner} width={WIDTH} soil={soil} />
      <Ruler x={WIDTH - 44} ground={ground} height={HEIGHT} scale={scale} manner={manner} />
      {onBury && !isTrench && (
        <DepthHandle
          answer={answer}
          plant={plant}
          ground={ground}
          scale={scale}
          manner={manner}
          onBury={onBury}
        />
      )}
    </svg>
  )
}

const HOLE = '#57412f'

function Hole({ answer, plant, ground, px }: Part) {
  const half = px(Math.max(plant.rootBallWidth * 0.85, 0.05))
  const depth = px(answer.holeDepth)
  return (
    <path
      d={`M${STEM_X - half * 1.25} ${ground}L${STEM_X - half} ${ground + depth}H${STEM_X + half}L${STEM_X + half * 1.25} ${ground}Z`}
      fill={HOLE}
    />
  )
}

function TrenchHole({ answer, ground, px }: Omit<Part, 'plant'>) {
  const depth = px(answer.holeDepth)
  const start = trenchStart(answer, px)
  return (
    <path
      d={`M${start - 14} ${ground}L${start - 6} ${ground + depth}H${STEM_X + 12}L${STEM_X + 26} ${ground}Z`}
      fill={HOLE}
    />
  )
}

function Labels({
  answer,
  ground,
  px,
  manner,
  soil,
  width,
}: {
  answer: DepthAnswer
  ground: number
  px: (metres: number) => number
  manner: Manner
  soil: SectionSoil
  width: number
}) {
  const floor = ground + px(answer.holeDepth)
  const at = sayTemperature(temperatureAt(answer.holeDepth, soil.temperatures), manner)
  return (
    <g fontSize="15" fontWeight="600" fill="#fbfaf5">
      <text
        x={answer.method === 'trench' ? 14 : width / 2 - 4}
        y={Math.min(HEIGHT - 8, floor + 19)}
        textAnchor={answer.method === 'trench' ? 'start' : 'middle'}
        className="halo-dark"
      >
        {answer.method === 'trench'
          ? `trench ${sayLength(answer.holeDepth, manner)} deep, ${sayLength(answer.trenchLength ?? 0, manner)} long`
          : `hole ${sayLength(answer.holeDepth, manner)}`}
        , floor {at}
      </text>
    </g>
  )
}

function describe(answer: DepthAnswer, plant: SectionPlant, manner: Manner): string {
  const how = answer.method === 'trench' ? 'laid in a trench' : 'upright'
  return `Section through the soil: plant of ${sayLength(plant.stemHeight, manner)} ${how}, ${sayLength(answer.stemBuried, manner)} of stem buried, hole ${sayLength(answer.holeDepth, manner)}, ${answer.leavesToStrip.length} leaves stripped`
}
