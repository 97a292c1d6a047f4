import { useId } from 'react'
import type { ReactNode } from 'react'
import type { Crop } from '../../../core/crop'
import { INK } from './colours'

/** A tomato's leaflet close by: coarse teeth that point to its drawn-out tip. */
const TOMATO_BLADE =
  'M0 0C0.090 -0.243 0.140 -0.313 0.170 -0.340L0.185 -0.273C0.220 -0.321 0.270 -0.367 0.300 -0.368L0.322 -0.288C0.340 -0.326 0.390 -0.357 0.420 -0.345L0.435 -0.267C0.470 -0.292 0.520 -0.310 0.550 -0.290L0.572 -0.219C0.590 -0.240 0.640 -0.247 0.670 -0.223L0.685 -0.168C0.700 -0.183 0.750 -0.180 0.780 -0.155L0.802 -0.111C0.800 -0.127 0.850 -0.116 0.880 -0.089L0.895 -0.062Q0.95 -0.03 1 0.02Q0.95 0.05 0.875 0.073L0.860 0.103C0.830 0.129 0.780 0.138 0.772 0.126L0.750 0.174C0.720 0.199 0.670 0.199 0.645 0.187L0.630 0.247C0.600 0.269 0.550 0.259 0.522 0.239L0.500 0.314C0.470 0.331 0.420 0.308 0.395 0.277L0.380 0.357C0.350 0.365 0.300 0.329 0.272 0.289L0.250 0.366C0.220 0.357 0.170 0.303 0.145 0.255L0.130 0.313C0.100 0.272 0.03 0.12 0 0Z'

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
  const outline = crop === 'tomato' ? TOMATO_BLADE : PEPPER_BLADE
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
