import type { Pot } from '../../../core/containers'
import { sayLength } from '../../../wording/say'
import { SidePlant } from './side-plant'
import { Holding } from './holding'
import type { ElevationProps } from './elevation-props'

/** Pixels of the drawing a metre; all marks inside are in metres, y downward from the soil line. */
const MOST_PLANTS = 8
const MARGIN = 0.55
const HEAD = 0.3
/** Shown across at least, so that marks stay as small as in a row. */
const LEAST_WIDE = 3

/** A row from the side, to scale: plants today and grown, what holds them, posts in the ground, heights. */
export function SupportElevation(props: ElevationProps) {
  const { plan, crop, plants, spacing, plantsPerBay, heightToday, grownHeight, canopyWidth, pot, manner } =
    props
  const shown = Math.min(plants, Math.max(plantsPerBay * 2, MOST_PLANTS))
  const length = shown * spacing
  const depth = Math.max(0.35, (plan.post?.embedment ?? 0) + 0.12, (pot?.height ?? 0) + 0.1)
  const margin = Math.max(MARGIN, (LEAST_WIDE - length) / 2)
  const left = -margin
  const wide = length + 2 * margin
  const top = Math.max(plan.aboveGround, grownHeight) + HEAD
  const xs = Array.from({ length: shown }, (_, index) => (index + 0.5) * spacing)
  const tick = manner.units === 'us' ? 0.3048 : 0.5
  const ticks = Array.from({ length: Math.floor((top - 0.1) / tick) }, (_, index) => (index + 1) * tick)
  return (
    <svg
      viewBox={`${left} ${-top} ${wide} ${top + depth}`}
      className="h-full max-h-[max(70dvh,20rem)] w-full"
      role="img"
      aria-label={`The row from the side: ${shown} of ${plants} plants, ${sayLength(spacing, manner)} apart`}
    >
      {pot ? (
        <>
          <rect x={left} y={pot.height} width={wide} height={depth - pot.height} fill="#8a7b6c" />
          {xs.map((x) => (
            <PotSide key={x} x={x} pot={pot} />
          ))}
        </>
      ) : (
        <>
          <rect x={left} y="0" width={wide} height={depth} fill="#8a7b6c" />
          <path d={`M${left} 0H${left + wide}`} stroke="#4c3b2c" strokeWidth="0.012" />
        </>
      )}
      {ticks.map((height) => (
        <g key={height}>
          <path d={`M${left + 0.06} ${-height}h0.06`} stroke="currentColor" strokeWidth="0.006" />
          <text x={left + 0.14} y={-height + 0.03} fontSize="0.085" fill="currentColor">
            {sayLength(height, manner)}
          </text>
        </g>
      ))}
      <Holding {...props} xs={xs} length={length} behind />
      {xs.map((x, index) => (
        <g key={x} transform={`translate(${x} 0)`}>
          <ellipse
            cy={-grownHeight / 2}
            rx={canopyWidth / 2}
            ry={grownHeight / 2}
            fill="none"
            stroke="var(--color-primary)"
            strokeWidth="0.008"
            strokeDasharray="0.04 0.03"
            opacity="0.55"
          />
          <SidePlant
            crop={crop}
            height={Math.max(0.15, Math.min(heightToday || 0.2, Math.max(grownHeight, plan.aboveGround)))}
            width={canopyWidth}
            lean={index % 2 === 0 ? 1 : -1}
            ghost={heightToday === 0}
          />
        </g>
      ))}
      <Holding {...props} xs={xs} length={length} behind={false} />
      {plants > shown && (
        <text x={left + wide - 0.05} y={0.14} fontSize="0.085" textAnchor="end" fill="#fbfaf5">
          and {plants - shown} more
        </text>
      )}
    </svg>
  )
}

/** A pot cut open, its mix up to the plant's foot. */
function PotSide({ x, pot: { top, bottom, height } }: { x: number; pot: Pot }) {
  const [rim, foot] = [top / 2, (bottom ?? top) / 2]
  return (
    <path
      d={`M${x - rim} -0.02L${x - foot} ${height}H${x + foot}L${x + rim} -0.02V0H${x - rim}Z`}
      fill="#6b5444"
      stroke="#b06a4a"
      strokeWidth="0.02"
      strokeLinejoin="round"
    />
  )
}
