import type { LineFault } from '../../data/log-import'

/** Why a line of a logbook's CSV cannot be taken, and what to do where something can be done. */
export function sayLineFault(fault: LineFault): string {
  switch (fault.kind) {
    case 'columns':
      return `The columns ${fault.missing.join(', ')} are missing: this is no logbook.`
    case 'too-many':
      return `A logbook has at most ${fault.most.toLocaleString('en')} lines: bring it in in parts.`
    case 'data':
      return 'Its data is not whole: it must be JSON as it was exported.'
    case 'field':
      return `${fault.said}.`
    case 'other-content':
      return 'Another entry has this id and says something else.'
    case 'to-come':
      return 'Its day has not come yet.'
    case 'unknown-subject':
      return 'What it is about is not in this garden.'
    case 'closed':
      return `Season ${fault.season} is archived: its log is closed through ${fault.through}.`
    case 'picked-too-soon':
      return 'Nothing of that planting stood in the ground by that day.'
    case 'weight':
      return 'The weight cannot be: check it and its unit.'
    case 'takes-nothing':
      return 'It takes back an entry that is not there.'
  }
}
