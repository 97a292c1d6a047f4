import type { Doubt } from '../core/entry-check'
import type { Manner } from '../core/facts'
import { formatDate } from './dates'
import { sayCount, sayVolume } from './say'
import { ENTRY_NAMES } from './stages'

/** A doubt in words; `ask`: a yes settles it. */
export function sayDoubt(doubt: Doubt, manner: Manner): { message: string; ask?: true } {
  return doubt.refuse ? { message: said(doubt, manner) } : { message: said(doubt, manner), ask: true }
}

function said(doubt: Doubt, manner: Manner): string {
  switch (doubt.why) {
    case 'over-place': {
      const amount = sayVolume(doubt.litres, manner)
      return doubt.refuse
        ? `${amount} is more than anyone gives ${doubt.place} in a day. Check the number and its unit. Nothing was saved.`
        : `${amount} is more than ${doubt.place} can hold at once, which is about ${sayVolume(doubt.holds, manner)}. Is it ${sayVolume(doubt.litres / 1000, manner)}?`
    }
    case 'before':
      return `The log has “${ENTRY_NAMES[doubt.first]}” on ${formatDate(doubt.on, manner, 'full')}. “${ENTRY_NAMES[doubt.kind]}” cannot come before it. Choose a later day, or correct that entry first.`
    case 'outside-season':
      return `This planting belongs to season ${doubt.season}: choose a day from ${formatDate(doubt.from, manner, 'full')} to ${formatDate(doubt.to, manner, 'full')}. Nothing was saved.`
    case 'after-cleared':
      return doubt.refuse
        ? `This planting was cleared on ${formatDate(doubt.on, manner, 'full')}. Choose a day up to then, or undo the clearing first. Nothing was saved.`
        : `This planting was cleared on ${formatDate(doubt.on, manner, 'full')}. Were these picked before, and weighed now?`
    case 'more-than-planned':
      return doubt.kind === 'sown'
        ? `${sayCount(doubt.count, 'seed')} for ${sayCount(doubt.planned, 'plant')} is a lot. Is the number right?`
        : `This planting has ${sayCount(doubt.planned, 'plant')}, and you entered ${doubt.count}. Is the number right?`
  }
}
