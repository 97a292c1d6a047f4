import { GARDEN_VERSION } from '../core/facts'
import { EVERY_RECORD } from './records'
import { gardenRecord } from './records/garden'
import type { LooseRow } from './records/record'

type File = Record<string, unknown>

/** A file of an earlier version as this version has it: step by step, each record by its own steps. */
export function upgraded(file: File): File {
  const { version } = file
  if (typeof version !== 'number' || version < 1 || version >= GARDEN_VERSION) return file
  let brought = file
  for (let to = Math.floor(version) + 1; to <= GARDEN_VERSION; to++) brought = step(brought, to)
  return { ...brought, version: GARDEN_VERSION }
}

function step(file: File, to: number): File {
  const brought: File = { ...file, garden: changed(file.garden, gardenRecord.versions, to) }
  for (const [list, { since, versions }] of EVERY_RECORD) {
    if (since === to && brought[list] === undefined) brought[list] = []
    const rows = brought[list]
    if (Array.isArray(rows)) brought[list] = rows.map((row: unknown) => changed(row, versions, to))
  }
  return to === SEASONS_RENUMBERED ? renumbered(brought) : brought
}

/** From this version on a season's number is the year in which its summer begins. */
const SEASONS_RENUMBERED = 10
/** A coldest month from October on lies in the year before that summer. */
const LATE_IN_THE_YEAR = 10

/** Seasons that were numbered by a coldest day at the end of the year before. */
function renumbered(file: File): File {
  const months = (Array.isArray(file.normals) ? file.normals : []) as {
    month: number
    tmin: number
    tmax: number
  }[]
  const coldest = months.reduce<(typeof months)[number] | undefined>(
    (low, row) => (low === undefined || row?.tmin + row?.tmax < low.tmin + low.tmax ? row : low),
    undefined,
  )
  if (!coldest || !(coldest.month >= LATE_IN_THE_YEAR)) return file
  const later = (rows: unknown) =>
    Array.isArray(rows)
      ? rows.map((row: unknown) =>
          typeof row === 'object' && row !== null && typeof (row as LooseRow).season === 'number'
            ? { ...row, season: ((row as LooseRow).season as number) + 1 }
            : row,
        )
      : rows
  return { ...file, plantings: later(file.plantings), archive: later(file.archive) }
}

/** What is no row stays as it is: it is told as a fault after. */
function changed(row: unknown, versions: Readonly<Record<number, (row: LooseRow) => LooseRow>>, to: number) {
  const change = versions[to]
  const isRow = typeof row === 'object' && row !== null && !Array.isArray(row)
  return change && isRow ? change(row as LooseRow) : row
}
