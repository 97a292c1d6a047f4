import { exportGarden } from '../../data/garden-file'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The garden at work as one JSON document. */
export const GET = () =>
  gardenFile(
    async ({ garden }) => JSON.stringify(await exportGarden(garden.id), null, 1),
    'application/json',
    'prairie-garden.json',
  )
