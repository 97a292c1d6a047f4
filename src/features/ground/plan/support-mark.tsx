import type { Support } from '../../../core/facts'

const line = {
  vectorEffect: 'non-scaling-stroke' as const,
  fill: 'none',
  stroke: 'var(--color-secondary)',
  strokeWidth: 2,
}

/** A support from above, beside or around its stem: a stake's end, a cage's rings, the strings of a weave, a string. */
export function SupportMark({ support }: { support: Support }) {
  switch (support) {
    case 'stake':
      return <rect x="-0.02" y="-0.12" width="0.04" height="0.04" fill="var(--color-secondary)" />
    case 'cage':
      return (
        <g {...line} strokeWidth="1.5">
          <circle r="0.3" {...line} />
          <path d="M-0.3 0H-0.24M0.24 0H0.3M0 -0.3V-0.24M0 0.24V0.3" {...line} />
        </g>
      )
    case 'weave':
      return (
        <path
          d="M-0.22 -0.06C-0.1 -0.06 -0.06 0.06 0.22 0.06M-0.22 0.06C-0.1 0.06 -0.06 -0.06 0.22 -0.06"
          {...line}
          strokeWidth="1.5"
        />
      )
    case 'string':
      return <path d="M-0.06 -0.06L0.06 0.06M-0.06 0.06L0.06 -0.06" {...line} />
    case 'panel':
      return (
        <path
          d="M-0.25 -0.1H0.25M-0.25 -0.13V-0.07M0.25 -0.13V-0.07M-0.08 -0.12V-0.08M0.08 -0.12V-0.08"
          {...line}
        />
      )
    case 'none':
      return null
  }
}
