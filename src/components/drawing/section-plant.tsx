import type { Crop } from '../../core/crop'
import { leafAreas } from '../../core/transplant'
import { PepperLeaf, RootBall, TomatoLeaf } from './leaf-marks'
import { STEM_X, trenchStart, type Part, type SectionPlant } from './section-frame'

/** How long each leaf is drawn, px: by the area that its rank has. */
function leafLengths(plant: SectionPlant, px: (metres: number) => number): number[] {
  const areas = leafAreas(plant.leafHeights.length)
  const most = Math.max(...areas, 1e-9)
  const longest = Math.min(px(Math.max(0.12, plant.stemHeight * 0.55)), 190)
  return areas.map(
    (area) => Math.max(0.22, Math.sqrt(area / most)) * longest * (plant.crop === 'pepper' ? 0.75 : 1),
  )
}

export function StandingPlant({ plant, answer, ground, px }: Part) {
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
export function LaidPlant({ plant, answer, ground, px }: Part) {
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
