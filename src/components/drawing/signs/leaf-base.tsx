import { useId } from 'react'
import type { ReactNode } from 'react'
import type { Crop } from '../../../core/crop'
import { LEAFLET } from '../leaf-marks'
import { INK } from './colours'

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
