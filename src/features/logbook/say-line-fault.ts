import type { LineFault } from '../../data/log-import'

/** Why a line of a logbook's CSV cannot be taken, and what to do where something can be done. */
export function sayLineFault(fault: LineFault): string {
  switch (fault.kind) {
    case 'columns':
      return `The columns ${fault.missing.join(', ')} are missing. This is not a logbook.`
    case 'too-many':
      return `A logbook has at most ${fault.most.toLocaleString('en')} lines. Import it in parts.`
    case 'data':
      return 'Its data is incomplete. It must be JSON as it was exported.'
    case 'field':
      return `${fault.said}.`
    case 'other-content':
      return 'Another entry has the same id but says something else.'
    case 'to-come':
      return 'Its day is still to come.'
    case 'unknown-subject':
      return 'It is about something that is not in this garden.'
    case 'closed':
      return `Season ${fault.season} is archived, and its log is closed through ${fault.through}.`
    case 'picked-too-soon':
      return 'You had not planted out any of that planting by that day.'
    case 'weight':
      return 'The weight is impossible. Check it and its unit.'
    case 'takes-nothing':
      return 'It undoes an entry that does not exist.'
  }
}
