import { COVERS, type VigourCourse } from '../season'
import { formOf, type Form } from './form'
import { carryTrusses, fillTrusses, loseFruit, openTrusses } from './fruit'
import { diseaseDay, expanding, leafDay, leavesBy, trayLeaf } from './leaf'
import { beginNitrogen, feedDay, nitrogenFactor } from './nitrogen'
import { leaveRest, pickRipe } from './picking'
import { waysOf, type SeasonPlan } from './plan'
import { copyOf, emptySeason, ripeDays, type PlantSeason } from './season'
import { PlantState } from './state'
import { waterDay } from './water'
import type { SeasonWeather } from './weather'
import { FROST_KILLS, LIGHT_USE, MODEL, NITROGEN } from './working-values'
import { minutesOf } from './work'

/** One plant at a time is grown: its state is used again for the next. */
export const state = new PlantState()

/** A season up to a day, and its plant on it. */
interface KeptSeason {
  growing: Growing
  state: PlantState
}

/** A season under way: its columns are looked up once. */
export class Growing {
  private readonly degreeDays: Float64Array
  private readonly underCloth: Float64Array
  private readonly set: Float64Array
  private readonly et0: Float64Array
  private readonly kcOfAir: Float64Array
  private readonly release: Float64Array
  private readonly severity: Float64Array
  private readonly blight: Float64Array
  private setOut = 0
  /** °C d since it came up at which its tips were taken. */
  private topped = Infinity
  private waterings = 0
  private pickings = 0
  private last = -1
  private next = 0
  private plan: SeasonPlan
  private form: Form
  /** How it is grown one after the other, and from which day on; the first from the start. */
  private readonly ways: readonly { plan: SeasonPlan; from: number }[]
  private turned = 0
  private stands = true
  private result: PlantSeason

  constructor(
    after: SeasonPlan,
    private readonly weather: SeasonWeather,
    private readonly course: Omit<VigourCourse, 'from'> | null = null,
  ) {
    this.result = emptySeason(weather.days)
    this.ways = waysOf(after)
    this.plan = this.ways[0]!.plan
    this.form = formOf(this.plan)
    const { cultivar, roots, mulch } = after
    this.degreeDays = weather.degreeDays(cultivar.crop)
    this.underCloth = this.ways.some(({ plan }) => plan.cloth > 0)
      ? weather.degreeDays(cultivar.crop, COVERS.cloth.night)
      : this.degreeDays
    this.set = weather.fruitSet(cultivar)
    this.et0 = weather.et0
    this.kcOfAir = weather.kcOfAir
    const body = roots.kind === 'pot' ? 'container' : roots.raised ? 'raised' : 'ground'
    this.release = weather.release({ body, mulch })
    this.severity = weather.severity
    this.blight = weather.blight
  }

  begin(setOut: number): void {
    const { plan, form } = this
    state.clear()
    state.growth = plan.growth
    state.check = form.check
    state.leaf = trayLeaf(form, plan.growth)
    state.taw = form.waterFirst
    this.setOut = this.last = this.next = setOut
    beginNitrogen(state, plan, form)
    carryTrusses(state, form, setOut)
    this.result.trusses = state.count
    if (state.count > 0) this.result.firstFlower = setOut
  }

  /** The season as it stands, to go on from more than once. */
  kept(): KeptSeason {
    const then = new PlantState()
    then.copy(state)
    return { growing: this, state: then }
  }

  /** As another season that began the same. */
  goOn({ growing, state: then }: KeptSeason): void {
    const { setOut, topped, waterings, pickings, last, next, plan, form, turned, stands } = growing
    Object.assign(this, { setOut, topped, waterings, pickings, last, next, plan, form, turned, stands })
    this.result = copyOf(growing.result)
    state.copy(then)
  }

  /** Grows up to a day, or as long as it stands. */
  growTo(end: number): void {
    while (this.stands && this.next < end) this.stands = this.day(this.next++)
  }

  /** From a day on it is grown otherwise: stems that are let grow begin now, and those that are not end. */
  private turn(to: SeasonPlan): void {
    const { form: before } = this
    const form = formOf(to)
    const { growth } = state
    // Stems that grow already began when they did.
    const later = (was: Float64Array, from: Float64Array, shoots: number) => (_: number, stem: number) =>
      stem < before.stems ? was[stem]! : from[stem]! + Math.max(0, growth - shoots)
    const firstNew = form.leavesFrom[before.stems] ?? 0
    this.plan = to
    this.form = {
      ...form,
      leavesFrom: form.leavesFrom.map(later(before.leavesFrom, form.leavesFrom, firstNew)),
      trussesFrom: form.trussesFrom.map(later(before.trussesFrom, form.trussesFrom, firstNew)),
    }
  }

  /** @returns whether it still stands */
  private day(day: number): boolean {
    while (this.ways[this.turned + 1]?.from === day) this.turn(this.ways[++this.turned]!.plan)
    const { plan, form, weather, result } = this
    const sinceOut = day - this.setOut
    const isClothed = sinceOut < plan.cloth
    const tmin = weather.tmin[day]! + (isClothed ? COVERS.cloth.night : 0)
    const tmax = weather.tmax[day]!
    this.last = day
    const mayFall = plan.stoodTo === null || day >= plan.stoodTo
    if (tmin < FROST_KILLS && mayFall) return this.endBy('frost')
    if (plan.end !== null && day >= plan.end) return this.endBy('plan')

    const felt = isClothed ? this.underCloth[day]! : this.degreeDays[day]!
    const stalls = Math.min(felt, state.check)
    const gained = felt - stalls
    state.check -= stalls
    state.growth += gained
    state.since += felt
    if (plan.topped !== null && day >= plan.topped && this.topped === Infinity) this.topped = state.growth

    const green = state.leaf * (1 - state.spots) * (1 - state.blight)
    const index = green / form.room
    const cover = 1 - Math.exp(-LIGHT_USE.extinction * index)
    result.leafIndex = Math.max(result.leafIndex, state.leaf / form.room)
    const rain = weather.rain[day]!
    const used = waterDay(
      state,
      plan,
      form,
      { et0: this.et0[day]! * (1 - MODEL.shadeSaves * plan.shade), kcOfAir: this.kcOfAir[day]!, rain },
      cover,
      sinceOut,
    )
    this.book(rain * form.catches, used)

    const nitrogen = nitrogenFactor(state)
    const par = LIGHT_USE.par * weather.solar[day]! * plan.sun * (1 - plan.shade)
    const light =
      LIGHT_USE.dryMatter * form.reached * par * cover * form.room * warmthFactor((tmin + tmax) / 2)
    const made = light * state.stress * nitrogen
    result.light += light
    result.thirst += light * (1 - state.stress)
    result.hunger += light * state.stress - made
    feedDay(state, plan, form, this.release[day]!, sinceOut, made)
    leafDay(state, form, gained, nitrogen, this.topped)
    const leaves =
      leavesBy(form, state.growth, this.topped) - leavesBy(form, state.growth - gained, this.topped)
    // Shoots ask for as much as they grow.
    const shoots =
      form.reached *
      leaves *
      form.leafArea *
      MODEL.node *
      (1 + NITROGEN.glutLeaf * state.glut) *
      expanding(state.stress) *
      nitrogen

    if (this.course) {
      this.course.leaf[day] = expanding(state.stress) * nitrogen
      this.course.set[day] = state.ease ** MODEL.setFeels * (1 - NITROGEN.glutSet * state.glut)
    }
    const shaken = weather.isCovered && !plan.shaken ? MODEL.unshaken : 1
    const opened = openTrusses(state, plan, form, {
      day,
      set: this.set[day]! * shaken,
      sinceOut,
      topped: this.topped,
    })
    result.trusses += opened
    if (opened > 0) result.firstFlower ??= day
    fillTrusses(state, form, made, gained, shoots)
    loseFruit(state, form, { day, tmax: tmax - MODEL.shadeCools * plan.shade, bare: 1 - cover })
    diseaseDay(state, plan, form, {
      severity: this.severity[day]!,
      blight: this.blight[day]!,
      isCovered: weather.isCovered,
    })
    if (pickRipe(state, plan, form, result, day)) this.pickings++
    if (mayFall && 1 - (1 - state.spots) * (1 - state.blight) > DEAD) return this.endBy('disease')
    if (this.isDone()) return this.endBy('done')
    return true
  }

  private book(rain: number, used: number): void {
    const { litres, water } = this.result
    this.result.litres = litres + state.given
    water.rain += rain
    water.used += used
    water.drained += state.drained
    if (state.given > 0) this.waterings++
  }

  /** A determinate that has borne all it has. */
  private isDone(): boolean {
    const { form, plan } = this
    if (plan.cultivar.habit !== 'determinate' || state.first < state.count || state.count === 0) return false
    for (let stem = 0; stem < form.stems; stem++) if (state.opened[stem]! < form.mostTrusses) return false
    return true
  }

  private endBy(cause: PlantSeason['endedBy']): false {
    this.result.endedBy = cause
    return false
  }

  finish(): PlantSeason {
    const { result, form, plan, last } = this
    if (result.endedBy === 'never') result.endedBy = 'season'
    const takes = result.endedBy === 'disease' ? 'disease' : 'frost'
    leaveRest(state, plan, form, result, takes)
    result.water.gained = -state.depletion
    result.fruitMass = result.fruit > 0 ? result.sound / result.fruit : 0
    result.nitrogen = state.taken
    result.leafLost = 1 - (1 - state.spots) * (1 - state.blight)
    result.end = last
    result.minutes = minutesOf(plan, {
      days: last - this.setOut,
      waterings: this.waterings,
      pickings: this.pickings,
    })
    return Object.assign(result, ripeDays(result))
  }
}

/** Sick to this share a plant is dead. */
const DEAD = 0.97

function warmthFactor(mean: number): number {
  const { none, from, to, noneAgain } = MODEL.warmth
  return Math.max(0, Math.min(1, (mean - none) / (from - none), (noneAgain - mean) / (noneAgain - to)))
}
