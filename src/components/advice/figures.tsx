/** How a number came about, line by line. @param note what holds whatever the numbers */
export function Figures({ lines, note }: { lines: readonly string[]; note?: string }) {
  return (
    <ul className="mt-3 text-sm tabular-nums">
      {lines.map((line, index) => (
        <li key={index}>{line}</li>
      ))}
      {note && <li className="mt-1 text-quiet">{note}</li>}
    </ul>
  )
}
