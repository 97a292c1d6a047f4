/** What took fruit, kg a plant. */
export const LOSS_CAUSES = ['rot', 'cracks', 'scald', 'ground', 'disease', 'frost'] as const
export type LossCause = (typeof LOSS_CAUSES)[number]

/** What one plant did in one season. Days from the season's start. */
export interface PlantSeason {
  /** Sound fruit that ripened on each day, kg. */
  ripeByDay: Float64Array
  /** Day on which the first truss opened; null: none did. */
  firstFlower: number | null
  /** Days on which the first fruit ripened, and a tenth, half and nine tenths of the sound crop; null: none did. */
  firstRipe: number | null
  ripe10: number | null
  ripe50: number | null
  ripe90: number | null
  /** kg sound; kg that frost found full-grown and green, to ripen indoors; kg lost, by cause. */
  sound: number
  indoors: number
  lost: Record<LossCause, number>
  /** Sound fruit, and their mean mass, kg. */
  fruit: number
  fruitMass: number
  /** Trusses that opened, and of them those that set hardly anything. */
  trusses: number
  failed: number
  /** L given; and the season's water of its roots: what rain brought, what it used, what drained, and what more the soil holds than at the start. */
  litres: number
  water: { rain: number; used: number; drained: number; gained: number }
  /** g of dry matter that its light would have made, and what thirst and want of nitrogen took of it. */
  light: number
  thirst: number
  hunger: number
  /** g N taken up. */
  nitrogen: number
  minutes: number
  /** Share of its leaf that was sick on its last day, 0–1; the most leaf over its ground, m²/m². */
  leafLost: number
  leafIndex: number
  /** The day after which it stood no more; null: it never went out. */
  end: number | null
  endedBy: 'frost' | 'disease' | 'plan' | 'done' | 'season' | 'never'
}

/** A plant as it stands on the morning of a day, and its season up to then. */
export interface PlantSight {
  season: PlantSeason
  /** Of what it takes from the soil easily, the share that is gone; over 1 it is thirsty. */
  dry: number
  /** Share of its leaf that is sick. */
  sick: number
  /** m² of leaf over each m² of its ground. */
  leafIndex: number
  /** Of the nitrogen that it wants, the share that it gets; and how far it has too much, 0–1. */
  fed: number
  glut: number
  /** Trusses that carry fruit and hang unripe; kg on them. */
  hanging: number
  hangingMass: number
  stands: boolean
}

/** A season in which nothing has happened yet. */
export function emptySeason(days: number): PlantSeason {
  return {
    ripeByDay: new Float64Array(days),
    firstFlower: null,
    firstRipe: null,
    ripe10: null,
    ripe50: null,
    ripe90: null,
    sound: 0,
    indoors: 0,
    lost: Object.fromEntries(LOSS_CAUSES.map((cause) => [cause, 0])) as Record<LossCause, number>,
    fruit: 0,
    fruitMass: 0,
    trusses: 0,
    failed: 0,
    litres: 0,
    water: { rain: 0, used: 0, drained: 0, gained: 0 },
    light: 0,
    thirst: 0,
    hunger: 0,
    nitrogen: 0,
    minutes: 0,
    leafLost: 0,
    leafIndex: 0,
    end: null,
    endedBy: 'never',
  }
}

/** The same again, that goes on by itself. */
export const copyOf = (season: PlantSeason): PlantSeason => ({
  ...season,
  ripeByDay: season.ripeByDay.slice(),
  lost: { ...season.lost },
  water: { ...season.water },
})

/** Days by which a tenth, half and nine tenths of the sound crop had ripened. */
export function ripeDays({ ripeByDay, sound }: PlantSeason) {
  const days: (number | null)[] = []
  let sum = 0
  const shares = [0.1, 0.5, 0.9]
  for (let day = 0; day < ripeByDay.length && sound > 0; day++) {
    sum += ripeByDay[day]!
    while (days.length < shares.length && sum >= shares[days.length]! * sound - 1e-9) days.push(day)
  }
  return { ripe10: days[0] ?? null, ripe50: days[1] ?? null, ripe90: days[2] ?? null }
}
