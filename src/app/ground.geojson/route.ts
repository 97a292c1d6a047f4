import { groundGeoJson } from '../../features/ground/ground-files'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** Places and obstacles on earth. */
export const GET = () => gardenFile(groundGeoJson, 'application/geo+json', 'prairie-ground.geojson')
