import { closeDatabase, write } from '../../src/data/database'
import { insertGardenFile } from '../../src/data/garden-file'
import { southGarden } from '../../src/test/south-garden'

await write((tx) => insertGardenFile(tx, southGarden().garden.file))
await closeDatabase()
