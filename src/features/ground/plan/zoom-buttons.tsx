'use client'

/** Closer, farther and all of a drawing again. */
export function ZoomButtons({
  by,
  whole,
  wholeOf,
}: {
  by: (factor: number) => void
  whole: () => void
  wholeOf: string
}) {
  return [
    { label: 'Closer', sign: '+', run: () => by(1.5) },
    { label: 'Farther', sign: '−', run: () => by(1 / 1.5) },
    { label: `Whole ${wholeOf}`, sign: '▢', run: whole },
  ].map(({ label, sign, run }) => (
    <button
      key={label}
      type="button"
      className="btn size-11 bg-base-100 p-0 text-lg"
      aria-label={label}
      title={label}
      onClick={run}
    >
      {sign}
    </button>
  ))
}
