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
  'set-out.nights-warm': 'The next {nights night} average {mean}, warm enough for plants to grow on at once.',
  'set-out.nights-bearable':
    'The next {nights night} average {mean}. Plants can go out now, but grow faster from {ideal}.',
  'set-out.nights-cold': 'The next {nights night} average only {mean}. Below {limit} the plants stall.',
  'set-out.one-cold-night':
    'A night of {low} is forecast for {date}. A plant fresh from its pot survives down to {limit}.',
  'set-out.soil-warm': 'The soil is {soil} at {depth}, warm enough for roots to grow at once.',
  'set-out.soil-bearable':
    'The soil is {soil} at {depth}. Plants can go out now, but grow faster from {ideal}.',
  'set-out.soil-cold': 'The soil is {soil} at {depth}. Below {limit} roots stop growing.',
  'set-out.frost-likely': 'Before {date} frost still comes in more years than you chose to risk.',
  'set-out.frost-simulated': 'The simulated weather has a frost ahead: {low} on {date}.',
  'set-out.frost-ahead': 'Frost is forecast: {low} on {date}.',
  'set-out.warm-from': 'Nights and soil should be warm enough from about {date}.',
  'set-out.not-this-season': 'No warm enough spell is left this season.',

  'call.sow-weeks': 'Seedlings need about {weeks week} to be ready when the ground is warm, about {date}.',
  'call.sow-in-place': 'Nights and soil are warm enough to sow where the plants will grow.',
  'call.sow-odds':
    'Of {seeds seed}, {germination} sprout and {survival} of those live. That gives the {plants} you want 19 times in 20.',
  'call.sow-late': 'You are {late} late, so the first fruit will come that much later.',
  'call.get-ready': 'They need {days} to get used to the weather before you plant them out, about {date}.',
  'call.get-look':
    'Choose short, dark green, sturdy plants without flowers. Look under the leaves for pests.',
  'call.waits-get': 'Planted out without those days outside, they stall for a week or two.',
  'call.loops-due': 'In a warm tray the first seedlings show about {date}.',
  'call.loops-due-in-place': 'Going by the soil’s warmth, the first seedlings show about {date}.',
  'call.light-at-once': 'Give full light the same day the first seedling shows.',
  'call.pot-up-roots': 'They came up on {emerged}. Roots reach the wall of the cell after about three weeks.',
  'call.harden-days': 'Day {day} of {days}: {hours} outside, a little more each day.',
  'call.harden-rest-cold': 'It only gets to {high} today. Below {limit} they stay in.',
  'call.harden-rest-wind': 'Wind reaches {wind} today. Above {limit} it tears soft leaves, so they stay in.',
  'call.harden-night-out': 'The night stays at {low}. From {limit} up they can stay out.',
  'call.harden-night-in': 'The night falls to {low}. Below {limit} bring them in.',
  'call.read-soil-estimate':
    'Worked out from the air, the soil is {soil} at {depth}. A thermometer knows better.',
  'call.cover-low': '{low} is forecast. At {limit} in the air, leaves near the ground can freeze.',
  'call.cover-clear-of-leaves': 'Keep the cloth clear of the leaves: cold passes through where it touches.',
  'call.flowers-due': 'Going by the warmth so far, the first flowers open about {date}.',
  'call.first-green-due': 'Going by the warmth so far, the first green fruit reach full size about {date}.',
  'call.first-ripe-due': 'Going by the warmth so far, the first fruit ripen about {date}.',
  'call.picked-last': 'Last picked on {date}.',
  'call.top-last-flower':
    'A flower that opens after {date} will not make a mature fruit before the frost, about {frost}.',
  'call.clear-frost': 'The first frost comes about {date}.',
  'call.clear-borne': 'By about {date} it has borne for five weeks. A bush ripens its fruit in four to six.',
  'call.waits-sow': 'Sow a week later, and the first fruit comes about a week later.',
  'call.waits-light': 'A day without light makes them leggy for good.',
  'call.waits-roots': 'Roots begin to circle, and growth slows.',
  'call.waits-hardening': 'Planting out moves back by a day.',
  'call.waits-set-out': 'Every warm day in the pot is a day of rooting lost.',
  'call.waits-frost': 'Frozen leaves do not recover.',
  'call.waits-pick': 'Ripe fruit split in rain and draw birds.',
  'call.waits-top': 'The plant goes on feeding fruit that will not ripen.',
  'call.water-dry': 'The soil is {missing} short of water. Growth slows once it is {limit} short.',
  'call.water-due':
    'The soil is {missing} short of water. Water before it is {limit} short, when growth slows.',
  'call.water-turns': 'This soil takes water in slowly: give it in {turns turn} of {minutes}, {pause} apart.',
  'call.water-last': 'You last watered on {date}.',
  'call.water-never': 'You have not recorded any watering, so this counts only rain and use.',
  'call.waits-water': 'Growth slows, and uneven watering brings blossom-end rot.',
  'call.waits-water-pot': 'If a pot dries out even once, the plant drops the flowers that are open.',
  'call.feed-gap': 'Over the next four weeks the plants will be {missing} short of nitrogen.',
  'call.feed-dry-roots': 'The roots are dry: water first and feed tomorrow.',
  'call.feed-cold-soil': 'The soil is cold, so meals and compost release next to nothing yet.',
  'call.feed-flowers': 'The plants are flowering: they need less nitrogen than before and more potassium.',
  'call.waits-feed': 'Leaves turn pale from below, and later fruit stay small.',
  'call.tie': 'The stem has reached {stem}. Tie it at {height}.',
  'call.tier': 'The stem has reached {stem}, so it is time for the string at {height}.',
  'call.lower':
    'The vine is {stem} long and its tip is at the wire. Let the string down; do not cut the tip.',
  'call.cut': 'In all, remove {+ suckers sucker, leaves leaf|leaves, trusses flower cluster, tips tip}.',
  'call.cut-last': 'You last did this on {date}.',
  'call.forecast-simulated':
    'That weather is simulated. Add your own forecast under Garden, Weather, and it is used instead.',
  'call.storm': 'Wind of {wind} is forecast. It breaks stems that are not tied.',
  'call.waits-tie': 'The stem bends and breaks in the next wind, or roots along the ground.',
  'call.waits-cut': 'Suckers past {length 0.05} leave larger wounds and cost fruit.',
  'call.vent-open': 'With {high} outside it passes {limit} inside, and flowers fail in the heat.',
  'call.vent-shut': 'Close it before it falls to {limit} inside, and the night stays warm.',
  'call.vent-night-open': 'The night stays mild ({low}), so open vents let the damp out.',
  'call.waits-vent': 'One afternoon shut in costs the flowers that are open.',
  'call.shake': 'Under cover, neither wind nor bees move the pollen.',
  'call.waits-shake': 'A flower stays open for two or three days. Unmoved, it sets poorly.',
  'call.shade': '{high} is forecast. From {limit} fruit scald and flowers drop.',
  'call.waits-shade': 'Scalded fruit do not heal.',
  'call.scout-first': 'You have not looked them over this season. Do it every {every}.',
  'call.follow-last': 'You last checked on {date}. Check an open problem every three days.',
  'call.waits-follow': 'You find out late if it spreads, and you cannot close it if it is over.',
  'call.scout-last': 'You last looked them over on {date}. Do it every {every}.',
  'call.waits-scout': 'Most problems are put right in their first week.',

  'rot.even-first':
    'Your watering was even, so carry on. Uneven water in young fruit causes this, and it is not contagious.',
  'rot.dry-days':
    'On {days} of the last two weeks drought slowed growth, so water evenly first. It is not contagious; remove spoiled fruit.',
  'rot.nitrogen':
    'There is too much nitrogen in the soil: leaves draw water past the fruit. Do not feed for now.',
  'rot.salt': 'The soil is salty, so roots take up less. Water it through, and feed weakly.',
  'rot.small-pot':
    '{litres} of mix dries out between waterings for a plant that needs {least}. Use a larger pot, or water twice a day.',
  'rot.prone': 'This type is prone to it: long and large fruit show it first.',
  'rot.calcium-low': 'Your test is low in calcium. Gypsum keeps the pH; lime raises it.',
  'rot.calcium-enough': 'Your test shows enough calcium. More of it changes nothing.',
  'rot.calcium-unknown': 'You have no calcium test. Most soils hold enough, so add none without one.',
  'rot.unsettled':
    'Research is not settled: low calcium in the fruit may follow stress and growth spurts rather than cause the rot. The first fruit are worst; later ones recover.',

  'ripe.colour': 'It is {colour} all over, the color of its own cultivar.',
  'ripe.shoulder': 'The shoulder has turned too, or keeps only its cultivar’s green.',
  'ripe.gives': 'It gives a little under your thumb.',
  'ripe.knuckle': 'Lift it: a ripe fruit snaps off at the joint in its stem.',
  'ripe.truss': 'Pick the whole cluster when its last fruit turns, or single fruit as you pass.',
  'ripe.turned': 'Nine tenths of it has turned {colour}.',
  'ripe.green':
    'You can pick it green at full size, firm and glossy. It is less sweet, and the plant sets more fruit.',
  'ripe.cork': 'Fine brown corky lines in the skin show that it is at its hottest.',
  'ripe.stalk': 'Cut it with a piece of stalk: a tug breaks the branch.',

  'date.entered': 'You entered it.',
  'date.meant': 'You set this day.',
  'date.sow': 'Seedlings need about {weeks week} before it is warm enough outside ({way}).',
  'date.own-later':
    'Moved up to {days} later by your own record: in {count forecast} made {lead} ahead, it came {late} late on average.',
  'date.own-earlier':
    'Moved up to {days} earlier by your own record: in {count forecast} made {lead} ahead, it came {late} early on average.',
  'date.sow-in-place': 'The first day on which nights and soil are warm enough to sow in place.',
  'date.emerge-by-size': 'Worked out from the size of the plants.',
  'date.emerge-tray': 'In a tray at {warmth} most are up after {days}.',
  'date.emerge-ground': 'Worked out from the soil’s temperature, day by day.',
  'date.first-light': 'Turn the lights on as soon as the first seedlings show. A day late makes them leggy.',
  'date.pot-up': 'After three weeks, roots reach the wall of the cell.',
  'date.harden': '{days} outside, a little longer each day.',
  'date.set-out': 'It never gets warm enough here: {nights night} of {night} on average, and soil of {soil}.',
  'date.set-out-may':
    'The average date from which {nights night} average {night}, the soil is {soil} and spring frosts are over ({frost}).',
  'date.set-out-mild': 'The average date from which {nights night} average {night} and the soil is {soil}.',
  'date.set-out-ideal':
    'It could go out from {may}. By {ideal}, {nights night} average {night} and the soil is {soil}. Waiting costs {costs} of the ripe fruit but spares it a cold start.',
  'date.set-out-early':
    'The average date from which {nights night} average {night} and the soil is {soil}. Waiting for the best date, about {ideal}, would cost {costs} of the ripe fruit.',
  'date.set-out-closed':
    'The earliest date with {nights night} of {night} on average and soil of {soil}. Planted after {closes}, its first fruit will not ripen before frost in an average season, so you need to gain time.',
  'date.set-out-too-short':
    'The earliest date with {nights night} of {night} on average and soil of {soil}. Even planted then, nothing ripens before frost in an average season, so you need to gain time.',
  'date.first-flower':
    'About {time} after it comes up, depending on warmth ({sum}). Planting out adds some days.',
  'date.first-green':
    'About {time} after the flower, depending on warmth ({sum}), it is full-sized, firm and glossy.',
  'date.first-ripe': 'About {time} after the flower opens, depending on warmth ({sum}).',
  'date.peak': 'When the fruit of the first weeks ripen together.',
  'date.last-flower-ripe': 'A flower that opens later does not get enough warmth before the frost ({sum}).',
  'date.last-flower-green': 'With {share} of that warmth it is mature green, and ripens indoors.',
  'date.top':
    'From then on new flowers only take from the fruit that is there. Leave two leaves above the last flower cluster.',
  'date.end-frost': 'The first frost in an average season.',
  'date.end-borne': 'A determinate plant bears for about {days} and is done, unless frost comes first.',
  'date.end-none': 'In most years no frost ends it.',
  'warn.frost-night-simulated':
    'The simulated weather has a night of {low} on {date}. Cover what is outside, clear of the leaves.',
  'warn.frost-night': 'A night of {low} on {date}. Cover what is outside, clear of the leaves.',
  'warn.set-cold':
    'The night of {date} is too cold for open flowers to set fruit: {value}. Expect them to drop about {from} to {to}.',
  'warn.set-hot':
    'The day of {date} is too hot for open flowers to set fruit: {value}. Expect them to drop about {from} to {to}.',
  'warn.cold-spell':
    'From {date} to {until} nights fall to {night} and days only reach {high}. Only {set} of flowers set, so expect gaps about {from} to {to}.',
  'warn.heat-spell':
    'From {date} to {until} nights reach {night} and days {high}. Only {set} of flowers set, so expect gaps about {from} to {to}.',
  'warn.heat-spell-cherry':
    'From {date} to {until} nights reach {night} and days {high}. Only {set} of flowers set ({cherry} on cherry types), so expect gaps about {from} to {to}.',
  'warn.heat-gap':
    '{odds}, nights from about {date} to {to} are too warm to set fruit. Plan two short seasons, or choose cherry types.',
  'warn.not-ripe': '{odds}, frost comes before any fruit ripens (about {date}).',
  'risk.frost-after': 'frost after planting out on {date}',
  'risk.too-cold': 'nights or soil still too cold on {date}',
  'risk.not-ripe': 'no ripe fruit before the season ends, due about {date}',
  'spacing.training': 'Pruning style {training}: {inRow} between plants, {lines} between lines in a bed.',
  'spacing.school': 'The {school} spacing. Others go from {tight} to {roomy}.',
  'spacing.wet': 'Leaves often stay wet here ({wetness}), so give {more} more room: {inRow}.',
  'spacing.more-plants': '{change} more plants',
  'spacing.fewer-plants': '{change} fewer plants',
  'spacing.more-room': '{change} more space each, so leaves dry sooner',
  'spacing.less-room': '{change} less space each, so leaves stay wet longer',
  'spacing.support': 'A cage is {diameter} wide, so plants cannot be closer than that.',

  'capacity.bound-spacing': 'The spacing sets the limit: {inRow} in the row, {betweenRows} between lines.',
  'capacity.bound-edge': 'The edge sets the limit: stems keep {edge} from the sides.',
  'capacity.bound-support': 'The cages set the limit: each takes {diameter}, all of it inside.',
  'capacity.bound-emitters':
    'The drip lines set the limit: an emitter every {spacing}, and every plant needs one within a hand’s breadth.',
  'capacity.bound-reach': 'Your reach sets the limit: from the open sides an arm does not get to the rest.',
  'capacity.bound-taken': 'The plants already here take up the space.',
  'capacity.layout-rows': 'In straight lines, {inRow} along, {betweenRows} across.',
  'capacity.layout-staggered': 'In offset lines, every neighbor at least {inRow} away.',
  'capacity.across-another': 'You can only pick {plants} of them by reaching across another line.',
  'capacity.more': '{more} more, {count} in all',
  'capacity.step-spacing': 'plant them {step} apart',
  'capacity.step-edge': 'plant as near as {step} to the edge',
  'capacity.step-support': 'use cages {step} wide',
  'capacity.step-emitters': 'lay another drip line, {step} from the south side',
  'capacity.step-reach': 'open a side or reach further: {step}',
  'capacity.step-taken': 'remove one plant that is there',

  'rotation.never': 'No tomato or pepper is known to have stood here.',
  'rotation.rested': 'This place had {rested season} without the tomato family, and {enough} is enough.',
  'rotation.short': 'This place had only {rested} of {enough season} without the tomato family.',
  'rotation.again': 'The tomato family grew here last season too. Wait {enough season}.',
  'rotation.new-mix': 'In a pot, new mix and a scrubbed pot make up for it.',
  'rotation.renew-soil': 'If you must: replace the top spade’s depth of soil, or add plenty of compost.',
  'rotation.graft': 'Grafted plants have roots that cope with tired ground.',
  'rotation.resistant': 'Choose cultivars that resist the problems you saw here.',
  'rotation.clean': 'Remove every old root and leaf, and clean stakes and cages.',

  'pot.too-small': 'It holds {litres}. A plant needs at least {least}, better {from} to {to}.',
  'pot.least': 'It holds {litres}. At least {least} is enough; {from} to {to} is better.',
  'pot.good': 'It holds {litres}; {from} to {to} is good.',
  'pot.one-each': 'One plant per pot grows best. By volume it could carry {plants}.',
  'pot.self-watering':
    'In a self-watering box each plant has {each}. Put the feed in a band along one side, mound the mix and cover it.',
  'pot.holes': 'Holes in the bottom, with mix over them, not stones.',
  'pot.saucer': 'Use a saucer where it drips on a neighbor, and empty it after rain.',
  'pot.mix-not-soil': 'Use potting mix, never garden soil, which packs in a pot and drowns roots.',
  'pot.bush-for-pots': 'Some growers keep bush types for pots and vines for the ground.',
  'pot.move-early': 'Put it where it gets at least six hours of sun before you fill and water it.',
  'pot.lighter': 'lighter, and a small balcony holds more',
  'pot.daily': 'water and feed with a solution every day, twice in heat',

  'load.within': '{total} when soaked, of the {allowed} the floor may carry.',
  'load.over': '{total} when soaked: {over} more than the {allowed} the floor may carry.',
  'load.unknown': '{total} when soaked. Ask what the floor may carry.',
}
