import type { EntryKind } from '../core/facts'
import type { Stage } from '../core/season'

export const STAGE_NAMES: Record<Stage, string> = {
  sow: 'Sow',
  emerge: 'Come up',
  'first-light': 'Full light from',
  'pot-up': 'Pot up',
  harden: 'Harden off from',
  'set-out': 'Set out',
  'first-flower': 'First flower',
  'first-ripe': 'First ripe fruit',
  peak: 'Most ripe fruit',
  'last-flower-ripe': 'Last flower to ripen on the plant',
  'last-flower-green': 'Last flower to ripen indoors',
  top: 'Top the vines',
  end: 'End',
}

/** What an entry says happened. */
export const ENTRY_NAMES: Record<EntryKind, string> = {
  sown: 'sown',
  emerged: 'came up',
  'potted-up': 'potted up',
  hardened: 'hardened',
  'soil-read': 'soil read',
  'set-out': 'set out',
  covered: 'covered',
  flowered: 'first flower',
  picked: 'picked',
  judged: 'for next season',
  seen: 'looked at',
  pruned: 'pruned',
  marked: 'parts looked at',
  practised: 'practised',
  watered: 'watered',
  fed: 'fed',
  'moisture-read': 'moisture read',
  'soil-tested': 'soil tested',
  tended: 'tended',
  topped: 'topped',
  cleared: 'cleared',
  'put-off': 'put off',
  declined: 'not doing',
  note: 'note',
  void: 'taken back',
}
