import { useId } from 'react'
import type { ReactNode } from 'react'
import type { Crop } from '../../../core/crop'
import { INK } from './colours'
import { scatter, Dots } from './marks'

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
