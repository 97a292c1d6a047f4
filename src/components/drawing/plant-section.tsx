'use client'

import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import { leafAreas, temperatureAt, type DepthAnswer } from '../../core/transplant'
import { sayLength, sayTemperature } from '../../wording/say'
import { PepperLeaf, RootBall, TomatoLeaf } from './leaf-marks'
import { Ruler } from './ruler'
import { SoilHorizons } from './soil-horizons'

export interface SectionPlant {
  crop: Crop
  stemHeight: number
  leafHeights: readonly number[]
  rootBallDepth: number
  rootBallWidth: number
}

export interface SectionSoil {
  soilDepth: number
  temperatures: { depth: number; temperature: number }[]
  /** Roots stand still below this, °C. */
  warmLimit: number
}

const WIDTH = 520
const HEIGHT = 660
const STEM_X = 250

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
      className="h-full max-h-[46rem] w-full bg-base-100"
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
        <Handle answer={answer} plant={plant} ground={ground} scale={scale} manner={manner} onBury={onBury} />
      )}
    </svg>
  )
}

interface Part {
  plant: SectionPlant
  answer: DepthAnswer
  ground: number
  px: (metres: number) => number
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

const trenchStart = (answer: DepthAnswer, px: (metres: number) => number) =>
  STEM_X + 14 - px(answer.trenchLength ?? 0)

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

/** How long each leaf is drawn, px: by the area that its rank has. */
function leafLengths(plant: SectionPlant, px: (metres: number) => number): number[] {
  const areas = leafAreas(plant.leafHeights.length)
  const most = Math.max(...areas, 1e-9)
  const longest = Math.min(px(Math.max(0.12, plant.stemHeight * 0.55)), 190)
  return areas.map(
    (area) => Math.max(0.22, Math.sqrt(area / most)) * longest * (plant.crop === 'pepper' ? 0.75 : 1),
  )
}

function StandingPlant({ plant, answer, ground, px }: Part) {
  const base = ground + px(answer.stemBuried)
  const tip = base - px(plant.stemHeight)
  const lengths = leafLengths(plant, px)
  const Leaf = plant.crop === 'pepper' ? PepperLeaf : TomatoLeaf
  const stripped = new Set(answer.leavesToStrip)
  return (
    <g>
      <RootBall x={STEM_X} y={base} width={px(plant.rootBallWidth)} depth={px(plant.rootBallDepth)} />
      <BuriedRoots from={ground} to={base} />
      <path
        d={`M${STEM_X} ${base}C${STEM_X - 3} ${base - px(plant.stemHeight) * 0.4} ${STEM_X + 3} ${tip + 30} ${STEM_X} ${tip}`}
        fill="none"
        stroke="var(--stem)"
        strokeWidth="7"
        strokeLinecap="round"
      />
      {plant.leafHeights.map((height, index) => {
        const y = base - px(height)
        const left = index % 2 === 1
        const gone = stripped.has(index)
        return (
          <g key={index}>
            <Leaf
              x={STEM_X}
              y={y}
              length={gone ? Math.min(lengths[index]!, 62) : lengths[index]!}
              left={left}
              rise={index >= plant.leafHeights.length - 2 ? 48 : 26}
              fill={
                gone
                  ? '#e3c4bb'
                  : index >= plant.leafHeights.length - 2
                    ? 'var(--leaf-young)'
                    : 'var(--leaf-mark)'
              }
              stalk={gone ? '#e3c4bb' : 'var(--stem)'}
            />
            {gone && <CutMark x={STEM_X + (left ? -12 : 12)} y={y} left={left} />}
          </g>
        )
      })}
      <Tip y={tip} crop={plant.crop} />
    </g>
  )
}

/** The stem lies in the trench, its tip bent up gently. */
function LaidPlant({ plant, answer, ground, px }: Part) {
  const lies = ground + px(answer.holeDepth) - px(plant.rootBallWidth) / 2
  const start = trenchStart(answer, px)
  const ball = px(plant.rootBallDepth)
  const standing = plant.stemHeight - answer.stemBuried
  const tip = ground - px(standing)
  const lengths = leafLengths(plant, px)
  const Leaf = plant.crop === 'pepper' ? PepperLeaf : TomatoLeaf
  return (
    <g>
      <g transform={`rotate(-90 ${start} ${lies}) translate(0 ${0})`}>
        <RootBall x={start} y={lies} width={px(plant.rootBallWidth)} depth={ball} />
      </g>
      <path
        d={`M${start + ball} ${lies}H${STEM_X - 26}Q${STEM_X} ${lies} ${STEM_X} ${Math.min(lies - 20, ground)}V${tip}`}
        fill="none"
        stroke="var(--stem)"
        strokeWidth="7"
        strokeLinecap="round"
      />
      {answer.leavesToStrip.map((leaf) => {
        const share = plant.leafHeights[leaf]! / Math.max(answer.stemBuried, 0.01)
        const x = start + ball + Math.min(1, share) * Math.max(0, STEM_X - 30 - start - ball)
        return <CutMark key={leaf} x={x} y={lies - 7} left={leaf % 2 === 1} />
      })}
      {plant.leafHeights.map((height, index) =>
        answer.leavesToStrip.includes(index) ? null : (
          <Leaf
            key={index}
            x={STEM_X}
            y={ground - px(Math.max(0.01, height - answer.stemBuried))}
            length={lengths[index]!}
            left={index % 2 === 1}
            rise={index >= plant.leafHeights.length - 2 ? 48 : 26}
            fill={index >= plant.leafHeights.length - 2 ? 'var(--leaf-young)' : 'var(--leaf-mark)'}
            stalk="var(--stem)"
          />
        ),
      )}
      <Tip y={tip} crop={plant.crop} />
    </g>
  )
}

function Tip({ y, crop }: { y: number; crop: Crop }) {
  const Leaf = crop === 'pepper' ? PepperLeaf : TomatoLeaf
  return (
    <g>
      <Leaf x={STEM_X} y={y + 4} length={26} rise={62} fill="var(--leaf-young)" stalk="var(--stem)" />
      <Leaf x={STEM_X} y={y + 4} length={22} rise={66} left fill="var(--leaf-young)" stalk="var(--stem)" />
    </g>
  )
}

/** New roots along the stem that is under the soil. */
function BuriedRoots({ from, to }: { from: number; to: number }) {
  const count = Math.max(0, Math.floor((to - from - 8) / 15))
  return Array.from({ length: count }, (_, index) => {
    const y = from + 12 + index * 15
    const way = index % 2 === 0 ? 1 : -1
    return (
      <path
        key={index}
        d={`M${STEM_X} ${y}q${way * 14} 2 ${way * 26} ${9 + (index % 3) * 3}`}
        fill="none"
        stroke="#d8c39c"
        strokeWidth="1.3"
      />
    )
  })
}

function CutMark({ x, y, left }: { x: number; y: number; left: boolean }) {
  const way = left ? -1 : 1
  return (
    <line
      x1={x - way * 7}
      x2={x + way * 6}
      y1={y + 8}
      y2={y - 10}
      stroke="var(--color-error)"
      strokeWidth="3"
      strokeLinecap="round"
    />
  )
}

const STAKE_WIDTH = 0.018

function Stake({ x, ground, px }: { x: number; ground: number; px: (metres: number) => number }) {
  const width = Math.max(7, px(STAKE_WIDTH))
  return (
    <g>
      <rect
        x={x - width / 2}
        y="0"
        width={width}
        height={Math.min(ground + px(0.45), HEIGHT)}
        fill="var(--color-secondary)"
      />
      <path d={`M${x} 0V${HEIGHT}`} stroke="#00000022" strokeWidth="1" />
    </g>
  )
}

function StakeDistance({
  stake,
  isTrench,
  ground,
  px,
  manner,
}: {
  stake: number
  isTrench: boolean
  ground: number
  px: (metres: number) => number
  manner: Manner
}) {
  const to = STEM_X + (isTrench ? -px(stake) : px(stake))
  return (
    <g>
      <line
        x1={STEM_X}
        x2={to}
        y1={ground - 10}
        y2={ground - 10}
        stroke="var(--color-secondary)"
        strokeDasharray="3 3"
        strokeWidth="1.5"
      />
      <text
        x={to + (isTrench ? -10 : 10)}
        y={ground - 6}
        fontSize="15"
        fill="var(--color-secondary)"
        textAnchor={isTrench ? 'end' : 'start'}
        className="halo"
      >
        stake {sayLength(stake, manner)}
      </text>
    </g>
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
      <text x={width / 2 - 4} y={Math.min(HEIGHT - 8, floor + 19)} textAnchor="middle" className="halo-dark">
        {answer.method === 'trench'
          ? `trench ${sayLength(answer.holeDepth, manner)} deep, ${sayLength(answer.trenchLength ?? 0, manner)} long`
          : `hole ${sayLength(answer.holeDepth, manner)}`}
        , floor {at}
      </text>
    </g>
  )
}

/** The planting depth as a thing to take hold of: by pointer, or with arrow keys. */
function Handle({
  plant,
  answer,
  ground,
  scale,
  manner,
  onBury,
}: Omit<Part, 'px'> & { scale: number; manner: Manner; onBury: (metres: number) => void }) {
  const start = useRef<{ y: number; buried: number; perPixel: number } | null>(null)
  const most = Math.max(0, (plant.leafHeights.at(-1) ?? plant.stemHeight) - 0.01)
  const bury = (metres: number) => onBury(Math.round(Math.max(0, Math.min(most, metres)) * 200) / 200)
  const onPointer = (event: PointerEvent<SVGGElement>) => {
    if (event.type === 'pointerdown') {
      const svg = event.currentTarget.ownerSVGElement!
      start.current = {
        y: event.clientY,
        buried: answer.stemBuried,
        perPixel: 1 / (scale * (svg.getScreenCTM()?.d ?? 1)),
      }
      event.currentTarget.setPointerCapture(event.pointerId)
    } else if (event.type === 'pointerup') start.current = null
    else if (start.current)
      bury(start.current.buried + (event.clientY - start.current.y) * start.current.perPixel)
  }
  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowDown: 0.01, ArrowUp: -0.01, PageDown: 0.05, PageUp: -0.05 }[event.key]
    if (step === undefined) return
    event.preventDefault()
    bury(answer.stemBuried + step)
  }
  const y = ground + answer.stemBuried * scale
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label="Stem buried"
      aria-valuemin={0}
      aria-valuemax={Math.round(most * 100)}
      aria-valuenow={Math.round(answer.stemBuried * 100)}
      aria-valuetext={sayLength(answer.stemBuried, manner)}
      aria-orientation="vertical"
      className="cursor-ns-resize touch-none outline-offset-4"
      onPointerDown={onPointer}
      onPointerMove={onPointer}
      onPointerUp={onPointer}
      onKeyDown={onKey}
    >
      <line x1="150" x2={STEM_X - 5} y1={y} y2={y} stroke="#fbfaf5" strokeWidth="1.5" />
      <circle cx="136" cy={y} r="26" fill="transparent" />
      <circle cx="136" cy={y} r="15" fill="#fbfaf5" stroke="var(--stem)" strokeWidth="3" />
      <path
        d={`M136 ${y - 9}v18M132 ${y - 5}l4-4 4 4M132 ${y + 5}l4 4 4-4`}
        fill="none"
        stroke="#2f6140"
        strokeWidth="2"
      />
      <text
        x="112"
        y={y + 5}
        textAnchor="end"
        fontSize="16"
        fontWeight="700"
        fill="#fbfaf5"
        className="halo-dark"
      >
        {sayLength(answer.stemBuried, manner)} buried
      </text>
    </g>
  )
}

function describe(answer: DepthAnswer, plant: SectionPlant, manner: Manner): string {
  const how = answer.method === 'trench' ? 'laid in a trench' : 'upright'
  return `Section through the soil: plant of ${sayLength(plant.stemHeight, manner)} ${how}, ${sayLength(answer.stemBuried, manner)} of stem buried, hole ${sayLength(answer.holeDepth, manner)}, ${answer.leavesToStrip.length} leaves stripped`
}
