import { PepperLeaf, TomatoLeaf } from '../leaf-marks'
import { INK } from './colours'

/** The top of a shoot: small leaves around a growing tip. */
export function Shoot({
  crop,
  fill,
  curl = 0,
  length = 34,
}: {
  crop: 'tomato' | 'pepper'
  fill: string
  curl?: number
  length?: number
}) {
  const Blade = crop === 'tomato' ? TomatoLeaf : PepperLeaf
  const stalk = INK.stem
  return (
    <g>
      <path d="M60 90V26" stroke={INK.stem} strokeWidth="4" strokeLinecap="round" />
      {[false, true].map((left) => (
        <g key={String(left)}>
          <Blade x={60} y={78} length={50} left={left} rise={16} fill={INK.leaf} stalk={stalk} />
          <Blade x={60} y={54} length={length} left={left} rise={30 + curl} fill={fill} stalk={stalk} />
          <Blade x={60} y={36} length={length * 0.8} left={left} rise={52 + curl} fill={fill} stalk={stalk} />
          <Blade
            x={60}
            y={28}
            length={length * 0.55}
            left={left}
            rise={74 + curl / 2}
            fill={fill}
            stalk={stalk}
          />
        </g>
      ))}
    </g>
  )
}
