import type { MatrixCode } from './matrix-code'

/** A square code with the white edge that it is found by; its side is told by the style. */
export function MatrixPicture({
  code,
  label,
  side,
  className,
}: {
  code: MatrixCode
  label: string
  side: string
  className?: string
}) {
  return (
    <svg
      viewBox={`-2 -2 ${code.size + 4} ${code.size + 4}`}
      style={{ width: side, height: side }}
      className={className}
      role="img"
      aria-label={label}
    >
      <rect x={-2} y={-2} width={code.size + 4} height={code.size + 4} fill="#ffffff" />
      <path d={code.path} fill="#000000" shapeRendering="crispEdges" />
    </svg>
  )
}
