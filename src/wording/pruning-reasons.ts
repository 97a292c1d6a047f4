import type { NamingRule, PruningRule } from '../core/pruning'

/** The sentences of pruning and of practising it. */
export const PRUNING_REASONS: Record<PruningRule | NamingRule, string> = {
  'prune.sucker': 'A sucker repeats the whole plant and takes from the stems you keep.',
  'prune.sucker-big':
    'With {leaves leaf|leaves} it is thick at its base. Cut its tip above two leaves to keep the wound small.',
  'prune.sucker-shade': 'Strong sun is coming. Leave two leaves of this sucker to shade the fruit.',
  'prune.below-truss': 'Below the first flower cluster (truss), a sucker only shades and crowds the base.',
  'prune.clear-stem': 'Leaves below {clear} touch the soil or catch its splash.',
  'prune.below-picked': 'The cluster above it is picked. The leaf feeds nothing now, and air is worth more.',
  'prune.sick-leaf': 'You marked it sick. Remove it and carry it out of the garden.',
  'prune.failed-truss': 'This flower cluster set no fruit, so remove it.',
  'prune.first-flowers': 'The plant is still rooting. Pinch the first flowers; the season is long enough.',
  'prune.first-flowers-left': 'Leave its first flowers: the season is too short to spare them.',
  'prune.fused': 'Flowers grown together make one large fruit that cracks and rots, so pinch them.',
  'prune.top-season':
    'A flower that opens from now on makes no mature fruit. Cut the tip two leaves above the last open cluster.',
  'prune.top-season-on-plant':
    'Keep {truss cluster} on this stem; all of them ripen on the plant. Later flowers make no mature fruit, so cut the tip two leaves above cluster {truss}.',
  'prune.top-season-indoors':
    'Keep {truss cluster} on this stem; they reach full size and ripen indoors. Later flowers make no mature fruit, so cut the tip two leaves above cluster {truss}.',
  'prune.top-season-both':
    'Keep {truss cluster}: up to cluster {ripe} they ripen on the plant, from cluster {green} indoors. Cut the tip two leaves above cluster {truss}; later flowers make no mature fruit.',
  'prune.top-support':
    'It is well above its support of {top}. Cut the tip two leaves above its last flower cluster.',
  'prune.below-fork': 'Below the fork it takes light and air from the base, and gives no fruit.',
  'prune.fork-inner': 'This is a weak shoot inside the four stems, and it shades their fruit.',
  'prune.nothing': 'Nothing to cut today.',
  'prune.bush': 'A bush fruits on its suckers, so cutting them cuts the crop. Only clean up the base.',
  'prune.limit':
    'Cut at most {most} of the leaf at one time: bare plants fruit less and scald. Cut the rest in a week.',
  'prune.rescue': 'It is overgrown. Cut it back in {stages session} a week apart, the last about {last}.',
  'prune.wet': 'Leaves are wet or soon will be, and cuts now spread disease. Wait for a dry morning.',
  'prune.rain-tomorrow':
    'Rain is due tomorrow. Cut this morning, or wait for a dry day so that the wounds close.',
  'prune.sunscald': 'Days over {temperature 32} are coming. Keep the leaves that shade fruit.',
  'prune.leader':
    'The tip is lost. The sucker at leaf {leaf}, {height} up, replaces it: keep it and tie it upright.',
  'prune.cutting':
    'The sucker at leaf {leaf} is worth rooting: {length 0.1–0.15}, no flowers. In water it roots in 7–14 days.',
  'prune.clean-blade':
    'Cut on a dry morning with a clean blade, wiped between plants. Stop if the plant pales or fruit scorch.',
  'prune.next': 'In about {days} the next sucker is {length} long. Come again then.',
  'prune.system': 'Pruning style: {system}.',
  'refuse.wet': 'Leaves are wet, and a cut now carries disease from plant to plant. Wait for a dry morning.',
  'refuse.tip': 'This is the growing tip of a stem you keep. Without it the stem ends here.',
  'refuse.bush': 'A bush fruits on its suckers and tips: this is the crop.',
  'refuse.leader': 'You keep this sucker as a stem, so leave it.',
  'refuse.truss': 'A cluster with flowers or fruit is the crop, so leave it.',
  'refuse.shade': 'Strong sun is coming, and this leaf shades fruit. Without it they scald.',
  'refuse.pepper': 'A pepper fruits on the shoots of its fork, so leave them.',
  'refuse.limit':
    'That is more than a third of the leaf at one time: it would fruit less and scald. Leave the rest for a week.',
  'refuse.needless': 'There is no reason to cut it today. More cuts do not bring more fruit.',
  'refuse.later': 'Remove it too, but in a later session: the plant needs its leaf until then.',
  'part.leaf': 'A leaf grows straight from the stem, with leaflets on both sides and no tip of its own.',
  'part.sucker': 'A sucker grows in the angle of leaf and stem, with a tip of its own.',
  'part.truss': 'A flower cluster (truss) comes from the stem between two leaves, never from an angle.',
  'part.tip': 'The growing tip ends the main stem. Everything new comes from here.',
  'part.leader':
    'The leader carries on the line of the main stem above the flower cluster. It is usually, but not always, the tallest.',
  'part.rival':
    'Its rival began in the angle of a leaf below the flower cluster. It is a sucker grown large.',
}
