import { createHash } from 'node:crypto'
import { wholeRecord, type GardenState } from '../garden-state'
import { pocketLists, POCKET_VERSION, type PocketLists } from './lists'

/** The rows of pieces as JSON, by marks that follow from what is in them. */
type Pieces = Record<string, string>

/** A garden for a phone: each list as the marks of its pieces in order, and the pieces that the phone has not. */
export interface PocketOffer {
  version: number
  garden: string
  changes: number
  /** The moment on the server's clock, UTC. */
  at: string
  lists: Record<keyof PocketLists, string[]>
  pieces: Pieces
}

type Whole = Pick<PocketOffer, 'lists' | 'pieces'>

const wholes = new WeakMap<GardenState, Whole>()

/** What a phone is to fetch. @param has the marks of the pieces that it has already */
export async function pocketOffer(
  state: GardenState,
  has: ReadonlySet<string>,
  now: Date,
): Promise<PocketOffer> {
  const whole = wholes.get(state) ?? (await wholeOf(state))
  wholes.set(state, whole)
  const { lists, pieces } = whole
  return {
    version: POCKET_VERSION,
    garden: state.garden.id,
    changes: state.changes,
    at: now.toISOString(),
    lists,
    pieces: Object.fromEntries(Object.entries(pieces).filter(([mark]) => !has.has(mark))),
  }
}

async function wholeOf(state: GardenState): Promise<Whole> {
  const recorded = state.record.ensemble.recorded ? await wholeRecord(state.garden.id) : []
  const pieces: Pieces = {}
  const lists = Object.entries(pocketLists(state, recorded)).map(([name, rows]) => {
    const cut = inPieces(rows.map((row) => JSON.stringify(row))).map(
      (piece) => [markOf(piece), piece] as const,
    )
    for (const [mark, piece] of cut) pieces[mark] = piece
    return [name, cut.map(([mark]) => mark)]
  })
  return { pieces, lists: Object.fromEntries(lists) as PocketOffer['lists'] }
}

/** Rows of a piece, on the average and at the most. */
const USUAL = 48
const MOST = 400

/**
 * Cuts a list where a row itself says so: what is added or taken away in the middle changes the piece that it is in,
 * and no other.
 */
function inPieces(rows: readonly string[]): string[] {
  const pieces: string[] = []
  let own: string[] = []
  const close = () => {
    if (own.length === 0) return
    pieces.push(`[${own.join()}]`)
    own = []
  }
  for (const row of rows) {
    own.push(row)
    if (sumOf(row) % USUAL === 0 || own.length >= MOST) close()
  }
  close()
  return pieces
}

const markOf = (piece: string) => createHash('sha256').update(piece).digest('base64url').slice(0, 16)

/** A number that follows from a text alone. */
function sumOf(text: string): number {
  let sum = 0
  for (let at = 0; at < text.length; at++) sum = (Math.imul(sum, 31) + text.charCodeAt(at)) >>> 0
  return sum
}
