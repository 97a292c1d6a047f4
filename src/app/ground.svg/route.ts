import { groundSvg } from '../../features/ground/files/files'
import { gardenFile } from '../file-response'

export const dynamic = 'force-dynamic'

/** The plan as a drawing to scale. */
export const GET = () => gardenFile(groundSvg, 'image/svg+xml', 'prairie-ground.svg')
