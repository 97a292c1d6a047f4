import type { Day } from '../../../data/garden-state'
import { dayOf } from '../../../core/garden-day'
import type { IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { allPlantings, depthConditions } from '../../../core/season'
import { added } from '../../../core/supplies'
import { planOf, supportCasesOf, type Need } from '../../../core/support'
import { adviseDepth, depthInputOf, holeAmendment, WATER_IN } from '../../../core/transplant'
import { sayHole } from '../../../wording/feeding'
import { saySupport } from '../../../wording/support'
import { firstMeasures } from '../planting-day/measures'
import { lastPlant, plantingDepth } from '../planting-day/queries'

/** One planting of the day, in the order of work. */
export interface DayPlanting {
  id: string
  title: string
  count: number
  go: boolean
  /** The day from which it is its turn; null: none is in sight. */
  waits: IsoDate | null
  depth: { method: 'upright' | 'trench'; stemBuried: number; holeDepth: number; strip: number }
  support: string
  hole: string
}

/** Planting day as a whole: all plantings that are due, and what to carry out for them. */
export interface DayPlan {
  manner: Manner
  on: IsoDate
  query: string
  plantings: DayPlanting[]
  plants: number
  /** Supports, labels and amendments of all of them. */
  carry: Need[]
  /** To water in, L. */
  water: number
}

export function dayPlanOf(day: Day): DayPlan {
  const { state, on, manner, outlook } = day
  const site = dayOf(state, state.now).supportSite
  const due = day.calls.flatMap(({ advice: { answer }, plantingId, urgency, window }) => {
    const own = allPlantings(outlook).find(({ planting }) => planting.id === plantingId)
    return answer.kind === 'set-out' && own
      ? [{ own, go: answer.go && urgency !== 'coming', waits: answer.go ? window.due : answer.suits }]
      : []
  })
  const works = due.map(({ own, go, waits }) => {
    const { planting, cultivar, place } = own
    const measures = firstMeasures(cultivar.crop, lastPlant(state, cultivar.crop), plantingDepth(place))
    const depth = adviseDepth(depthInputOf(cultivar, measures, depthConditions(outlook, own))).answer
    const plans = supportCasesOf(own, day.plants, site).map((row) =>
      planOf(planting.support, { ...row, weave: site.weave }),
    )
    const amendment = holeAmendment(day.house.feeding(place), cultivar.crop)
    return {
      needs: [
        ...plans.flatMap(({ needs }) => needs),
        { kind: 'label' as const, quantity: planting.count, length: null },
        ...amendment.needs.map(({ kind, litres }) => ({
          kind,
          quantity: litres * planting.count,
          length: null,
        })),
      ],
      work: {
        id: planting.id,
        title: `${planting.count} ${cultivar.name}, ${place.name}`,
        count: planting.count,
        go,
        waits,
        depth: {
          method: depth.method,
          stemBuried: depth.stemBuried,
          holeDepth: depth.holeDepth,
          strip: depth.leavesToStrip.length,
        },
        support: plans[0] ? saySupport(plans[0], manner).headline : '',
        hole: sayHole(amendment, planting.count, manner),
      } satisfies DayPlanting,
    }
  })
  const going = works.filter(({ work }) => work.go)
  const plants = going.reduce((sum, { work }) => sum + work.count, 0)
  return {
    manner,
    on,
    query: day.query,
    plantings: works.map(({ work }) => work).sort((a, b) => Number(b.go) - Number(a.go)),
    plants,
    carry: added(going.flatMap(({ needs }) => needs)),
    water: plants * WATER_IN,
  }
}
