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
