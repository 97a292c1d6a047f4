import type { Crop } from '../../core/crop'
import type { Manner } from '../../core/facts'
import type { Measure } from '../../core/quantity'
import type { WaterLevel } from '../../core/watering'
import { sayMeasure } from '../../wording/say'
import { PepperLeaf, TomatoLeaf } from './leaf-marks'
import { INK } from './signs/colours'

const [WIDTH, HEIGHT] = [440, 196]
/** Where the soil begins and ends, and where it stands from left to right. */
const [TOP, FLOOR] = [104, 182]
const POT = { left: 30, right: 150, taper: 12 }
const BED = { left: 8, right: 232, taper: 0 }
/** Two lines of words apart, in the drawing's units. */
const LINE = 19

/** A pot or a bed cut through: how far its water has fallen, and the line under which growth slows. */
export function WaterLevelPicture({
  isPot,
  crop,
  left,
  slows,
  short,
  limit,
  manner,
}: WaterLevel & { isPot: boolean; crop: Crop; manner: Manner }) {
  const frame = isPot ? POT : BED
  const levelAt = (share: number) => FLOOR - (FLOOR - TOP) * Math.min(1, Math.max(0, share))
  const edge = (y: number) => (frame.taper * (y - TOP)) / (FLOOR - TOP)
  const block = (from: number) =>
    `M${frame.left + edge(from)} ${from}H${frame.right - edge(from)}L${frame.right - edge(FLOOR)} ${FLOOR}H${frame.left + edge(FLOOR)}Z`
  const [now, line] = [levelAt(left), levelAt(slows)]
  const text = (measure: Measure) => sayMeasure(measure, manner)
  const isLow = left < slows
  // The words keep apart where the lines come together: the higher line's are above.
  const middle = (now + line) / 2
  const gap = Math.max(Math.abs(now - line), LINE) / 2
  const nowText = Math.min(FLOOR - 2, (isLow ? middle + gap : middle - gap) + 5)
  const lineText = isLow ? Math.min(middle - gap + 5, nowText - LINE) : middle + gap + 5
  const stems = isPot ? [90] : [64, 176]
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="max-h-56 w-full max-w-xl"
      role="img"
      aria-label={`${isPot ? 'The pot' : 'The bed'} cut through: ${text(short)} short of water now; growth slows at ${text(limit)} short`}
      preserveAspectRatio="xMinYMid"
    >
      <line x1="0" x2={WIDTH} y1={FLOOR + 4} y2={FLOOR + 4} stroke="var(--straw)" strokeWidth="8" />
      <path d={block(TOP)} fill="var(--soil)" />
      <path d={block(Math.max(now, TOP))} fill="var(--color-water)" opacity="0.75" />
      <path
        d={`M${frame.left} ${TOP - 6}L${frame.left + edge(FLOOR)} ${FLOOR}H${frame.right - edge(FLOOR)}L${frame.right} ${TOP - 6}`}
        fill="none"
        stroke="var(--color-stake)"
        strokeWidth="5"
        strokeLinejoin="round"
      />
      {stems.map((x) => (
        <Plant key={x} x={x} crop={crop} />
      ))}
      <line
        x1={frame.left - 6}
        x2={frame.right + 14}
        y1={line}
        y2={line}
        stroke="var(--color-cut)"
        strokeWidth="2"
        strokeDasharray="6 4"
      />
      <path
        d={`M${frame.right + 14} ${line}L${frame.right + 24} ${lineText - 5}`}
        stroke="var(--color-cut)"
        strokeWidth="1.5"
      />
      <path
        d={`M${frame.right - edge(now) + 2} ${now}L${frame.right + 24} ${nowText - 5}`}
        stroke="var(--color-water)"
        strokeWidth="1.5"
      />
      <g fontSize="15" fontWeight="600">
        <text x={frame.right + 28} y={lineText} fill="var(--color-cut)">
          {text(limit)} short: growth slows
        </text>
        <text x={frame.right + 28} y={nowText} fill="var(--color-water)">
          {text(short)} short now
        </text>
      </g>
    </svg>
  )
}

/** A young plant in flower, as large as the drawing has room for. */
function Plant({ x, crop }: { x: number; crop: Crop }) {
  const Leaf = crop === 'pepper' ? PepperLeaf : TomatoLeaf
  const leaf = { fill: 'var(--leaf-mark)', stalk: 'var(--stem)' }
  return (
    <g>
      <path
        d={`M${x} ${TOP}C${x - 2} ${TOP - 30} ${x + 2} ${TOP - 50} ${x} 30`}
        fill="none"
        stroke="var(--stem)"
        strokeWidth="4"
        strokeLinecap="round"
      />
      <Leaf x={x} y={TOP - 16} length={50} {...leaf} />
      <Leaf x={x} y={TOP - 28} length={52} left {...leaf} />
      <Leaf x={x} y={TOP - 46} length={42} {...leaf} />
      <Leaf x={x} y={TOP - 60} length={34} left rise={36} fill="var(--leaf-young)" stalk="var(--stem)" />
      <Leaf x={x} y={34} length={24} rise={58} fill="var(--leaf-young)" stalk="var(--stem)" />
      <path d={`M${x} ${TOP - 38}q8 2 13 7`} fill="none" stroke="var(--stem)" strokeWidth="1.5" />
      <g fill={INK.petal}>
        <circle cx={x + 12} cy={TOP - 30} r="3" />
        <circle cx={x + 17} cy={TOP - 27} r="3" />
        <circle cx={x + 12} cy={TOP - 24} r="2.4" />
      </g>
    </g>
  )
}
