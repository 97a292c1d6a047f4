import { closeDatabase, write } from '../src/data/database'
import { largeGarden } from '../src/data/demo/large'
import { insertGardenFile } from '../src/data/garden-file'
import { currentGarden } from '../src/data/gardens'

/** Lays a large garden into an empty database, for measuring; one that holds a garden is left as it is. */
const file = largeGarden()
const laid = await write(async (tx) => {
  if (await currentGarden(tx)) return false
  await insertGardenFile(tx, file)
  return true
})
console.log(
  laid
    ? `Laid: ${file.places.length} places, ${file.plants.length} plants, ${file.log.length} entries.`
    : 'This database holds a garden already: it is left as it is.',
)
await closeDatabase()
