'use server'

import { dayOf } from '../../../core/garden-day'
import type { Result } from '../../../core/result'
import { seasonToPlant } from '../../../core/season'
import { write } from '../../../data/database'
import { loadGarden } from '../../../data/garden-state'
import { currentGarden } from '../../../data/gardens'
import { mannerOf, todayIn } from '../../../data/garden-row'
import { cultivarRecord } from '../../../data/records/cultivar'
import { placeRecord } from '../../../data/records/place'
import { checkForm } from '../../../wording/check-form'
import { makePlantings, Refused, type Checked } from '../new-planting/making'
import { plantingSchema } from '../new-planting/schema'
import { PLANTING_ROLES, type PlantingColumns } from './columns'
import { readRow, type TableLine } from './read-row'

/** What is wrong with a line. */
export interface LineFault {
  line: number
  message: string
}

export type TablePlanted = Result<{ plantings: number; plants: number }> | { ok: false; faults: LineFault[] }

/** Lines of one table. */
const MOST_LINES = 200
const MOST_COLUMNS = 60

/** Makes the plantings of a table, with the places and cultivars that it names: all of them, or none. */
export async function plantTable(typed: {
  lines: TableLine[]
  columns: PlantingColumns
}): Promise<TablePlanted> {
  const state = await loadGarden()
  if (!state) return { ok: false, message: 'You have no garden yet. Start one first.' }
  const table = checkedTable(typed)
  if (!table) return { ok: false, message: `Use a table of 1 to ${MOST_LINES} lines.` }
  const day = dayOf(state, state.now)
  return write(async (tx): Promise<TablePlanted> => {
    const garden = await currentGarden(tx)
    if (!garden) return { ok: false, message: 'You have no garden yet. Start one first.' }
    const manner = mannerOf(garden)
    const faults: LineFault[] = []
    let [plantings, plants] = [0, 0]
    for (const line of table.lines) {
      const read = readRow(line, table.columns, {
        manner,
        season: seasonToPlant(day.outlook),
        spacingSchool: day.house.spacing,
        // A place or cultivar that a line brings is there for the lines after it.
        places: await placeRecord.of(garden.id, tx),
        cultivars: await cultivarRecord.of(garden.id, tx),
      })
      const fault = (message: string) => faults.push({ line: line.line, message })
      if ('missing' in read) {
        fault(read.missing)
        continue
      }
      const checked = await checkForm(plantingSchema(manner, todayIn(garden), read.values), read.values)
      if ('fields' in checked) {
        fault(Object.values(checked.fields)[0]!)
        continue
      }
      const values = checked.values as unknown as Checked
      const one = await makePlantings(tx, garden, values, day).catch((error: unknown) => {
        if (error instanceof Refused) return error.problems
        throw error
      })
      if (!('ids' in one)) {
        fault(one.form ?? Object.values(one.fields ?? {})[0] ?? 'This line cannot be planted.')
        continue
      }
      plantings += one.ids.length
      plants += values.spots.reduce((sum, { count }) => sum + count, 0)
    }
    // What the sound lines wrote goes too: a table goes in whole.
    if (faults.length > 0) throw new Faulty(faults)
    return { ok: true, plantings, plants }
  }).catch((error: unknown): TablePlanted => {
    if (error instanceof Faulty) return { ok: false, faults: error.faults }
    throw error
  })
}

class Faulty extends Error {
  constructor(readonly faults: LineFault[]) {
    super('faulty')
  }
}

/** A table as it came over the wire; null: it is none, or too large. */
function checkedTable(typed: unknown): { lines: TableLine[]; columns: PlantingColumns } | null {
  const { lines, columns } = (typed ?? {}) as { lines?: unknown; columns?: Record<string, unknown> }
  if (!Array.isArray(lines) || lines.length === 0 || lines.length > MOST_LINES) return null
  const known: PlantingColumns = {}
  for (const role of PLANTING_ROLES) {
    const at = columns?.[role]
    if (typeof at === 'number' && at >= 0 && at < MOST_COLUMNS) known[role] = at
  }
  return {
    columns: known,
    lines: (lines as Partial<TableLine>[]).map((one, at) => ({
      line: Number(one?.line) || at + 1,
      cells: (Array.isArray(one?.cells) ? one.cells : [])
        .slice(0, MOST_COLUMNS)
        .map((cell) => String(cell).slice(0, 200)),
    })),
  }
}
