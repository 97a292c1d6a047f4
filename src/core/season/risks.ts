import type { Reason } from '../advice'
import { daysBetween, type IsoDate } from '../calendar'
import { FROST } from '../climate'
import { onDate, share } from '../quantity'
import { allPlantings, weatherOf, type PlantingOutlook, type SeasonOutlook } from './outlook'
import { isWarm } from './transplant-window'

export type RiskRule = 'risk.frost-after' | 'risk.too-cold' | 'risk.not-ripe'

/** A date that may go wrong, with the odds of it. */
export interface Risk extends Reason<RiskRule> {
  rule: RiskRule
  date: IsoDate
  odds: number
  planting: string
}

/** Odds under this are every grower's daily bread. */
const LEAST_ODDS = 0.02
/** Days after setting out in which it must have become warm enough for the date to have been right. */
const GRACE = 3

/** The dates still ahead with the highest odds of going wrong, the worst first; one a planting. */
export function riskiestDates(outlook: SeasonOutlook, most = 3): Risk[] {
  return allPlantings(outlook)
    .flatMap((own) => {
      const worst = risksOf(outlook, own).sort((a, b) => b.odds - a.odds)[0]
      return worst && worst.odds >= LEAST_ODDS ? [worst] : []
    })
    .sort((a, b) => b.odds - a.odds)
    .slice(0, most)
}

function risksOf(outlook: SeasonOutlook, own: PlantingOutlook): Risk[] {
  const { dates, phase, planting, cultivar } = own
  const risks: Risk[] = []
  const add = (rule: RiskRule, date: IsoDate, odds: number, more: Risk['values'] = {}) =>
    risks.push({
      rule,
      date,
      odds,
      planting: planting.id,
      weight: 'warns',
      values: { date: onDate(date), odds: share(odds), ...more },
    })
  const setOut = dates['set-out']
  if (setOut.date !== null && setOut.how !== 'logged' && setOut.date >= outlook.today) {
    const day = daysBetween(own.start, setOut.date)
    const { courses } = weatherOf(outlook, own)
    const shareOf = (test: (course: (typeof courses)[number]) => boolean) =>
      courses.filter(test).length / Math.max(1, courses.length)
    add(
      'risk.frost-after',
      setOut.date,
      shareOf(({ tmin, firstFrost }) => {
        const until = Math.min(firstFrost ?? tmin.length, day + 60)
        return tmin.subarray(day, until).some((low) => low <= FROST)
      }),
    )
    add(
      'risk.too-cold',
      setOut.date,
      shareOf(
        (course) =>
          !Array.from({ length: GRACE + 1 }, (_, more) => day + more).some((at) =>
            isWarm(course, cultivar.crop, at),
          ),
      ),
    )
  }
  const ripe = dates['first-ripe']
  if (ripe.how !== 'logged' && ripe.spread !== null && phase !== 'over') {
    const date = ripe.date ?? dates.end.date ?? outlook.today
    add('risk.not-ripe', date, 1 - ripe.spread.share)
  }
  return risks
}
