import type { PlantEvent, PlantMisfit } from './plant-event'
import { ORGANS, type Organ, type PlantPart } from './plant-part'
import type { PlantTraits } from './plant-traits'

/** What the grower has seen of a truss by the end of the days. */
export interface TrussSeen {
  /** Running °C d at which it must have opened; null: as worked out. */
  opens: number | null
  set: number | null
  picked: boolean
  failed: boolean
  fused: boolean
}

interface ToldCut extends PlantPart {
  id: string | null
  /** Running °C d. */
  at: number
  used: boolean
}

const keyOf = (stem: number, node: number, organ: Organ) => (stem * 4096 + node) * 8 + ORGANS.indexOf(organ)

/** What was entered of a plant's parts, to be looked up as they grow; what nothing asked for fits nowhere. */
export class Told {
  private readonly cuts = new Map<number, ToldCut[]>()
  private readonly tips = new Map<number, ToldCut>()
  private readonly trusses = new Map<
    number,
    TrussSeen & { id: string | null; part: PlantPart; used: boolean }
  >()
  private readonly plain = new Map<number, { id: string | null; part: PlantPart; used: boolean }>()
  readonly misfits: PlantMisfit[] = []

  constructor(
    events: readonly PlantEvent[],
    private readonly running: readonly number[],
    private readonly traits: PlantTraits,
  ) {
    const { openFor } = traits
    const inOrder = [...events].sort((a, b) => a.day - b.day)
    for (const event of inOrder) {
      const id = event.id ?? null
      const parts = 'cuts' in event ? event.cuts : 'marks' in event ? event.marks : []
      if (event.day < 0 && parts.length > 0) {
        this.misfits.push({ id, part: null, why: 'before-it-came' })
        continue
      }
      if (event.day >= running.length && running.length > 0) continue
      const at = running[event.day] ?? 0
      if ('cuts' in event)
        for (const { stem, node, organ } of event.cuts) this.cut({ stem, node, organ, id, at, used: false })
      else if ('marks' in event)
        for (const { stem, node, organ, state, count } of event.marks) {
          const key = keyOf(stem, node, organ)
          const part = { stem, node, organ }
          if (organ !== 'truss') {
            this.plain.set(key, { id, part, used: false })
            continue
          }
          const seen = this.trusses.get(key) ?? {
            ...{ id, part, used: false, opens: null },
            ...{ set: null, picked: false, failed: false, fused: false },
          }
          if (state === 'open') seen.opens = at
          if (state === 'set')
            [seen.opens, seen.set] = [Math.min(seen.opens ?? Infinity, at - openFor), count ?? null]
          if (state === 'ripe' || state === 'picked') {
            seen.opens = Math.min(seen.opens ?? Infinity, at - this.traits.ripening)
          }
          if (state === 'failed') seen.opens = Math.min(seen.opens ?? Infinity, at - openFor)
          if (state === 'fused') seen.fused = true
          else [seen.picked, seen.failed] = [state === 'picked', state === 'failed']
          this.trusses.set(key, { ...seen, id })
        }
    }
  }

  /** Running °C d at which a part was cut off; Infinity: it was not. */
  taken(stem: number, node: number, organ: Organ): number {
    // Most plants have nothing cut: they are asked of every part all the same.
    const found = this.cuts.size === 0 ? undefined : this.cuts.get(keyOf(stem, node, organ))?.[0]
    if (!found) return Infinity
    found.used = true
    return found.at
  }

  /** Flowers or fruit taken off a truss one by one. */
  lost(stem: number, node: number, organ: 'flower' | 'fruit'): number {
    if (this.cuts.size === 0) return 0
    const found = this.cuts.get(keyOf(stem, node, organ)) ?? []
    for (const cut of found) cut.used = true
    return found.length
  }

  /** Where a stem was topped: the last node that stays. */
  topped(stem: number): { node: number; at: number } | null {
    const found = this.tips.get(stem)
    return found ?? null
  }

  /** A stem's topping fits: it had grown so far. */
  fitsTip(stem: number): void {
    this.tips.get(stem)!.used = true
  }

  /** A leaf is sick, a sucker is kept. */
  marked(stem: number, node: number, organ: 'leaf' | 'sucker'): boolean {
    const found = this.plain.size === 0 ? undefined : this.plain.get(keyOf(stem, node, organ))
    if (found) found.used = true
    return found !== undefined
  }

  truss(stem: number, node: number): TrussSeen | null {
    const found = this.trusses.get(keyOf(stem, node, 'truss'))
    if (found) found.used = true
    return found ?? null
  }

  /** Everything that contradicts the plant, once all of it was asked for. */
  left(): PlantMisfit[] {
    const cuts = [...this.cuts.values(), [...this.tips.values()]].flat()
    return [
      ...this.misfits,
      ...[
        ...cuts.map(({ stem, node, organ, id, used }) => ({ part: { stem, node, organ }, id, used })),
        ...this.trusses.values(),
        ...this.plain.values(),
      ]
        .filter(({ used }) => !used)
        .map(({ id, part }) => ({ id, part, why: 'no-such-part' as const })),
    ]
  }

  private cut(cut: ToldCut): void {
    if (cut.organ === 'tip') {
      const before = this.tips.get(cut.stem)
      if (before && cut.node > before.node) this.gone(cut)
      else this.tips.set(cut.stem, cut)
      return
    }
    const key = keyOf(cut.stem, cut.node, cut.organ)
    const before = this.cuts.get(key)
    const isSingle = cut.organ === 'flower' || cut.organ === 'fruit'
    if (before && !isSingle) this.gone(cut)
    else this.cuts.set(key, [...(before ?? []), cut])
  }

  private gone({ id, stem, node, organ }: ToldCut): void {
    this.misfits.push({ id, part: { stem, node, organ }, why: 'gone' })
  }
}
