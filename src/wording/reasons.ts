import type { CallRule } from '../core/calls'
import type { NamingRule, PruningRule } from '../core/pruning'
import type { RipeRule } from '../core/harvest'
import type { RotRule, SoilRule } from '../core/feeding'
import type { DateRule, RiskRule, WarningRule } from '../core/season'
import type { LoadRule, PotRule } from '../core/containers'
import type { RotationRule } from '../core/rotation'
import type { CapacityRule, SpacingRule } from '../core/spacing'
import type { SupportRule } from '../core/support'
import type { CheckRule, DepthRule } from '../core/transplant'
import { CHECK_REASONS } from './check-reasons'
import { DEPTH_REASONS } from './depth-reasons'
import { PRUNING_REASONS } from './pruning-reasons'
import { SOIL_REASONS } from './soil-reasons'
import { SUPPORT_REASONS } from './support-reasons'

export type Rule =
  | CallRule
  | CheckRule
  | CapacityRule
  | DateRule
  | DepthRule
  | LoadRule
  | PotRule
  | NamingRule
  | PruningRule
  | RiskRule
  | RipeRule
  | RotationRule
  | RotRule
  | SoilRule
  | SpacingRule
  | SupportRule
  | WarningRule

/** Every rule's sentence; what stands in braces is a value of the reason. */
export const REASONS: Record<Rule, string> = {
  ...DEPTH_REASONS,
  ...CHECK_REASONS,
  ...PRUNING_REASONS,
  ...SOIL_REASONS,
  ...SUPPORT_REASONS,
  'set-out.nights-warm': 'The next {nights} nights average {mean}: warm enough to grow on at once.',
  'set-out.nights-bearable':
    'The next {nights} nights average {mean}: it can go out, and grows on faster from {ideal}.',
  'set-out.nights-cold': 'The next {nights} nights average only {mean}; under {limit} the plants stall.',
  'set-out.one-cold-night':
    'A night of {low} is forecast for {date}; a plant fresh from its pot bears {limit}.',
  'set-out.soil-warm': 'The soil is {soil} at {depth}: warm enough to grow on at once.',
  'set-out.soil-bearable': 'The soil is {soil} at {depth}: it can go out, and grows on faster from {ideal}.',
  'set-out.soil-cold': 'The soil is {soil} at {depth}; under {limit} roots stand still.',
  'set-out.frost-likely': 'Before {date} it still freezes in more seasons than you chose to risk.',
  'set-out.frost-simulated': 'The simulated station foresees frost: {low} on {date}.',
  'set-out.frost-ahead': 'Frost is forecast: {low} on {date}.',
  'set-out.warm-from': 'Nights and soil suit from about {date}.',
  'set-out.not-this-season': 'No warm enough spell is left this season.',

  'call.sow-weeks': '{weeks} weeks raise a plant that is ready when the ground is warm, about {date}.',
  'call.sow-in-place': 'Nights and soil are warm enough to sow where the plants will grow.',
  'call.sow-odds':
    'Of {seeds} seeds, {germination} come up and {survival} of those live: at least the {plants} you want, in 19 cases of 20.',
  'call.sow-late': 'This is {late} late: the first fruit come as much later.',
  'call.get-ready': 'They need {days} of getting used to the weather before they are set out, about {date}.',
  'call.get-look': 'Take short, dark green, sturdy plants without flowers; look under the leaves for pests.',
  'call.waits-get': 'Set out without those days outside, they stall for a week or two.',
  'call.loops-due': 'In a warm tray the first loops show about {date}.',
  'call.loops-due-in-place': 'By the soil’s warmth they come up about {date}.',
  'call.light-at-once': 'From the first loop they want full light the same day.',
  'call.pot-up-roots': 'They came up on {emerged}: roots reach the wall of the cell after about three weeks.',
  'call.harden-days': 'Step {day} of {days}: {hours} outside, a little more each day.',
  'call.harden-rest-cold': 'It only gets to {high}; below {limit} they stay in today.',
  'call.harden-rest-wind': 'Wind up to {wind}; above {limit} it tears soft leaves, so they rest today.',
  'call.harden-night-out': 'The night stays at {low}; from {limit} they can be left out.',
  'call.harden-night-in': 'The night goes down to {low}; under {limit} they come in.',
  'call.read-soil-estimate':
    'Worked out from the air, the soil is {soil} at {depth}. A thermometer knows better.',
  'call.cover-low': '{low} is forecast; at {limit} in the air, leaves near the ground can freeze.',
  'call.cover-clear-of-leaves':
    'The cloth must stand clear of the leaves: where it touches, cold passes through.',
  'call.flowers-due': 'By thermal time the first flowers open about {date}.',
  'call.first-green-due': 'By thermal time the first green fruit are full-sized about {date}.',
  'call.first-ripe-due': 'By thermal time the first fruit are ripe about {date}.',
  'call.picked-last': 'Last picked on {date}.',
  'call.top-last-flower':
    'A flower that opens after {date} does not make a mature fruit before the frost about {frost}.',
  'call.clear-frost': 'The first frost comes about {date}.',
  'call.clear-borne': 'It has borne for five weeks by about {date}: a bush ripens its fruit in four to six.',
  'call.waits-sow': 'A week later now is about a week later at the first fruit.',
  'call.waits-light': 'A day without light makes them lanky for good.',
  'call.waits-roots': 'Roots begin to circle, and growth slows.',
  'call.waits-hardening': 'Setting out moves back by a day.',
  'call.waits-set-out': 'Each warm day in the pot is a day of rooting lost.',
  'call.waits-frost': 'Frozen leaves do not come back.',
  'call.waits-pick': 'Ripe fruit split in rain and draw birds.',
  'call.waits-top': 'The plant feeds fruit that will not ripen.',
  'call.water-dry': '{missing} are missing from its root zone; from {limit} on growth slows.',
  'call.water-due': 'It comes to where growth slows: {missing} are missing now, {limit} is the limit.',
  'call.water-turns': 'The ground takes it in slowly: in {turns} turns of {minutes}, {pause} apart.',
  'call.water-last': 'Last watered on {date}.',
  'call.water-never': 'No watering is entered: by rain and need alone.',
  'call.waits-water': 'Growth slows, and uneven water brings blossom-end rot.',
  'call.waits-water-pot': 'A pot that dries once loses the truss that is in flower.',
  'call.feed-gap': '{missing} of nitrogen will be missing in the next four weeks.',
  'call.feed-dry-roots': 'Its roots are dry: water first and feed tomorrow.',
  'call.feed-cold-soil': 'Its soil is cold: meals and compost give next to nothing yet.',
  'call.feed-flowers': 'It flowers: less nitrogen than before, more potassium.',
  'call.waits-feed': 'Leaves pale from below, and the later trusses stay small.',
  'call.tie': 'The stem is at {stem}; it is to be tied at {height}.',
  'call.tier': 'The stem is at {stem}: the string at {height} is due.',
  'call.lower': 'The vine is {stem} long and its tip is at the wire: let the string down, do not end it.',
  'call.cut': 'To come off in all: suckers {suckers}, leaves {leaves}, trusses {trusses}.',
  'call.cut-last': 'Last done on {date}.',
  'call.forecast-simulated':
    'That weather is the simulated station’s, and made up: a forecast of your own goes before it (Garden › Weather).',
  'call.storm': 'Wind of {wind} is forecast: what is not tied breaks.',
  'call.waits-tie': 'The stem bends and breaks in the next wind, or roots along the ground.',
  'call.waits-cut': 'Suckers past {length 0.05} leave larger wounds and cost fruit.',
  'call.vent-open': 'With {high} outside it passes {limit} inside: flowers fail in the heat.',
  'call.vent-shut': 'Shut before it falls to {limit} inside, and the night stays warm.',
  'call.vent-night-open': 'The night stays mild, {low}: damp goes out.',
  'call.waits-vent': 'An afternoon shut in costs the open truss.',
  'call.shake': 'Under cover neither wind nor bees move the pollen.',
  'call.waits-shake': 'A flower is open for two or three days: unmoved it sets badly.',
  'call.shade': '{high} is forecast; from {limit} on fruit scald and flowers drop.',
  'call.waits-shade': 'Scalded fruit do not heal.',
  'call.scout-first': 'Not yet looked over this season: here each {every}.',
  'call.follow-last': 'Last looked at on {date}: an open case wants a look every three days.',
  'call.waits-follow': 'What spreads is found late, and what is over is not closed.',
  'call.scout-last': 'Last looked over on {date}: here each {every}.',
  'call.waits-scout': 'Most troubles are mended in their first week.',

  'rot.even-first':
    'Water was even: keep it so. It is a disorder of uneven water in young fruit, not contagious.',
  'rot.dry-days':
    'On {days} of the last two weeks growth was slowed by drought: even moisture first. It is not contagious; take spoiled fruit off.',
  'rot.nitrogen': 'Too much nitrogen lies ready: leaf draws the water past the fruit. Feed none for now.',
  'rot.salt': 'The soil is salty: roots take less. Water through, and feed dilute.',
  'rot.small-pot':
    '{litres} of mix for a plant that wants {least} dry out between waterings: a larger pot, or water twice a day.',
  'rot.prone': 'Its type is prone to it: long and large fruit have it first.',
  'rot.calcium-low': 'The test is low in calcium: gypsum keeps the pH, lime raises it.',
  'rot.calcium-enough': 'The test shows enough calcium: more of it changes nothing.',
  'rot.calcium-unknown': 'Nobody tested for calcium; most soils hold enough, so add none without a test.',
  'rot.unsettled':
    'Low calcium in the fruit may follow from stress and spurts of growth rather than cause the rot: research is not settled. The first fruit are worst, later ones recover.',

  'ripe.colour': 'Coloured {colour} all over: its own colour, not that of another.',
  'ripe.shoulder': 'The shoulder has turned too, or keeps only its cultivar’s green.',
  'ripe.gives': 'It gives a little under the thumb.',
  'ripe.knuckle': 'Lifted, it parts at the knuckle of its stalk.',
  'ripe.truss': 'Pick the whole truss when its last fruit turns; single ones as you pass.',
  'ripe.turned': 'Nine tenths have turned {colour}.',
  'ripe.green':
    'Green it can be picked at full size, firm and glossy: it is less sweet, and the plant sets more.',
  'ripe.cork': 'Fine brown lines in the skin, as of cork, tell that it is at its hottest.',
  'ripe.stalk': 'Cut with a piece of the stalk: a tug breaks the branch.',

  'date.entered': 'You entered it.',
  'date.meant': 'You set this day.',
  'date.sow': '{weeks} weeks raise {way} in time for the opening of the window.',
  'date.sow-in-place': 'The first day on which nights and soil are warm enough to sow in place.',
  'date.emerge-by-size': 'Worked out from how far on the plants are.',
  'date.emerge-tray': 'In a tray at {warmth} most are up after {days}.',
  'date.emerge-ground': 'By the soil’s own temperature, day by day.',
  'date.first-light': 'The same day as the first loops: a day late makes them lanky.',
  'date.pot-up': 'Three weeks on, roots reach the wall of the cell.',
  'date.harden': '{days} out of doors, a little longer each.',
  'date.set-out':
    'It never gets warm enough here: {nights} nights of {night} on average, and soil of {soil}.',
  'date.set-out-may':
    'The middle day from which {nights} nights average {night} and the soil has {soil}, with the spring frosts behind ({frost}).',
  'date.set-out-mild': 'The middle day from which {nights} nights average {night} and the soil has {soil}.',
  'date.set-out-ideal':
    'From {may} it could go out. Waiting for {ideal}, when {nights} nights average {night} and the soil has {soil}, costs {costs} of the ripe fruit and saves it a cold start.',
  'date.set-out-early':
    'The middle day from which {nights} nights average {night} and the soil has {soil}. The ideal, about {ideal}, would cost {costs} of the ripe fruit.',
  'date.set-out-closed':
    'The earliest day for {nights} nights of {night} on average and soil of {soil}. Planted after {closes}, its first fruit does not ripen before the frost in the middle season: it needs time bought.',
  'date.set-out-too-short':
    'The earliest day for {nights} nights of {night} on average and soil of {soil}. In the middle season not even what goes out then ripens before the frost: it needs time bought.',
  'date.first-flower': '{sum} from coming up, as its packet’s days say; setting it out costs some days more.',
  'date.first-green': '{sum} after the flower it is full-sized, firm and glossy.',
  'date.first-ripe': '{sum} after the flower.',
  'date.peak': 'When the trusses of the first weeks ripen together.',
  'date.last-flower-ripe': 'A flower that opens later does not get its {sum} before the frost.',
  'date.last-flower-green': '{share} of the sum makes it mature green: it ripens indoors.',
  'date.top':
    'From then on new flowers only cost the fruit that is there: leave two leaves above the last truss.',
  'date.end-frost': 'The first frost, in the middle season.',
  'date.end-borne': 'A determinate bears for about {days} and is done, or the frost comes first.',
  'date.end-none': 'No frost ends it in most years.',
  'warn.frost-night-simulated':
    'A night of {low} on {date} by the simulated station: cover what stands out, clear of the leaves.',
  'warn.frost-night': 'A night of {low} on {date}: cover what stands out, clear of the leaves.',
  'warn.set-cold':
    'A night of {value} on {date} is too cold to set: expect a failed truss about {from} to {to}.',
  'warn.set-hot': '{value} on {date} is too hot to set: expect a failed truss about {from} to {to}.',
  'warn.cold-spell':
    'From {date} to {until}, nights down to {night} and days from {high}: {set} of flowers set. Expect failed trusses about {from} to {to}.',
  'warn.heat-spell':
    'From {date} to {until}, nights up to {night} and days up to {high}: {set} of flowers set. Expect failed trusses about {from} to {to}.',
  'warn.heat-spell-cherry':
    'From {date} to {until}, nights up to {night} and days up to {high}: {set} of flowers set, of a cherry’s {cherry}. Expect failed trusses about {from} to {to}.',
  'warn.heat-gap':
    'From about {date} to {to} nights stay too warm to set, in {odds} of seasons: two short seasons, or cherry types.',
  'warn.not-ripe': 'In {odds} of seasons no fruit ripens before the end, about {date}.',
  'risk.frost-after': 'frost after setting out on {date}',
  'risk.too-cold': 'nights or soil still too cold on {date}',
  'risk.not-ripe': 'no ripe fruit before the end; due about {date}',
  'spacing.training': 'Grown {training}: {inRow} between plants, {lines} between lines in a bed.',
  'spacing.school': 'The {school} school; others stand from {tight} to {roomy}.',
  'spacing.wet': 'Leaves stay wet often here ({wetness}): {more} more room, {inRow}.',
  'spacing.more-plants': '{change} more plants',
  'spacing.fewer-plants': '{change} fewer plants',
  'spacing.more-room': '{change} more room, drier leaves',
  'spacing.less-room': '{change} less room, leaves dry later',
  'spacing.support': 'A cage of {diameter} keeps its whole width: no closer than that.',

  'capacity.bound-spacing': 'The plants’ own room binds: {inRow} in the row, {betweenRows} between lines.',
  'capacity.bound-edge': 'The edge binds: stems keep {edge} from the sides.',
  'capacity.bound-support': 'The cages bind: each takes {diameter}, wholly inside.',
  'capacity.bound-emitters':
    'The water binds: an emitter every {spacing} along each line, and a plant wants one within a hand’s breadth.',
  'capacity.bound-reach': 'Reach binds: from the sides that are open an arm does not get to the rest.',
  'capacity.bound-taken': 'What stands there already binds: it keeps its own room.',
  'capacity.layout-rows': 'In straight lines, {inRow} along, {betweenRows} across.',
  'capacity.layout-staggered': 'In offset lines, every neighbour at least {inRow} away.',
  'capacity.across-another': '{plants} of them can only be picked across another line.',
  'capacity.more': '{more} more, {count} in all',
  'capacity.step-spacing': 'stand them {step} apart',
  'capacity.step-edge': 'go as near as {step} to the edge',
  'capacity.step-support': 'take cages of {step}',
  'capacity.step-emitters': 'lay another drip line, {step} from the south side',
  'capacity.step-reach': 'open a side or reach further: {step}',
  'capacity.step-taken': 'take out one plant that stands there',

  'rotation.never': 'No tomato or pepper is known to have stood here.',
  'rotation.rested': 'Rested {rested} seasons from the tomato family; {enough} are enough.',
  'rotation.short': 'Rested only {rested} of {enough} seasons from the tomato family.',
  'rotation.again': 'The tomato family stood here last season too; {enough} seasons of rest are wanted.',
  'rotation.new-mix': 'In a pot, new mix and a scrubbed pot make up for it.',
  'rotation.renew-soil': 'Where they must: renew the top spade of soil, or lay on plenty of compost.',
  'rotation.graft': 'Grafted plants stand on roots that bear old ground.',
  'rotation.resistant': 'Choose cultivars that resist what was seen here.',
  'rotation.clean': 'Carry off every old root and leaf, and clean stakes and cages.',

  'pot.too-small': 'It holds {litres}; a plant wants at least {least}, better {from} to {to}.',
  'pot.least': 'It holds {litres}: enough from {least}, better {from} to {to}.',
  'pot.good': 'It holds {litres}; {from} to {to} are good.',
  'pot.one-each': 'One plant to a pot grows best; by volume it carries {plants}.',
  'pot.self-watering':
    'In a self-watering box each has {each}: feed in a band along one side, mix mounded, a cover over it.',
  'pot.holes': 'Holes in the bottom, and mix, not stones, over them.',
  'pot.saucer': 'A saucer where it drips on a neighbour; emptied after rain.',
  'pot.mix-not-soil': 'Potting mix, never garden soil: in a pot that packs and drowns roots.',
  'pot.bush-for-pots': 'Some growers keep bush types for pots and vines for the ground.',
  'pot.move-early': 'Put it where it gets at least six hours of sun before it is filled and wet.',
  'pot.lighter': 'lighter, and a small balcony holds more',
  'pot.daily': 'water and feed by solution every day, twice in heat',

  'load.within': '{total} when soaked, of {allowed} that the floor may carry.',
  'load.over': '{total} when soaked: {over} more than the {allowed} that the floor may carry.',
  'load.unknown': '{total} when soaked. Ask what the floor may carry.',
}
