import type { ReactNode } from 'react'
import type { Lane } from './lanes'

/** What each stage looks like, in a box of 16: seed, loop, young plant, flower, fruit, a truss of fruit. */
const DRAWN: Record<Lane['marks'][number]['stage'], ReactNode> = {
  sow: (
    <path
      d="M8 3.5c2.6 1.6 3.6 3.6 3.2 6-.3 1.9-1.5 3-3.2 3s-2.9-1.1-3.2-3c-.4-2.4.6-4.4 3.2-6Z"
      fill="var(--straw)"
      stroke="var(--soil)"
    />
  ),
  emerge: (
    <path
      d="M5 14V8.5C5 5.4 7 3.6 9 3.6s3 1.6 2.6 3.4c-.3 1.4-1.6 1.9-2.6 1.5"
      fill="none"
      stroke="var(--stem)"
      strokeWidth="1.8"
      strokeLinecap="round"
    />
  ),
  'set-out': (
    <g fill="none" stroke="var(--stem)" strokeWidth="1.5" strokeLinecap="round">
      <path d="M8 15V3" />
      <path
        d="M8 11C5 11 3.4 9.4 3 7.4c2.6-.2 4.4 1 5 3.6M8 8c.2-2.6 2-4.2 5-4.2C12.9 6.6 11 8 8 8"
        fill="var(--leaf-mark)"
      />
    </g>
  ),
  'first-flower': (
    <g>
      {[0, 72, 144, 216, 288].map((turn) => (
        <path
          key={turn}
          d="M8 8 6.4 3 8 1.6 9.6 3Z"
          fill="#e9c53a"
          stroke="#8a6a12"
          strokeWidth=".7"
          transform={`rotate(${turn} 8 8)`}
        />
      ))}
      <circle cx="8" cy="8" r="1.5" fill="#8a6a12" />
    </g>
  ),
  'first-green': (
    <g>
      <path d="M5 5.4h6c1 3.6.2 7.8-3 9-3.2-1.2-4-5.4-3-9Z" fill="var(--leaf-mark)" stroke="var(--stem)" />
      <path
        d="M8 5.2C8 3.6 8.6 2.6 9.6 2"
        fill="none"
        stroke="var(--stem)"
        strokeWidth="1.5"
        strokeLinecap="round"
      />
    </g>
  ),
  'first-ripe': (
    <g>
      <circle cx="8" cy="9" r="5.4" fill="var(--ripe)" />
      <path
        d="M8 4.5 5.2 3.2M8 4.5l2.8-1.3M8 4.5V1.8M8 4.5 5.7 5.9M8 4.5l2.3 1.4"
        stroke="var(--stem)"
        strokeWidth="1.3"
        strokeLinecap="round"
      />
    </g>
  ),
  peak: (
    <g>
      <path d="M3 2c4 0 6 3 6 12" fill="none" stroke="var(--stem)" strokeWidth="1.3" />
      <circle cx="5" cy="7" r="3" fill="var(--ripe)" />
      <circle cx="11" cy="6.4" r="3" fill="var(--ripe)" />
      <circle cx="6" cy="12.6" r="2.8" fill="var(--ripe)" />
      <circle cx="11.5" cy="12.4" r="2.8" fill="var(--ripe)" />
    </g>
  ),
}

export function Glyph({ stage, faint = false }: { stage: Lane['marks'][number]['stage']; faint?: boolean }) {
  return (
    <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden className={faint ? 'opacity-75' : ''}>
      {DRAWN[stage]}
    </svg>
  )
}
