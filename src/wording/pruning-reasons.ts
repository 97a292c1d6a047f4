import type { PruningRule } from '../core/pruning'

/** Why a part is cut, or is not. */
export const PRUNING_REASONS: Record<PruningRule, string> = {
  'prune.sucker': 'A sucker repeats the whole plant: what goes into it is lost to the stems that are led up.',
  'prune.sucker-big': 'With {leaves} leaves it is thick at its base: take its tip, the wound stays small.',
  'prune.below-truss': 'Under the first truss a sucker only shades and crowds the base.',
  'prune.clear-stem': 'Leaves under {clear} touch soil or catch its splash.',
  'prune.failed-truss': 'This truss set nothing: take it off.',
  'prune.first-flowers': 'It is still rooting: pinch the first flowers, the season is long enough.',
  'prune.top-season':
    'A flower that opens from now on makes no ripe fruit: end the stem two leaves over the last truss.',
  'prune.top-support': 'It is well over its support of {top}: end the stem here.',
  'prune.nothing': 'Nothing to cut today.',
  'prune.bush': 'A bush bears on its suckers: cutting them is cutting the crop. Only the base is cleaned.',
  'prune.limit':
    'At most {most} of the leaf in one go: bare plants bear less and scald. The rest waits a week.',
  'prune.wet': 'Leaves are wet, or will be: cuts made now carry disease. Wait for a dry morning.',
  'prune.clean-blade': 'In the morning, dry; a clean blade, wiped between plants.',
  'prune.next': 'In about {days} the next sucker is {length} long: come again then.',
  'prune.system': 'How it is led: {system}.',
}
