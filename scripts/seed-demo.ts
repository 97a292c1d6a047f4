import { closeDatabase, write } from '../src/data/database'
import { demoGarden } from '../src/data/demo'
import { insertGardenFile } from '../src/data/garden-file'
import { currentGarden } from '../src/data/gardens'

/** Lays the demo garden into an empty database; one that holds a garden is left as it is. */
const laid = await write(async (tx) => {
  if (await currentGarden(tx)) return false
  await insertGardenFile(tx, demoGarden())
  return true
})
if (laid) console.log('The demo garden is laid.')
await closeDatabase()
