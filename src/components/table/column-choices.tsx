/** The first lines of a table, with what each of its columns holds, to be chosen. */
export function ColumnChoices<Role extends string>({
  rows,
  header,
  roles,
  names,
  columns,
  onChange,
}: {
  rows: readonly (readonly string[])[]
  /** The first line names the columns. */
  header: boolean
  roles: readonly Role[]
  names: Record<Role, string>
  columns: Partial<Record<Role, number>>
  onChange: (columns: Partial<Record<Role, number>>) => void
}) {
  const width = Math.max(0, ...rows.map((row) => row.length))
  const roleOf = (at: number) => roles.find((role) => columns[role] === at)
  const assign = (at: number, role: Role | '') => {
    const next = { ...columns }
    for (const other of roles) if (next[other] === at || other === role) delete next[other]
    if (role !== '') next[role] = at
    onChange(next)
  }
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="First lines of the file">
      <table className="border-collapse text-sm">
        <thead>
          <tr>
            {Array.from({ length: width }, (_, at) => (
              <th key={at} scope="col" className="p-1 text-left font-normal">
                <select
                  className="select min-h-11 min-w-32"
                  aria-label={`Column ${at + 1}${header ? `, ${rows[0]?.[at] ?? ''}` : ''}`}
                  value={roleOf(at) ?? ''}
                  onChange={(event) => assign(at, event.target.value as Role | '')}
                >
                  <option value="">left out</option>
                  {roles.map((role) => (
                    <option key={role} value={role}>
                      {names[role]}
                    </option>
                  ))}
                </select>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, SHOWN).map((row, line) => (
            <tr
              key={line}
              className={`border-t border-base-300 ${line === 0 && header ? 'font-semibold' : ''}`}
            >
              {Array.from({ length: width }, (_, at) => (
                <td key={at} className={`max-w-48 truncate px-2 py-1 ${roleOf(at) ? '' : 'text-quiet'}`}>
                  {row[at]}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
const SHOWN = 7
