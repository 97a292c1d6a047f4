import type { Advice, Reason } from '../advice'
import type { WetnessPressure } from '../climate'
import type { Crop, FruitType, Habit, Training } from '../crop'
import { SPACING_SCHOOLS, type SpacingSchool } from '../facts'
import { length, name, share } from '../quantity'

/** m. `lines` is the distance between lines inside a bed that is worked from its sides. */
export interface SpacingAnswer {
  inRow: number
  betweenRows: number
  lines: number
}

export type SpacingRule =
  | 'spacing.training'
  | 'spacing.school'
  | 'spacing.wet'
  | 'spacing.more-plants'
  | 'spacing.fewer-plants'
  | 'spacing.more-room'
  | 'spacing.less-room'
  | 'spacing.support'

/**
 * † In-row spacing of the tight, the standard and the roomy school, and the row distance, m. Against: the
 * spacing table, schools at its ends.
 */
interface Row {
  inRow: Record<SpacingSchool, number>
  betweenRows: number
  lines: number
}
const row = (tight: number, standard: number, roomy: number, betweenRows: number, lines: number): Row => ({
  inRow: { tight, standard, roomy },
  betweenRows,
  lines,
})
const ROWS = {
  'single-stem': row(0.35, 0.45, 0.6, 1.1, 0.5),
  'two-stems': row(0.5, 0.6, 0.75, 1.1, 0.5),
  'three-stems': row(0.6, 0.8, 1, 1.2, 0.5),
  cage: row(0.6, 0.8, 1, 1.2, 0.6),
  sprawling: row(0.75, 1, 1.4, 1.35, 0.75),
  determinate: row(0.45, 0.6, 0.75, 1.1, 0.5),
  dwarf: row(0.4, 0.5, 0.6, 0.9, 0.5),
  pepper: row(0.3, 0.4, 0.5, 0.75, 0.425),
  'hot-pepper': row(0.3, 0.45, 0.6, 0.75, 0.425),
} as const satisfies Record<string, Row>

/**
 * † What wet leaves ask in room: mean early-blight severity a day from 0.5 is medium, from 1 high. Against: 10
 * and 25 % more room.
 */
const WETNESS: Record<WetnessPressure, number> = { low: 1, medium: 1.1, high: 1.25 }

function rowFor(plant: { crop: Crop; habit: Habit | null; fruit: FruitType }, training: Training): Row {
  if (plant.crop === 'pepper') return ROWS[plant.fruit === 'hot-small' ? 'hot-pepper' : 'pepper']
  if (plant.habit === 'dwarf') return ROWS.dwarf
  if (plant.habit !== 'indeterminate') return ROWS.determinate
  return training in ROWS ? ROWS[training as keyof typeof ROWS] : ROWS['two-stems']
}

/**
 * How far apart: in the row, between rows with a path, and between lines inside a bed; by habit, training, support
 * and school, with more room where leaves stay wet.
 */
export function recommendSpacing(input: {
  plant: { crop: Crop; habit: Habit | null; fruit: FruitType }
  training: Training
  school: SpacingSchool
  wetness: WetnessPressure
  /** A cage and its diameter, m: no closer than it is wide. */
  cage?: number
}): Advice<SpacingAnswer, SpacingRule> {
  const { plant, training, school, wetness, cage = 0 } = input
  const found = rowFor(plant, training)
  const wetRoom = WETNESS[wetness]
  const answerOf = (by: SpacingSchool): SpacingAnswer => {
    const inRow = Math.max(cage, Math.round(found.inRow[by] * wetRoom * 100) / 100)
    return {
      inRow,
      betweenRows: Math.max(cage, found.betweenRows),
      lines: Math.max(cage, found.lines, inRow / 2),
    }
  }
  const answer = answerOf(school)
  const reasons: Reason<SpacingRule>[] = [
    {
      rule: 'spacing.training',
      values: { training: name(training), inRow: length(found.inRow[school]), lines: length(answer.lines) },
      weight: 'decides',
    },
    {
      rule: 'spacing.school',
      values: { school: name(school), tight: length(found.inRow.tight), roomy: length(found.inRow.roomy) },
      weight: 'supports',
    },
  ]
  if (wetRoom > 1)
    reasons.push({
      rule: 'spacing.wet',
      values: { wetness: name(wetness), more: share(wetRoom - 1), inRow: length(answer.inRow) },
      weight: 'supports',
    })
  if (cage > 0)
    reasons.push({
      rule: 'spacing.support',
      values: { diameter: length(cage) },
      weight: cage > found.inRow[school] * wetRoom ? 'decides' : 'supports',
    })
  return {
    answer,
    reasons,
    alternatives: SPACING_SCHOOLS.filter((other) => other !== school).map((other) => {
      const theirs = answerOf(other)
      const effect = (rule: SpacingRule, change: number): Reason<SpacingRule>[] => [
        { rule, values: { change: share(Math.abs(change)) }, weight: 'supports' },
      ]
      const plants = answer.inRow / theirs.inRow - 1
      const room = theirs.inRow / answer.inRow - 1
      return plants > 0
        ? {
            school: other,
            answer: theirs,
            gains: effect('spacing.more-plants', plants),
            costs: effect('spacing.less-room', room),
          }
        : {
            school: other,
            answer: theirs,
            gains: effect('spacing.more-room', room),
            costs: effect('spacing.fewer-plants', plants),
          }
    }),
    cautions: [],
  }
}
