import { later } from '../../components/later'
import { HardeningPicture } from '../../components/drawing/hardening'
import { PlacePlan } from '../../components/drawing/place-plan'
import { SoilProbe } from '../../components/drawing/soil-probe'
import { TrayPicture } from '../../components/drawing/tray'
import { WaterLevelPicture } from '../../components/drawing/water-level'
import type { Manner } from '../../core/facts'
import type { Picture } from './types'

// Its drawings are as many as there are signs: they come after the words.
const LookPicture = later(() =>
  import('../../components/drawing/look-picture').then(({ LookPicture }) => LookPicture),
)

export function StopPicture({ picture, manner }: { picture: Picture; manner: Manner }) {
  switch (picture.type) {
    case 'plan':
      return <PlacePlan {...picture} manner={manner} />
    case 'tray':
      return <TrayPicture {...picture} />
    case 'hardening':
      return <HardeningPicture {...picture} />
    case 'probe':
      return <SoilProbe {...picture} manner={manner} />
    case 'look':
      return <LookPicture {...picture} />
    case 'water':
      return <WaterLevelPicture {...picture} manner={manner} />
  }
}
