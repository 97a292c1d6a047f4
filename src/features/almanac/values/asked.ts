import type { WorkingId } from '../../../wording/workings/names'
import type { IsoDate } from '../../../core/calendar'
import { weatherAt, indexOf } from '../../../core/climate'
import type { Manner } from '../../../core/facts'
import type { PlantingOutlook, SeasonOutlook } from '../../../core/season'
import type { WateredPlace } from '../../../core/watering'
import type { Day, GardenState } from '../../../data/garden-state'
import { sayMeasure } from '../../../wording/say'

/** Numbers that a working gives for this garden now. */
export interface Worked {
  /** Which planting or place they are of; null: the garden as a whole. */
  of: string | null
  lines: string[]
}

/** What the workings are asked of: the garden on a day, and the planting that stands for the others. */
export interface Asked {
  day: Day
  state: GardenState
  on: IsoDate
  manner: Manner
  outlook: SeasonOutlook
  /** A tomato that stands out, else any planting of the season; undefined: none. */
  own: PlantingOutlook | undefined
  /** Its place's water; undefined: it was not set out. */
  watered: WateredPlace | undefined
}

export const ofGarden = (...lines: string[]): Worked => ({ of: null, lines })
export const ofPlanting = ({ place, cultivar }: PlantingOutlook, ...lines: string[]): Worked => ({
  of: `${place.name}, ${cultivar.name}`,
  lines,
})
export const today = ({ outlook, on }: Asked) => weatherAt(outlook.line.air, indexOf(outlook.line.air, on))
export const say = (kind: Parameters<typeof sayMeasure>[0]['kind'], value: number, manner: Manner) =>
  sayMeasure({ kind, value } as Parameters<typeof sayMeasure>[0], manner)

/** What workings give by what is asked; null: nothing can be said. */
export type Values = Partial<Record<WorkingId, (asked: Asked) => Worked | null>>
