import { emittersAlong, type GroundRows, type Manner } from '../../../core/facts'
import type { StandingCanopy } from '../../../core/season'
import { sayLength, sayNumber } from '../../../wording/say'
import type { LightAnswer } from '../../../workers/light.worker'
import { LIGHT_BANDS } from '../light/layer'
import type { PlaceNote } from '../queries'

export const LAYERS = ['plants', 'water', 'light', 'rotation', 'crowding'] as const
export type Layer = (typeof LAYERS)[number]

const ROTATION = {
  never: { tint: 'var(--color-base-100)', words: 'never, as far as we know' },
  rested: { tint: '#7fae7a', words: 'rested long enough' },
  short: { tint: '#d9b24a', words: 'needs more rest' },
  again: { tint: '#c8694f', words: 'grown here last season' },
} as const

/** What a layer says and shows of each place. */
export function layerOf(
  layer: Layer,
  rows: GroundRows,
  canopies: readonly StandingCanopy[],
  notes: Record<string, PlaceNote>,
  light: LightAnswer | null,
  manner: Manner,
): { words: Record<string, string>; tints: Record<string, string>; alarmed: ReadonlySet<string> } {
  const words: Record<string, string> = {}
  const tints: Record<string, string> = {}
  const alarmed = new Set<string>()
  for (const place of rows.place) {
    const note = notes[place.id]
    if (!note) continue
    switch (layer) {
      case 'plants':
        words[place.id] = note.plants > 0 ? `${note.plants}` : 'empty'
        break
      case 'water':
        words[place.id] =
          place.dripLines.length === 0
            ? 'by hand'
            : `${place.dripLines.length} × ${emittersAlong(place).length}, every ${sayLength(place.emitterSpacing!, manner)}`
        break
      case 'rotation':
        words[place.id] = ROTATION[note.rotation.verdict].words
        tints[place.id] = ROTATION[note.rotation.verdict].tint
        break
      case 'crowding':
        words[place.id] =
          note.crowded.length > 0 ? `${note.crowded.length} too close` : note.plants > 0 ? 'as advised' : ''
        for (const id of note.crowded) alarmed.add(id)
        break
      case 'light': {
        const hours = canopies.flatMap(({ placeId, id }) =>
          placeId === place.id && light?.plants[id] !== undefined ? [light.plants[id]] : [],
        )
        if (hours.length > 0) {
          const [low, high] = [Math.min(...hours), Math.max(...hours)].map((value) =>
            sayNumber(value, manner),
          )
          words[place.id] = low === high ? `${low} h` : `${low}–${high} h`
        }
      }
    }
  }
  return { words, tints, alarmed }
}

/** What the marks of a layer mean. */
export function LayerLegend({ layer, working }: { layer: Layer; working: boolean }) {
  return (
    <p className="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm text-quiet">
      {working && <span role="status">Working out the sun …</span>}
      {layer === 'light' &&
        LIGHT_BANDS.map(({ from, fill, words }) => <Shade key={from} fill={fill} words={words} />)}
      {layer === 'rotation' &&
        Object.values(ROTATION).map(({ tint, words }) => <Shade key={words} fill={tint} words={words} />)}
      {layer === 'crowding' && <span>red ring: closer to its neighbor than advised</span>}
      {layer === 'water' && <span>dots: emitters · 2 × 16: two lines with 16 emitters each</span>}
      {layer !== 'light' && (
        <span>filled: leaves on this day · dashed: full-grown · round fruit: tomato · pod: pepper</span>
      )}
    </p>
  )
}

function Shade({ fill, words }: { fill: string; words: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden className="h-3 w-5 border border-base-300" style={{ background: fill }} />
      {words}
    </span>
  )
}
