import { useId, type ReactNode } from 'react'
import type { Crop } from '../../../core/crop'
import { LEAFLET, PepperLeaf, TomatoLeaf } from '../leaf-marks'
import { INK } from './colours'

/** What signs are drawn on; each fills a picture of 120 by 90. */

const PEPPER_BLADE = 'M0 0C.14-.22.46-.36 1 .03C.56.3.2.24 0 0Z'
const VEINS = [0.14, 0.28, 0.42, 0.56, 0.7]
  .map((x) => {
    const length = 0.2 - Math.abs(x - 0.36) * 0.22
    return `M${x} 0L${x + 0.12} ${-length}M${x} 0L${x + 0.12} ${length}`
  })
  .join('')

/** One leaflet of a tomato or leaf of a pepper, close by. What lies on it is drawn in leaf lengths, clipped to it. */
export function Leaf({
  crop,
  fill = INK.leaf,
  vein = INK.dark,
  children,
  over,
}: {
  crop: Crop
  fill?: string
  vein?: string
  /** On the blade; `over`: what may stand out beyond it. */
  children?: ReactNode
  over?: ReactNode
}) {
  const id = useId()
  const outline = crop === 'tomato' ? LEAFLET : PEPPER_BLADE
  return (
    <g transform="translate(8 50) rotate(-5) scale(106)">
      <clipPath id={id}>
        <path d={outline} />
      </clipPath>
      <path d="M-.07 .03L0 0" stroke={INK.stem} strokeWidth="0.03" strokeLinecap="round" />
      <path d={outline} fill={fill} />
      <path
        d={`M0 0Q.5-.02 .97 .01${VEINS}`}
        fill="none"
        stroke={vein}
        strokeWidth="0.012"
        strokeLinecap="round"
        clipPath={`url(#${id})`}
      />
      <g clipPath={`url(#${id})`}>{children}</g>
      <path d={outline} fill="none" stroke={INK.dark} strokeWidth="0.01" />
      {over}
    </g>
  )
}

/** Where spots lie on a leaf, in its lengths. */
export const SPOTS: readonly (readonly [number, number])[] = [
  [0.2, -0.06],
  [0.33, 0.11],
  [0.42, -0.13],
  [0.52, 0.05],
  [0.64, -0.07],
  [0.74, 0.07],
  [0.86, -0.01],
]

/** Many places spread evenly over a box, always the same ones. */
export const scatter = (count: number, x: number, y: number, width: number, height: number) =>
  Array.from({ length: count }, (_, at): [number, number] => [
    x + width * ((at * 0.7549 + 0.21) % 1),
    y + height * ((at * 0.5698 + 0.37) % 1),
  ])

/** Round marks at places. */
export function Dots({
  at,
  r,
  ...paint
}: {
  at: readonly (readonly [number, number])[]
  r: number
  fill: string
  stroke?: string
  strokeWidth?: number
  opacity?: number
}) {
  return at.map(([x, y]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} {...paint} />)
}

const TOMATO_FRUIT = 'M60 20C72 13 97 20 97 50C97 72 80 84 60 84C40 84 23 72 23 50C23 20 48 13 60 20Z'
const PEPPER_FRUIT =
  'M60 22C68 12 92 14 90 34C89 52 80 74 70 82C66 86 63 80 60 83C56 87 52 86 48 82C38 72 31 52 30 34C28 14 52 12 60 22Z'

/** A fruit from the side, its far end down. What lies on it is clipped to it. */
export function Fruit({
  crop,
  fill = INK.red,
  children,
  over,
}: {
  crop: Crop
  fill?: string
  children?: ReactNode
  over?: ReactNode
}) {
  const id = useId()
  const outline = crop === 'tomato' ? TOMATO_FRUIT : PEPPER_FRUIT
  return (
    <g>
      <clipPath id={id}>
        <path d={outline} />
      </clipPath>
      <path d={outline} fill={fill} />
      <g clipPath={`url(#${id})`}>
        <path d="M34 34C36 27 42 24 47 24C41 29 38 36 37 44Z" fill="#fff" opacity="0.35" />
        {crop === 'pepper' && (
          <path
            d="M49 24C45 44 48 66 54 82M71 24C75 44 72 66 66 82"
            fill="none"
            stroke="#0003"
            strokeWidth="2"
          />
        )}
        {children}
      </g>
      <path d={outline} fill="none" stroke={INK.black} strokeOpacity="0.45" strokeWidth="1.2" />
      <Calyx crop={crop} />
      {over}
    </g>
  )
}

const Calyx = ({ crop }: { crop: Crop }) =>
  crop === 'tomato' ? (
    <path
      d="M58 21L56 6H63L62 21L76 17L68 25L80 32L64 28L60 38L56 28L40 32L52 25L44 17Z"
      fill={INK.stem}
      strokeLinejoin="round"
    />
  ) : (
    <path d="M57 4H64L64 15C72 15 78 20 80 26C68 22 52 22 40 26C42 20 48 15 57 15Z" fill={INK.stem} />
  )

/** A fruit cut through: its wall and what lies in it. */
export function CutFruit({ crop, children }: { crop: Crop; children?: ReactNode }) {
  return (
    <g>
      {crop === 'tomato' ? (
        <>
          <ellipse cx="60" cy="47" rx="42" ry="38" fill={INK.red} />
          <ellipse cx="60" cy="47" rx="36" ry="32" fill="#e2725c" />
          {[0, 72, 144, 216, 288].map((turn) => (
            <path
              key={turn}
              d="M60 43C50 36 48 24 60 19C72 24 70 36 60 43Z"
              fill="#d8a23c"
              transform={`rotate(${turn} 60 47)`}
            />
          ))}
          <circle cx="60" cy="47" r="7" fill="#f0b3a0" />
        </>
      ) : (
        <>
          <path d={PEPPER_FRUIT} fill={INK.red} />
          <path
            d="M60 29C67 21 84 22 83 35C82 52 74 69 67 76C58 80 53 76 50 74C42 66 38 50 37 35C36 22 53 21 60 29Z"
            fill="#f0b3a0"
          />
          <path d="M52 27H68L64 46H56Z" fill={INK.white} />
          <Dots at={scatter(12, 50, 33, 20, 14)} r={1.8} fill="#e8d9a0" stroke="#b39a55" strokeWidth={0.5} />
          <Calyx crop="pepper" />
        </>
      )}
      {children}
    </g>
  )
}

const LEVELS = [
  { y: 76, length: 40 },
  { y: 62, length: 40 },
  { y: 48, length: 36 },
  { y: 34, length: 29 },
  { y: 21, length: 18 },
]

/** A whole plant on its ground; leaves from the lowest to the newest, hanging by so many degrees. */
export function Figure({
  crop,
  fills = [],
  droop = 0,
  scale = 1,
  x = 60,
  stem = INK.stem,
  children,
}: {
  crop: Crop
  fills?: readonly (string | null)[]
  droop?: number
  scale?: number
  x?: number
  stem?: string
  children?: ReactNode
}) {
  const Blade = crop === 'tomato' ? TomatoLeaf : PepperLeaf
  const rise = (crop === 'tomato' ? 22 : 14) - droop
  return (
    <g transform={`translate(${x} 86) scale(${scale}) translate(-60 -86)`}>
      <path
        d={droop > 60 ? 'M60 86V34Q60 18 68 20' : 'M60 86V14'}
        stroke={stem}
        strokeWidth="3.2"
        strokeLinecap="round"
        fill="none"
      />
      {LEVELS.flatMap(({ y, length }, level) => {
        const fill = fills[level] === undefined ? INK.leaf : fills[level]
        if (fill === null) return []
        return [false, true].map((left) => (
          <Blade
            key={`${level} ${left}`}
            x={60}
            y={y + (left ? -5 : 0)}
            length={length * (crop === 'pepper' ? 0.9 : 1)}
            left={left}
            rise={rise + level * 6}
            fill={fill}
            stalk={stem}
          />
        ))
      })}
      {children}
    </g>
  )
}

/** The ground along the foot of a picture. */
export const Ground = ({ y = 82, fill = INK.soil }: { y?: number; fill?: string }) => (
  <rect x="0" y={y} width="120" height={90 - y} fill={fill} />
)

/** A seedling with its seed leaves and first leaves. */
export const Seedling = ({ x, lean = 0, y = 70 }: { x: number; lean?: number; y?: number }) => (
  <g transform={`translate(${x} ${y}) rotate(${lean})`}>
    <path d="M0 0V-34" stroke={INK.green} strokeWidth="2.6" strokeLinecap="round" />
    <path d="M0-33C-6-42-18-42-22-36-16-30-6-29 0-33C6-42 18-42 22-36 16-30 6-29 0-33Z" fill={INK.leaf} />
    <path d="M0-34C-5-40-6-47-3-52 2-48 3-41 0-34Z" fill={INK.green} />
  </g>
)

/** The sun, high, half risen, or the moon. */
export function Sky({ at }: { at: 'dawn' | 'noon' | 'evening' | 'night' }) {
  if (at === 'night')
    return (
      <g>
        <rect width="120" height="90" fill="#2d3a4d" />
        <path d="M100 8A12 12 0 1 0 108 27A10 10 0 0 1 100 8Z" fill="#f0e4b0" />
        <Dots at={scatter(9, 6, 4, 80, 34)} r={0.9} fill="#f0e4b0" />
      </g>
    )
  const [x, y] = at === 'noon' ? [101, 17] : at === 'dawn' ? [16, 66] : [104, 66]
  return (
    <g stroke={INK.sun} strokeWidth="2.4" strokeLinecap="round">
      {at === 'noon' ? (
        <circle cx={x} cy={y} r="8" fill={INK.sun} />
      ) : (
        <path d={`M${x - 9} ${y}A9 9 0 0 1 ${x + 9} ${y}Z`} fill={INK.sun} />
      )}
      {(at === 'noon' ? [0, 45, 90, 135, 180, 225, 270, 315] : [200, 235, 270, 305, 340]).map((turn) => (
        <path key={turn} d="M12.5 0H16" transform={`translate(${x} ${y}) rotate(${turn})`} />
      ))}
    </g>
  )
}

/** A lens over what is too small to see plainly. */
export function Lens({ x, y, r, children }: { x: number; y: number; r: number; children: ReactNode }) {
  return (
    <g>
      <circle cx={x} cy={y} r={r} fill={INK.white} />
      {children}
      <circle cx={x} cy={y} r={r} fill="none" stroke={INK.black} strokeWidth="2.5" />
      <path
        d={`M${x + r * 0.72} ${y + r * 0.72}l9 9`}
        stroke={INK.black}
        strokeWidth="4"
        strokeLinecap="round"
      />
    </g>
  )
}

/** A flower from the front: a tomato's yellow star, a pepper's white one. */
export const Flower = ({
  crop,
  x,
  y,
  r = 9,
  turn = 0,
}: {
  crop: Crop
  x: number
  y: number
  r?: number
  turn?: number
}) => {
  const petals = crop === 'tomato' ? 5 : 6
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn}) scale(${r})`}>
      {Array.from({ length: petals }, (_, at) => (
        <path
          key={at}
          d="M0 0C.34-.3.26-.74 0-1.05-.26-.74-.34-.3 0 0Z"
          fill={crop === 'tomato' ? INK.petal : '#fdfcf6'}
          stroke={crop === 'tomato' ? '#a8861c' : '#8b907a'}
          strokeWidth="0.07"
          transform={`rotate(${(360 / petals) * at})`}
        />
      ))}
      <circle r="0.27" fill={crop === 'tomato' ? '#d99a1e' : '#7d7a96'} />
    </g>
  )
}
