import { PEPPER_SWELLS } from '../../src/core/crop'
import { FIRST_ORDER, shareInSeason } from '../../src/core/feeding'
import type { SeasonPlan, SeasonWeather } from '../../src/core/season-model'
import { formOf } from '../../src/core/season-model/form'
import { expanding, trayLeaf } from '../../src/core/season-model/leaf'
import {
  DISEASE,
  FROST_KILLS,
  LARGEST,
  LIGHT_USE,
  LOSSES,
  MODEL,
  NITROGEN,
} from '../../src/core/season-model/working-values'
import { CROP_KC, MULCH_SAVES, READILY, READILY_BOUNDS } from '../../src/core/watering'

const MOST_TRUSSES = 400
const TRANSPLANT = 4
const SWELLS = 0.9
const COLOURS = 0.85
const SCALDS = 0.6
const DEAD = 0.97
const column = () => new Float64Array(MOST_TRUSSES)
const [openedAt, openedOn, fruit, mass] = [column(), column(), column(), column()]
const [rot, cracks, scald, pull] = [column(), column(), column(), column()]

/**
 * The season model's equations in one loop, as one would write them for a single question: a held plant in the ground,
 * watered by need, fed, neither pinched nor topped nor covered. What the model is timed against.
 *
 * @returns kg of sound ripe fruit
 */
export function soundByHand(plan: SeasonPlan, weather: SeasonWeather): number {
  const { cultivar, watering, feeds, setOut } = plan
  if (setOut === null || watering.by !== 'need')
    throw new RangeError('only what is planted and watered by need')
  const form = formOf(plan)
  const { crop } = cultivar
  const { tmin, tmax, rain, solar, et0, kcOfAir, severity, blight: blightDays } = weather
  const degreeDays = weather.degreeDays(crop)
  const set = weather.fruitSet(cultivar)
  const release = weather.release({ body: 'ground', mulch: plan.mulch })
  const kc = CROP_KC[crop]
  const [leastReadily, mostReadily] = READILY_BOUNDS
  const { stems, leavesFrom, trussesFrom, leafEvery, trussEvery, mostLeaves, mostTrusses } = form
  const wantsNitrogen = NITROGEN[crop]
  const spread = DISEASE.spreads * form.density * form.resistant
  const arrives = DISEASE.splash * form.splash
  const blightSpreads = DISEASE.blightSpreads * form.density * form.resistant
  const bound = new Float64Array(feeds.length)
  const opened = new Int16Array(stems)
  let [growth, check, since, leaf] = [plan.growth, form.check, 0, trayLeaf(form, plan.growth)]
  let [spots, blight, depletion, glut, ease] = [0, 0, 0, 0, 1]
  let [pool, wanted, taken] = [form.inSpring, TRANSPLANT * wantsNitrogen, TRANSPLANT * wantsNitrogen]
  let [first, count, sound] = [0, 0, 0]
  const leaves = (to: number) => {
    let all = 0
    for (let stem = 0; stem < stems; stem++) {
      const own = (to - leavesFrom[stem]!) / leafEvery
      if (own > 0) all += own < mostLeaves ? own : mostLeaves
    }
    return all
  }
  for (let day = setOut; day < weather.days && tmin[day]! >= FROST_KILLS; day++) {
    const sinceOut = day - setOut
    const stalls = Math.min(degreeDays[day]!, check)
    const gained = degreeDays[day]! - stalls
    check -= stalls
    growth += gained
    since += degreeDays[day]!
    const cover = 1 - Math.exp((-LIGHT_USE.extinction * leaf * (1 - spots) * (1 - blight)) / form.room)
    // Water.
    const et = Math.max(
      0,
      et0[day]! * (kc.start + (kc.staked + kcOfAir[day]! - kc.start) * cover) * (1 - MULCH_SAVES[plan.mulch]),
    )
    const taw = form.waterFirst + (form.waterGrown - form.waterFirst) * Math.min(1, since / form.rootsOver)
    const raw = taw * Math.min(mostReadily, Math.max(leastReadily, READILY[crop] + 0.04 * (5 - et)))
    const before = depletion
    // What is looked at knows the easily taken water of that day.
    const given =
      sinceOut % watering.every === 0 && depletion > watering.at * raw
        ? Math.min(watering.most, depletion)
        : 0
    const after = depletion - rain[day]! * form.catches - given
    const drained = after < 0 ? -after : 0
    const missing = after > 0 ? after : 0
    const stress = missing <= raw ? 1 : Math.max(0, (taw - missing) / (taw - raw))
    depletion = missing + Math.min(stress * et * form.room, Math.max(0, taw - missing))
    // Growth.
    const nitrogen = Math.min(
      1,
      Math.max(0, (taken / wanted - NITROGEN.starved) / (NITROGEN.enough - NITROGEN.starved)),
    )
    const mean = (tmin[day]! + tmax[day]!) / 2
    const { none, from, to, noneAgain } = MODEL.warmth
    const warmth = Math.max(
      0,
      Math.min(1, (mean - none) / (from - none), (noneAgain - mean) / (noneAgain - to)),
    )
    const par = LIGHT_USE.par * solar[day]! * plan.sun
    const made = LIGHT_USE.dryMatter * form.reached * par * cover * form.room * warmth * stress * nitrogen
    // Nitrogen.
    pool += form.mineral * release[day]!
    for (let feed = 0; feed < feeds.length; feed++) {
      const one = feeds[feed]!
      if (one.day === sinceOut || (sinceOut === 0 && one.day < 0)) {
        if (one.release === 'soluble') pool += one.nitrogen
        else bound[feed] = one.nitrogen * shareInSeason(one.release, 'n')
      }
      const free = bound[feed]! * Math.min(1, FIRST_ORDER * release[day]!)
      bound[feed]! -= free
      pool += free
    }
    if (drained > 0) pool *= form.holds / (form.holds + drained)
    wanted += made * wantsNitrogen
    const takes = Math.min(pool * NITROGEN.reach, Math.max(0, wanted - taken))
    taken += takes
    pool -= takes
    glut = Math.min(1, Math.max(0, (pool / form.room - NITROGEN.glut) / (NITROGEN.glutMost - NITROGEN.glut)))
    // Leaf.
    const [now, aged] = [leaves(growth), leaves(growth - form.leafAges)]
    const crowd = leaf / form.room / MODEL.mostLeaf
    leaf +=
      (form.leafArea / form.leafGrows) *
      (now - leaves(growth - form.leafGrows)) *
      gained *
      expanding(stress) *
      nitrogen *
      Math.max(0, 1 - crowd * crowd)
    const falls = aged - leaves(growth - gained - form.leafAges)
    if (falls > 0) leaf *= Math.max(0, 1 - falls / Math.max(falls, now - aged + falls))
    const shoots =
      form.reached *
      (now - leaves(growth - gained)) *
      form.leafArea *
      MODEL.node *
      (1 + NITROGEN.glutLeaf * glut) *
      expanding(stress) *
      nitrogen
    // Trusses open.
    for (let stem = 0; stem < stems; stem++)
      while (
        opened[stem]! < mostTrusses &&
        trussesFrom[stem]! + opened[stem]! * trussEvery <= growth &&
        count < MOST_TRUSSES
      ) {
        opened[stem]!++
        openedAt[count] = growth
        openedOn[count] = day
        mass[count] = rot[count] = cracks[count] = scald[count] = 0
        const sets =
          form.flowers * form.bestSet * set[day]! * ease ** MODEL.setFeels * (1 - NITROGEN.glutSet * glut)
        let swelling = 0
        if (form.mostSwelling < Infinity)
          for (let at = first; at < count; at++)
            if (growth - openedAt[at]! < PEPPER_SWELLS * form.ripening) swelling += fruit[at]!
        fruit[count++] = sets < MODEL.leastSet || swelling >= form.mostSwelling ? 0 : sets
      }
    // Fruit fill.
    const step = gained / (SWELLS * form.ripening)
    let asked = 0
    for (let at = first; at < count; at++) {
      const way = (growth - openedAt[at]!) / (SWELLS * form.ripening)
      asked += pull[at] =
        way > 0 && way < 1 ? fruit[at]! * form.fruitMass * LARGEST * 6 * way * (1 - way) * step : 0
    }
    const dry = asked * form.dryShare * 1000
    const usual = dry / LARGEST + shoots
    ease += ((usual > 0 ? Math.min(1, made / usual) : 1) - ease) / MODEL.eases
    const share = dry > 0 ? Math.min(1, made / (dry + shoots)) : 0
    // Losses.
    const thirst = depletion > raw ? Math.min(1, (depletion - raw) / (taw - raw)) : 0
    const rots = LOSSES.rot * form.proneness * (thirst + LOSSES.rotOfGlut * glut)
    const isSoaked = before > raw && before - depletion >= 0.5 * before
    const scalds = tmax[day]! > 32 ? LOSSES.scald * (tmax[day]! - 32) * (1 - cover) : 0
    for (let at = first; at < count; at++) {
      mass[at]! += pull[at]! * share
      const age = day - openedOn[at]!
      if (age >= 5 && age <= 20) rot[at] = Math.min(LOSSES.rotMost, rot[at]! + rots)
      const way = (growth - openedAt[at]!) / form.ripening
      if (way >= SCALDS) scald[at] = Math.min(1, scald[at]! + scalds)
      if (isSoaked && way >= COLOURS) cracks[at] = Math.min(1, cracks[at]! + LOSSES.cracks)
    }
    // Disease.
    spots += severity[day]! * (spread * spots + arrives) * (1 - spots)
    blight += blightDays[day]! * (blightSpreads * blight + DISEASE.blight) * (1 - blight)
    // Picking.
    while (first < count && growth - openedAt[first]! >= form.pickedAt * form.ripening) {
      sound += mass[first]! * (1 - Math.min(1, rot[first]! + cracks[first]! + scald[first]!))
      first++
    }
    if (1 - (1 - spots) * (1 - blight) > DEAD) break
    if (
      cultivar.habit === 'determinate' &&
      first === count &&
      count > 0 &&
      opened.every((one) => one >= mostTrusses)
    )
      break
  }
  return sound
}
