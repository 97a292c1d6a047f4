/** Leaves from the side. Lengths are in the drawing's own units; a leaf points right, or left when `left`. */

/** A toothed leaflet of unit length along x. */
const LEAFLET =
  'M0 0C.06-.13.16-.25.3-.27L.36-.22C.45-.31.58-.3.64-.2L.71-.18C.82-.17.93-.08 1 0 .93.07.83.15.72.16L.65.2C.58.29.46.29.38.21L.3.24C.17.23.06.12 0 0Z'

/** Where leaflets sit along the stalk, how long they are, and how far they stand off it, °. */
const PAIRS = [
  { along: 0.36, size: 0.24, angle: 62 },
  { along: 0.57, size: 0.3, angle: 54 },
  { along: 0.78, size: 0.32, angle: 44 },
]

interface LeafProps {
  x: number
  y: number
  length: number
  left?: boolean
  /** Rise of the stalk against level, °. */
  rise?: number
  fill: string
  stalk: string
  opacity?: number
}

/** Where a leaf's stalk is so far along it, and how it slopes there, in radians. */
const stalkAt = (t: number) => ({
  x: 2 * (1 - t) * t * 0.52 + t * t,
  y: 2 * (1 - t) * t * -0.2 + t * t * 0.16,
  slope: Math.atan2(2 * (1 - t) * -0.2 + 2 * t * (0.16 + 0.2), 2 * (1 - t) * 0.52 + 2 * t * (1 - 0.52)),
})

const PAIR_OF_NUMBERS = /(-?(?:\d+\.?\d*|\.\d+))[ ,]?(-?(?:\d+\.?\d*|\.\d+))/g

/** A leaflet's outline moved to its place on the stalk: one path of all of them is drawn far sooner than seven. */
function leafletAt(along: number, size: number, degrees: number): string {
  const { x, y, slope } = stalkAt(along)
  const turn = slope + (degrees * Math.PI) / 180
  const [cos, sin] = [size * Math.cos(turn), size * Math.sin(turn)]
  return LEAFLET.replace(PAIR_OF_NUMBERS, (_, u: string, v: string) => {
    const [a, b] = [Number(u), Number(v)]
    return `${(x + a * cos - b * sin).toFixed(3)} ${(y + a * sin + b * cos).toFixed(3)} `
  })
}

const TOMATO_LEAFLETS = [
  ...PAIRS.flatMap(({ along, size, angle }) => [
    leafletAt(along, size, -angle),
    leafletAt(along, size, angle),
  ]),
  leafletAt(0.96, 0.36, 8),
].join('')

/** A tomato's compound leaf: three pairs of leaflets and an end leaflet on a drooping stalk. */
export function TomatoLeaf({ x, y, length, left = false, rise = 24, fill, stalk, opacity = 1 }: LeafProps) {
  return (
    <g
      transform={`translate(${x} ${y}) scale(${left ? -length : length} ${length}) rotate(${-rise})`}
      opacity={opacity}
    >
      <path d="M0 0Q.52-.2 1 .16" fill="none" stroke={stalk} strokeWidth="0.03" strokeLinecap="round" />
      <path d={TOMATO_LEAFLETS} fill={fill} stroke="var(--color-base-100)" strokeWidth="0.007" />
    </g>
  )
}

/** A pepper's simple leaf: smooth-edged, pointed, on a short stalk. */
export function PepperLeaf({ x, y, length, left = false, rise = 18, fill, stalk, opacity = 1 }: LeafProps) {
  return (
    <g
      transform={`translate(${x} ${y}) scale(${left ? -length : length} ${length}) rotate(${-rise})`}
      opacity={opacity}
    >
      <path d="M0 0Q.14-.06.28 0" fill="none" stroke={stalk} strokeWidth="0.035" strokeLinecap="round" />
      <path
        d="M.26 0C.36-.22.62-.26 1 .12.66.2.38.18.26 0Z"
        fill={fill}
        stroke="var(--color-base-100)"
        strokeWidth="0.015"
      />
      <path d="M.28 0Q.6-.02.9.09" fill="none" stroke={stalk} strokeWidth="0.015" />
    </g>
  )
}

/** A root ball from the side: its block of mix with roots running down it. */
export function RootBall({ x, y, width, depth }: { x: number; y: number; width: number; depth: number }) {
  const roots = Array.from({ length: 9 }, (_, index) => index - 4)
  return (
    <g>
      <path
        d={`M${x - width / 2} ${y}H${x + width / 2}L${x + width * 0.42} ${y + depth}H${x - width * 0.42}Z`}
        fill="#3a2b1f"
      />
      {roots.map((root) => (
        <path
          key={root}
          d={`M${x + root * width * 0.03} ${y + 1}C${x + root * width * 0.12} ${y + depth * 0.3} ${x + root * width * 0.08} ${y + depth * 0.6} ${x + root * width * 0.1} ${y + depth * (0.95 - (Math.abs(root) % 3) * 0.12)}`}
          fill="none"
          stroke="#d8c39c"
          strokeWidth="1.1"
        />
      ))}
    </g>
  )
}
