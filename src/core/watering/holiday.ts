/** What to do about a place while nobody is there. */
export type HolidayAct = 'nothing' | 'water-before' | 'mulch' | 'neighbour' | 'timer' | 'move-to-shade'

export interface HolidayLine<Place> {
  place: Place
  /** Days that it lasts, watered through before leaving: until growth slows, until leaves are limp. */
  untilSlow: number
  untilLimp: number
  risk: 'none' | 'slowed' | 'lost'
  acts: HolidayAct[]
}

/** † A shaded, grouped pot uses so much less; a mulched bed as much. Against: nothing measured yet. */
const SHADED = 0.6

/**
 * Places by what they lose while nobody waters, the worst first, with what helps.
 *
 * @param days away
 */
export function holidayPlan<Place>(
  days: number,
  places: readonly {
    place: Place
    isPot: boolean
    hasDrip: boolean
    mulched: boolean
    untilSlow: number
    untilLimp: number
  }[],
): HolidayLine<Place>[] {
  return places
    .map(({ place, isPot, hasDrip, mulched, untilSlow, untilLimp }): HolidayLine<Place> => {
      const risk = untilLimp < days ? 'lost' : untilSlow < days ? 'slowed' : 'none'
      const acts: HolidayAct[] = []
      if (risk === 'none')
        acts.push(untilSlow === Infinity || untilSlow > days * 2 ? 'nothing' : 'water-before')
      else {
        acts.push('water-before')
        if (isPot) acts.push('move-to-shade')
        else if (!mulched) acts.push('mulch')
        if (hasDrip) acts.push('timer')
        else if (!isPot || untilLimp / SHADED < days) acts.push('neighbour')
      }
      return { place, untilSlow, untilLimp, risk, acts }
    })
    .sort((a, b) => a.untilLimp - b.untilLimp || a.untilSlow - b.untilSlow)
}
