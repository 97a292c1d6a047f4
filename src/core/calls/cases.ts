import { addDays } from '../calendar'
import { indexOf } from '../climate'
import { casesOf, LOOK_AGAIN_EVERY } from '../health'
import { onDate } from '../quantity'
import type { SeasonOutlook } from '../season'
import type { Call, CallGarden } from './call'
import { makeCallAbout } from './context'
import { MINUTES } from './minutes'

/** The open cases of what stands, each looked at again in its time. */
export function followCases(season: SeasonOutlook, { plants }: CallGarden): (Call | null)[] {
  return casesOf(season.counted.filter(({ on }) => on >= season.start))
    .filter(({ closed }) => closed === null)
    .map(({ id, subject, cause, lastSeen }) => {
      const planting = plants.find((plant) => plant.id === subject.id)?.plantingId ?? subject.id
      const own = season.plantings.find(
        (one) => one.stands && (one.planting.id === planting || one.place.id === planting),
      )
      if (!own) return null
      const context = {
        season,
        today: season.today,
        at: indexOf(season.line.air, season.today),
        subject,
        own,
      }
      return makeCallAbout(context, {
        occurrence: `${id}:${lastSeen}`,
        due: addDays(lastSeen, LOOK_AGAIN_EVERY),
        late: null,
        minutes: MINUTES.follow,
        advice: {
          answer: { kind: 'follow', case: id, cause },
          reasons: [{ rule: 'call.follow-last', values: { date: onDate(lastSeen) }, weight: 'decides' }],
          cautions: [],
        },
        ifItWaits: { rule: 'call.waits-follow', values: {}, weight: 'supports' },
      })
    })
}
