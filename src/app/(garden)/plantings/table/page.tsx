import type { Metadata } from 'next'
import { TableScreen } from '../../../../features/plantings/table/screen'

export const metadata: Metadata = { title: 'Plantings from a list' }

const EXAMPLE = `place,cultivar,type,plants
Bed 1,Copperlace,cherry,4
Bed 2,Barn Door,bell,8`

export default function PlantingsTablePage() {
  return <TableScreen example={EXAMPLE} />
}
