import type { ElevationProps } from './elevation-props'

const WOOD = 'var(--color-secondary)'
const STRING = '#c9a86a'
const WIRE = '#6d7378'

type Props = ElevationProps & { xs: readonly number[]; length: number; behind: boolean }

/** What holds the row: posts behind the plants, strings, ties and mesh before them. */
export function Holding(props: Props) {
  const { plan, behind } = props
  switch (plan.system) {
    case 'none':
      return null
    case 'stake':
      return behind ? <Stakes {...props} /> : <Ties {...props} />
    case 'cage':
      return behind ? <Rods {...props} /> : <Cages {...props} />
    case 'weave':
      return behind ? (
        <>
          <RowPosts {...props} every={props.plantsPerBay} />
          <Strings {...props} />
        </>
      ) : (
        <Strings {...props} />
      )
    case 'string':
      return behind ? <Beam {...props} /> : <HungStrings {...props} />
    case 'panel':
      return behind ? <RowPosts {...props} every={4} /> : <Panel {...props} />
  }
}

/** A post from its point in the ground to its top. */
function Upright({ x, plan }: { x: number; plan: Props['plan'] }) {
  if (!plan.post) return null
  const width = Math.max(0.02, plan.post.diameter)
  const { embedment } = plan.post
  return (
    <path
      d={`M${x - width / 2} ${-plan.aboveGround}H${x + width / 2}V${embedment - width}L${x} ${embedment}L${x - width / 2} ${embedment - width}Z`}
      fill={['bamboo', 'softwood', 'hardwood'].includes(plan.post.material) ? WOOD : WIRE}
      stroke="#20261f"
      strokeWidth="0.004"
    />
  )
}

const Stakes = ({ xs, plan }: Props) =>
  xs.map((x) => <Upright key={x} x={x + (plan.distance ?? 0.08)} plan={plan} />)

/** A loose figure-of-eight from stake to stem at each height; those above the plant wait, pale. */
function Ties({ xs, plan, heightToday }: Props) {
  const off = plan.distance ?? 0.08
  return xs.flatMap((x) =>
    plan.tiers.map((height) => (
      <path
        key={`${x} ${height}`}
        d={`M${x - 0.02} ${-height}C${x + off * 0.3} ${-height - 0.045} ${x + off * 0.7} ${-height + 0.045} ${x + off + 0.025} ${-height}C${x + off * 0.7} ${-height - 0.045} ${x + off * 0.3} ${-height + 0.045} ${x - 0.02} ${-height}Z`}
        fill="none"
        stroke={STRING}
        strokeWidth="0.012"
        opacity={height <= heightToday ? 1 : 0.35}
      />
    )),
  )
}

const Rods = ({ xs, plan }: Props) =>
  xs.flatMap((x) =>
    [-1, 1].map((side) => <Upright key={`${x} ${side}`} x={x + side * (plan.distance ?? 0.3)} plan={plan} />),
  )

/** A cylinder of mesh: rings and uprights, closer together toward its sides. */
function Cages({ xs, plan }: Props) {
  const radius = plan.distance ?? 0.3
  const rings = Array.from({ length: Math.floor(plan.aboveGround / 0.15) + 1 }, (_, ring) => ring * 0.15)
  const uprights = Array.from({ length: 9 }, (_, index) => -Math.cos((index / 8) * Math.PI) * radius)
  return xs.map((x) => (
    <g key={x} transform={`translate(${x} 0)`} fill="none" stroke={WIRE} strokeWidth="0.007">
      {uprights.map((at) => (
        <path key={at} d={`M${at} 0V${-plan.aboveGround}`} opacity="0.75" />
      ))}
      {rings.map((height) => (
        <path
          key={height}
          d={`M${-radius} ${-height}Q0 ${-height + 0.05} ${radius} ${-height}`}
          opacity="0.85"
        />
      ))}
    </g>
  ))
}

/** Posts between the plants, every so many of them and at both ends. */
function RowPosts({ plan, spacing, length, every }: Props & { every: number }) {
  const posts: number[] = []
  for (let x = 0; x < length - 1e-6; x += every * spacing) posts.push(x)
  posts.push(length)
  return posts.map((x) => <Upright key={x} x={x} plan={plan} />)
}

/** Of the two strings a tier that pass each plant in front and behind and cross between, the one of this side. */
function Strings({ plan, xs, spacing, length, plantsPerBay, heightToday, sectional, behind }: Props) {
  const wave = (height: number, side: 1 | -1) =>
    xs
      .map((x, index) => {
        const up = (index % 2 === 0 ? 1 : -1) * side * 0.028
        return `Q${x} ${-height - 2 * up} ${x + spacing / 2} ${-height}`
      })
      .join('')
  const posts: number[] = []
  for (let x = 0; x <= length + 1e-6; x += plantsPerBay * spacing) posts.push(x)
  return plan.tiers.map((height) => (
    <g
      key={height}
      fill="none"
      stroke={STRING}
      strokeWidth="0.012"
      opacity={height <= heightToday ? 1 : 0.45}
      strokeDasharray={height <= heightToday ? undefined : '0.05 0.03'}
    >
      <path d={`M0 ${-height}${wave(height, behind ? -1 : 1)}`} />
      {(behind ? [] : posts).map((x) => (
        <path
          key={x}
          d={
            sectional
              ? `M${x - 0.03} ${-height - 0.014}h0.06M${x - 0.03} ${-height + 0.014}h0.06M${x + 0.03} ${-height + 0.014}l0.03 0.04`
              : `M${x - 0.03} ${-height}h0.06`
          }
          strokeDasharray="none"
        />
      ))}
    </g>
  ))
}

function Beam({ plan, length }: Props) {
  const posts: number[] = []
  for (let x = 0; x < length - 1e-6; x += 3) posts.push(x)
  posts.push(length)
  return (
    <g>
      {posts.map((x) => (
        <Upright key={x} x={x} plan={plan} />
      ))}
      <rect
        x={-0.12}
        y={-plan.aboveGround - 0.05}
        width={length + 0.24}
        height="0.07"
        fill={WOOD}
        stroke="#20261f"
        strokeWidth="0.004"
      />
    </g>
  )
}

/** A string from the beam, turned about the stem, with a clip at each height that the plant has reached. */
function HungStrings({ plan, xs, heightToday }: Props) {
  return xs.map((x) => {
    const turns = Math.max(1, Math.floor(heightToday / 0.25))
    const around = Array.from(
      { length: turns },
      (_, turn) =>
        `Q${x + (turn % 2 === 0 ? 0.035 : -0.035)} ${-((turn + 0.5) * heightToday) / turns} ${x} ${-((turn + 1) * heightToday) / turns}`,
    ).join('')
    return (
      <g key={x} fill="none" stroke={STRING} strokeWidth="0.01">
        <path d={`M${x} 0.04V0${around}V${-plan.aboveGround}`} />
        <path
          d={`M${x - 0.05} ${-plan.aboveGround - 0.06}h0.1v0.06h-0.1z`}
          fill={STRING}
          stroke="#20261f"
          strokeWidth="0.004"
        />
        {plan.tiers
          .filter((height) => height <= heightToday)
          .map((height) => (
            <circle key={height} cx={x} cy={-height} r="0.016" stroke={WIRE} strokeWidth="0.009" />
          ))}
      </g>
    )
  })
}

/** A stiff grid along the row, plants woven through it. */
function Panel({ plan, length }: Props) {
  const lines = Array.from({ length: Math.floor(length / 0.15) + 1 }, (_, index) => index * 0.15)
  const levels = Array.from({ length: Math.floor(plan.aboveGround / 0.15) }, (_, index) => (index + 1) * 0.15)
  return (
    <g fill="none" stroke={WIRE} strokeWidth="0.007" opacity="0.8">
      {lines.map((x) => (
        <path key={x} d={`M${x} -0.15V${-plan.aboveGround}`} />
      ))}
      {levels.map((height) => (
        <path key={height} d={`M0 ${-height}H${length}`} />
      ))}
    </g>
  )
}
