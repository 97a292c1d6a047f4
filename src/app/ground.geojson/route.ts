import { groundGeoJson } from '../../features/ground/files/files'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** Places and obstacles on earth. */
export const GET = () => gardenFile(groundGeoJson, 'application/geo+json', 'prairie-ground.geojson')
