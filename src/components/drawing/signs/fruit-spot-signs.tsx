import type { Crop } from '../../../core/crop'
import { Dots, scatter } from './marks'
import { Fruit } from './fruit-base'
import { Ground } from './plant-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'
import { Small, TRUSS } from './fruit-parts'

const unripe = (crop: Crop) => (crop === 'tomato' ? '#9db35a' : '#4f8a3c')

/** Spots, blotches and rots of fruit. */
export const FRUIT_SPOT_SIGNS = {
  'firm-brown-fruit': (crop) => (
    <Fruit crop={crop} fill={unripe(crop)}>
      <path d="M14 10H80C88 26 70 34 74 46 66 58 52 48 46 60 36 66 24 58 14 62Z" fill="#6a4422" />
      <path
        d="M30 26C40 20 54 22 62 30M34 42C44 36 52 38 58 40"
        stroke="#8f6a42"
        strokeWidth="3"
        fill="none"
      />
    </Fruit>
  ),
  'scabby-specks': (crop) => (
    <Fruit crop={crop} fill={unripe(crop)}>
      <Dots at={scatter(20, 34, 30, 52, 46)} r={2.6} fill="#4a3018" stroke="#c9bd8f" strokeWidth={1.3} />
    </Fruit>
  ),
  'sunken-rings': (crop) => (
    <Fruit crop={crop}>
      {[
        [48, 44, 9],
        [70, 60, 11],
      ].map(([x, y, r]) => (
        <g key={x} fill="none" stroke="#3f2015" strokeWidth="1.6">
          <circle cx={x} cy={y} r={r} fill="#8f2f20" />
          <circle cx={x} cy={y} r={r! * 0.68} fill="#6b2418" />
          <circle cx={x} cy={y} r={r! * 0.34} fill="#2b1510" />
        </g>
      ))}
    </Fruit>
  ),
  'pink-slime': (crop) => (
    <Fruit crop={crop}>
      <circle cx="58" cy="54" r="17" fill="#7d2a1c" />
      <path
        d="M46 50C50 42 64 42 70 50 72 58 66 66 60 64 57 70 54 68 54 63 47 61 44 56 46 50Z"
        fill="#f0a48c"
      />
      <Dots
        at={[
          [52, 52],
          [58, 49],
          [64, 53],
          [57, 58],
        ]}
        r={1.8}
        fill="#fbd9cc"
      />
    </Fruit>
  ),
  'ripe-only': () => (
    <g>
      <path d={TRUSS} fill="none" stroke={INK.stem} strokeWidth="4" />
      <Small x={36} y={42} r={18} fill={INK.red} />
      <Small x={70} y={38} r={15} fill={INK.orange} />
      <Small x={98} y={32} r={12} fill={INK.green} />
      <Dots
        at={[
          [30, 44],
          [40, 52],
          [42, 40],
        ]}
        r={3.2}
        fill="#3f2015"
      />
    </g>
  ),
  'soft-rot-fruit': () => (
    <g>
      <path d="M60 0V20" stroke={INK.stem} strokeWidth="4" />
      <path
        d="M60 20C76 14 94 22 92 44 94 62 84 76 66 74 62 90 52 90 50 76 34 74 24 60 28 42 26 22 46 14 60 20Z"
        fill="#b5533a"
      />
      <path d="M34 50C44 40 60 56 76 44 88 50 88 66 70 72 60 80 40 76 34 62Z" fill="#8d5a3e" />
      <path d="M42 58q6-5 12 0t12 0 10-2" fill="none" stroke="#c98f70" strokeWidth="2" />
      <path d="M58 90C54 84 62 84 58 90Z" fill="#8d5a3e" />
      <path d="M46 20L60 10 74 20 60 26Z" fill={INK.stem} />
      <Ground y={87} />
    </g>
  ),
  'birds-eye-spots': (crop) => (
    <Fruit crop={crop} fill={INK.green}>
      {[
        [42, 40],
        [58, 52],
        [76, 40],
        [48, 64],
        [70, 62],
      ].map(([x, y]) => (
        <g key={x}>
          <circle cx={x} cy={y} r="5.4" fill="#f4f1dd" />
          <circle cx={x} cy={y} r="2.2" fill="#6a4420" />
        </g>
      ))}
    </Fruit>
  ),
  'ringed-fruit': (crop) => (
    <Fruit crop={crop} fill={INK.orange}>
      <g fill="none" stroke="#f3dfa0" strokeWidth="2">
        <circle cx="46" cy="44" r="11" />
        <circle cx="46" cy="44" r="6" />
        <circle cx="74" cy="56" r="13" />
        <circle cx="74" cy="56" r="8" />
        <circle cx="74" cy="56" r="3" />
      </g>
      <path d="M30 62q6-8 12 0M62 32q5-6 10 0" fill="none" stroke="#9a5a20" strokeWidth="2" />
    </Fruit>
  ),
  'blotched-fruit': (crop) => (
    <Fruit crop={crop}>
      <g fill="none" stroke="#e8c24a" strokeWidth="5">
        <circle cx="46" cy="46" r="9" />
        <circle cx="74" cy="58" r="11" />
        <circle cx="70" cy="34" r="6" />
      </g>
      <g fill="#b9b848" opacity="0.85">
        <circle cx="74" cy="58" r="4" />
        <path d="M44 66C52 62 58 70 54 76 46 78 40 72 44 66Z" />
      </g>
    </Fruit>
  ),
  'cloudy-spots': (crop) => (
    <Fruit crop={crop}>
      <g opacity="0.75">
        {[
          [46, 42],
          [66, 38],
          [56, 56],
          [74, 56],
          [60, 72],
        ].map(([x, y]) => (
          <g key={x}>
            <circle cx={x} cy={y} r="6.4" fill="#f0d6a0" opacity="0.7" />
            <circle cx={x} cy={y} r="3.4" fill="#f7ecc8" />
            <circle cx={x} cy={y} r="0.9" fill="#5a3c22" />
          </g>
        ))}
      </g>
    </Fruit>
  ),
} satisfies Partial<Record<SignId, DrawSign>>
