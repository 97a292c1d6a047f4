import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, isoDate, type IsoDate } from '../../core/calendar'
import { bandsOf, type FirstSeasonDates } from './first-season-bands'

const crop = (sow: IsoDate | null, opens: IsoDate | null, closes: IsoDate | null, isShort = false) => ({
  crop: 'tomato' as const,
  sow,
  opens,
  early: opens,
  late: opens,
  closes,
  isShort,
})
const day = isoDate

describe('the picture of a first season', () => {
  it('is an axis of whole months from the first sowing to the first frost', () => {
    const bands = bandsOf({
      crops: [crop(day('2027-03-29'), day('2027-05-17'), day('2027-07-02'))],
      lastFrost: day('2027-04-18'),
      firstFrost: day('2027-10-30'),
    })!
    expect(bands.months.map(({ month }) => month)).toEqual([3, 4, 5, 6, 7, 8, 9, 10])
    const [{ raised, out }] = bands.crops as [(typeof bands.crops)[0]]
    expect(raised.left).toBeCloseTo((100 * 28) / 245, 6)
    expect(out!.left).toBeCloseTo(raised.left + raised.width, 6)
    expect(bands.frost.map(({ left }) => Math.round(left))).toEqual([0, 99])
  })
  it('has no time to plant out where nothing would ripen, and is none where it never is warm', () => {
    const short = {
      crops: [crop(day('2027-04-01'), day('2027-06-03'), null, true)],
      lastFrost: null,
      firstFrost: null,
    }
    expect(bandsOf(short)!.crops[0]!.out).toBeNull()
    expect(bandsOf({ ...short, crops: [crop(null, null, null)] })).toBeNull()
  })
  it('stays on its axis wherever the dates lie', () => {
    const offset = fc.integer({ min: 0, max: 500 })
    fc.assert(
      fc.property(
        fc.array(fc.tuple(offset, offset, fc.option(offset)), { minLength: 1, maxLength: 2 }),
        fc.option(offset),
        fc.option(offset),
        (crops, lastFrost, firstFrost) => {
          const on = (days: number | null) => (days === null ? null : addDays(day('2026-07-10'), days))
          const dates: FirstSeasonDates = {
            crops: crops.map(([sow, raising, closes]) => crop(on(sow), on(sow + raising), on(closes))),
            lastFrost: on(lastFrost),
            firstFrost: on(firstFrost),
          }
          const { months, frost, crops: rows } = bandsOf(dates)!
          expect(months.length).toBeLessThanOrEqual(12)
          expect(months.reduce((sum, { width }) => sum + width, 0)).toBeCloseTo(100, 6)
          for (const { left, width } of [
            ...frost,
            ...rows.flatMap(({ raised, out }) => [raised, out ?? raised]),
          ]) {
            expect(left).toBeGreaterThanOrEqual(0)
            expect(width).toBeGreaterThanOrEqual(0)
            expect(left + width).toBeLessThanOrEqual(100 + 1e-9)
          }
        },
      ),
    )
  })
})
