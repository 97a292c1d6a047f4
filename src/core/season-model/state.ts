/** Trusses of a plant, at the most. */
const MOST_TRUSSES = 400

/** A plant on a day; L, g, kg, m². One object is used over and over: nothing is made within a season. */
export class PlantState {
  /** °C d since it came up, and what of planting out is still to be lost; since setting out. */
  growth = 0
  check = 0
  since = 0
  leaf = 0
  /** Share of its leaf that is sick: with spots, and with late blight. */
  spots = 0
  blight = 0
  /** L missing to field capacity; of the day before. */
  depletion = 0
  before = 0
  /** L that the roots' ground holds, and of it easily taken. */
  taw = 1
  raw = 1
  /** Share of its water that it gets; L of rain and irrigation of the day; drained. */
  stress = 1
  given = 0
  drained = 0
  /** g N in reach, in the plant, what it would have wanted; glut, 0–1. */
  pool = 0
  taken = 0
  wanted = 0
  glut = 0
  /** How well its fruit are supplied, 0–1. */
  ease = 1
  /** How often leaves were wet of late, 0–1. */
  wet = 0
  /** Trusses by the order in which they opened; those before `first` are picked. */
  first = 0
  count = 0
  readonly openedAt = new Float64Array(MOST_TRUSSES)
  readonly openedOn = new Int16Array(MOST_TRUSSES)
  readonly fruit = new Float64Array(MOST_TRUSSES)
  readonly mass = new Float64Array(MOST_TRUSSES)
  readonly rot = new Float64Array(MOST_TRUSSES)
  readonly cracks = new Float64Array(MOST_TRUSSES)
  readonly scald = new Float64Array(MOST_TRUSSES)
  readonly pull = new Float64Array(MOST_TRUSSES)
  /** Trusses that each stem has opened. */
  readonly opened = new Int16Array(16)
  /** g N of each feed that is still to come free. */
  readonly bound = new Float64Array(64)

  /** As nothing has happened. */
  clear(): void {
    this.growth = this.check = this.since = this.leaf = this.spots = this.blight = 0
    this.depletion = this.before = this.given = this.drained = 0
    this.pool = this.taken = this.wanted = this.glut = this.wet = 0
    this.stress = this.ease = this.taw = this.raw = 1
    this.first = this.count = 0
    this.opened.fill(0)
    this.bound.fill(0)
  }
  /** As another is. */
  copy(other: PlantState): void {
    for (const [name, value] of Object.entries(other)) {
      const own: unknown = Reflect.get(this, name)
      if (own instanceof Float64Array || own instanceof Int16Array) own.set(value as Float64Array)
      else Reflect.set(this, name, value)
    }
  }
  get isFull(): boolean {
    return this.count >= MOST_TRUSSES
  }
}
