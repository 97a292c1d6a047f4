import type { SignOf } from '../../../core/health'
import { Flower, Figure } from './plant-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'

const STALK = { fill: 'none', stroke: INK.stem, strokeLinecap: 'round' } as const

/** A truss's stalk from a stem, its flowers' stalks with their knuckles. */
const ENDS: readonly (readonly [number, number])[] = [
  [50, 24],
  [66, 42],
  [82, 20],
  [94, 46],
  [108, 28],
]
const TrussStalk = () => (
  <g {...STALK}>
    <path d="M18 0V90" strokeWidth="8" />
    <path d="M18 56C42 44 60 30 100 34" strokeWidth="3" />
    <path d="M44 44L50 28M58 37L65 40M74 33L81 22M86 33L93 44M98 34L107 29" strokeWidth="2" />
  </g>
)
const Knuckles = () => (
  <g fill={INK.stem}>
    {[
      [47, 35],
      [62, 39],
      [78, 27],
      [90, 39],
      [103, 31],
    ].map(([x, y]) => (
      <circle key={x} cx={x} cy={y} r="2.6" />
    ))}
  </g>
)

export const FLOWER_SIGNS: Record<SignOf<'flower'>, DrawSign> = {
  'flowers-drop': (crop) => (
    <g>
      <TrussStalk />
      <Knuckles />
      <Flower crop={crop} x={50} y={20} r={11} />
      <Flower crop={crop} x={66} y={66} r={10} turn={40} />
      <Flower crop={crop} x={92} y={80} r={10} turn={100} />
      <Flower crop={crop} x={44} y={82} r={9} turn={200} />
      <path d="M66 50v6M92 54v14" stroke={INK.grey} strokeWidth="1.5" strokeDasharray="3 3" />
    </g>
  ),
  'empty-trusses': () => (
    <g>
      <TrussStalk />
      <Knuckles />
      <g fill="#b39b66">
        {ENDS.map(([x, y]) => (
          <path key={x} d={`M${x} ${y - 5}l3 4-3 5-3-5Z`} />
        ))}
      </g>
    </g>
  ),
  'few-flowers': (crop) => (
    <g>
      <Figure crop={crop} fills={['#356b34', '#356b34', '#3f7a3c', '#3f7a3c', INK.leaf]} />
      <Flower crop={crop} x={70} y={40} r={7} />
    </g>
  ),
  'broad-flower': (crop) => (
    <g>
      <path d="M60 90V62" stroke={INK.stem} strokeWidth="7" />
      <path d="M30 62C40 74 80 74 90 62Z" fill={INK.stem} />
      {[-44, -30, -16, 0, 16, 30, 44].map((turn) => (
        <path
          key={turn}
          d="M60 66C50 46 52 20 60 6 68 20 70 46 60 66Z"
          fill={crop === 'tomato' ? INK.petal : '#fdfcf6'}
          stroke={crop === 'tomato' ? '#a8861c' : '#8b907a'}
          transform={`rotate(${turn} 60 66)`}
        />
      ))}
      <path d="M38 62C40 46 80 46 82 62Z" fill={crop === 'tomato' ? '#d99a1e' : '#7d7a96'} />
      <path d="M48 61V52M56 61V49M64 61V49M72 61V52" stroke={INK.stem} strokeWidth="3" />
    </g>
  ),
}
