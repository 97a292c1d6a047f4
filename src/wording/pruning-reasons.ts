import type { NamingRule, PruningRule } from '../core/pruning'

/** The sentences of pruning and of practising it. */
export const PRUNING_REASONS: Record<PruningRule | NamingRule, string> = {
  'prune.sucker': 'A sucker repeats the whole plant: what goes into it is lost to the stems that are led up.',
  'prune.sucker-big':
    'With {leaves} leaves it is thick at its base: take its tip over two leaves, the wound stays small.',
  'prune.sucker-shade': 'Strong sun is coming: two leaves of this sucker stay and shade the fruit.',
  'prune.below-truss': 'Under the first truss a sucker only shades and crowds the base.',
  'prune.clear-stem': 'Leaves under {clear} touch soil or catch its splash.',
  'prune.below-picked': 'The truss over it is picked: the leaf feeds nothing now, and air is worth more.',
  'prune.sick-leaf': 'You marked it sick: take it off and carry it out of the garden.',
  'prune.failed-truss': 'This truss set nothing: take it off.',
  'prune.first-flowers': 'It is still rooting: pinch the first flowers, the season is long enough.',
  'prune.first-flowers-left': 'Its first flowers stay: the season is too short to spare them.',
  'prune.fused': 'Flowers grown together make one large fruit that cracks and rots: pinch it.',
  'prune.top-season':
    'A flower that opens from now on makes no mature fruit: end the stem two leaves over the last open truss.',
  'prune.top-season-on-plant':
    'Keep {truss} trusses on this stem: all of them ripen on the plant. A flower that opens from now on makes no mature fruit: end the stem two leaves over truss {truss}.',
  'prune.top-season-indoors':
    'Keep {truss} trusses on this stem: they get full-sized and green, and ripen indoors. End it two leaves over truss {truss}: a later flower makes no mature fruit.',
  'prune.top-season-both':
    'Keep {truss} trusses on this stem: up to truss {ripe} they ripen on the plant, from truss {green} indoors. End it two leaves over truss {truss}: a later flower makes no mature fruit.',
  'prune.top-support': 'It is well over its support of {top}: end the stem two leaves over its last truss.',
  'prune.below-fork': 'Under the fork it takes light and air from the base, and bears nothing.',
  'prune.fork-inner': 'A weak shoot inside the four stems: it shades their fruit.',
  'prune.nothing': 'Nothing to cut today.',
  'prune.bush': 'A bush bears on its suckers: cutting them is cutting the crop. Only the base is cleaned.',
  'prune.limit':
    'At most {most} of the leaf in one go: bare plants bear less and scald. The rest waits a week.',
  'prune.rescue': 'It is overgrown: {stages} sessions a week apart, the last about {last}.',
  'prune.wet': 'Leaves are wet, or will be: cuts made now carry disease. Wait for a dry morning.',
  'prune.rain-tomorrow':
    'Rain is due tomorrow: cut this morning, or wait until a day is dry, so that the wounds close.',
  'prune.sunscald': 'Days over {temperature 32} are coming: the leaves that shade fruit stay.',
  'prune.leader':
    'The tip is lost: the sucker at leaf {leaf}, {height} up, takes its place. Keep it, and tie it upright.',
  'prune.cutting':
    'The sucker at leaf {leaf} is worth rooting: {length 0.1–0.15}, no flowers; in water it roots in 7–14 days.',
  'prune.clean-blade':
    'In the morning, dry; a clean blade, wiped between plants. Stop when the plant pales or fruit scorch.',
  'prune.next': 'In about {days} the next sucker is {length} long: come again then.',
  'prune.system': 'How it is led: {system}.',
  'refuse.wet': 'Leaves are wet: a cut now carries disease from plant to plant. Wait for a dry morning.',
  'refuse.tip': 'This is the growing tip of a stem that is led up: without it the stem ends here.',
  'refuse.bush': 'A bush bears on its suckers and its tips: this is the crop.',
  'refuse.leader': 'This sucker is led up as a stem: it stays.',
  'refuse.truss': 'A truss with flowers or fruit is the crop: it stays.',
  'refuse.shade': 'Strong sun is coming, and this leaf shades fruit: without it they scald.',
  'refuse.pepper': 'A pepper bears on the shoots of its fork: they stay.',
  'refuse.limit':
    'More than a third of the leaf in one go: it bears less and scalds. Leave the rest for a week.',
  'refuse.needless': 'Nothing speaks for it today: more cut is not more fruit.',
  'refuse.later': 'It goes too, but in a later session: the plant needs its leaf until then.',
  'part.leaf': 'A leaf grows straight from the stem, with leaflets on both sides and no tip of its own.',
  'part.sucker': 'A sucker grows in the angle of leaf and stem, with a tip of its own.',
  'part.truss': 'A truss comes from the stem between two leaves, never from an angle, and ends in flowers.',
  'part.tip': 'The growing tip ends the main stem: everything new comes from here.',
  'part.leader':
    'The leader goes on in the path of the main stem, over the truss: usually, not always, the tallest.',
  'part.rival': 'Its rival began in the angle of a leaf under the truss: it is a sucker grown large.',
}
