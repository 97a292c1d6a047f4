import { HardeningPicture } from '../../components/drawing/hardening'
import { PlacePlan } from '../../components/drawing/place-plan'
import { SoilProbe } from '../../components/drawing/soil-probe'
import { TrayPicture } from '../../components/drawing/tray'
import type { Manner } from '../../core/facts'
import type { Picture } from './types'

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
  }
}
