import type { ReactNode } from 'react'
import type { Crop } from '../../../core/crop'
import { PepperLeaf, TomatoLeaf } from '../leaf-marks'
import { INK } from './colours'
import { scatter, Dots } from './marks'

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
