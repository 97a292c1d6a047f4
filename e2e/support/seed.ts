import { closeDatabase, reader, write } from '../../src/data/database'
import { demoGarden } from '../../src/data/demo'
import type { GardenFile } from '../../src/data/records'
import { insertGardenFile } from '../../src/data/garden-file'
import { southGarden } from '../../src/test/south-garden'
import { databaseOf, type LaidGarden } from './lay-gardens'

const GARDENS: Record<LaidGarden, (() => GardenFile) | null> = {
  demo: demoGarden,
  'demo-us': () => {
    const demo = demoGarden()
    return { ...demo, garden: { ...demo.garden, units: 'us', decimals: 'comma', dates: 'month-first' } }
  },
  south: () => southGarden().garden.file,
  empty: null,
}

for (const [name, garden] of Object.entries(GARDENS)) {
  process.env.DATABASE_URL = `file:${databaseOf(name as LaidGarden)}`
  if (garden) await write((tx) => insertGardenFile(tx, garden()))
  else await reader()
  await closeDatabase()
}
