import type { FeatureCollection, Polygon, Position } from 'geojson'
import Papa from 'papaparse'
import { v7 } from 'uuid'
import {
  OBSTACLE_DENSITY,
  OBSTACLE_KINDS,
  plainPlace,
  PLACE_KINDS,
  type Manner,
  type Obstacle,
  type Place,
} from '../../../core/facts'
import { parseQuantity } from '../../../core/quantity'
import { outlineOf, rectangleAround, tidy, type Lying } from '../../../core/ground'
import type { Piece } from '../plan/piece'
import { sayLength } from '../../../wording/say'
import { longUnit } from '../../../wording/either'

/** What a file of the ground holds: the pieces that can be taken, and what is wrong with the others, by number. */
export interface ReadGround {
  pieces: Piece[]
  faults: string[]
}

/** m in a degree of latitude [WGS 84, mean]. */
const DEGREE = 111_195

interface Site {
  latitude: number
  longitude: number
}

const toEarth = (site: Site, [x, y]: readonly [number, number]): Position => [
  site.longitude + x / (DEGREE * Math.cos((site.latitude * Math.PI) / 180)),
  site.latitude + y / DEGREE,
]
const fromEarth = (site: Site, [longitude, latitude]: Position): [number, number] => [
  (longitude! - site.longitude) * DEGREE * Math.cos((site.latitude * Math.PI) / 180),
  (latitude! - site.latitude) * DEGREE,
]

/**
 * The ground as GeoJSON [RFC 7946]: outlines on earth, the garden's south-west corner at its coordinates; every
 * property of a piece, its measures in metres in the garden's own frame among them.
 */
export function writeGeoJson(pieces: readonly Piece[], site: Site): FeatureCollection<Polygon> {
  return {
    type: 'FeatureCollection',
    features: pieces.map(({ of, row }) => {
      const ring = outlineOf(row).map((point) => toEarth(site, point))
      return {
        type: 'Feature',
        id: row.id,
        geometry: { type: 'Polygon', coordinates: [[...ring, ring[0]!]] },
        properties: { is: of, ...row },
      }
    }),
  }
}

/** Reads GeoJSON or CSV of places; metres, or what the garden measures in. */
export function readGround(text: string, site: Site, manner: Manner): ReadGround | { problem: string } {
  const start = text.replace(/^\uFEFF/, '').trimStart()
  if (start === '') return { problem: 'The file is empty. Nothing was imported.' }
  return start.startsWith('{') || start.startsWith('[')
    ? readGeoJson(start, site, manner)
    : readCsv(start, manner)
}

const LEAST = 0.05
const MOST = 1000

function readGeoJson(text: string, site: Site, manner: Manner): ReadGround | { problem: string } {
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch {
    return { problem: 'This JSON is cut off or damaged. Nothing was imported. Export it again.' }
  }
  const { type, features } = (document ?? {}) as Partial<FeatureCollection>
  if (type !== 'FeatureCollection' || !Array.isArray(features))
    return {
      problem: `This is GeoJSON of another type (${String(type ?? 'none')}). Export a FeatureCollection of polygons.`,
    }
  const read: ReadGround = { pieces: [], faults: [] }
  features.forEach((feature, index) => {
    const number = `Feature ${index + 1}`
    const geometry = feature?.geometry
    if (geometry?.type !== 'Polygon') {
      read.faults.push(`${number} is a ${geometry?.type ?? 'feature without a shape'}; it must be a Polygon.`)
      return
    }
    const ring = geometry.coordinates[0]
    if (
      !Array.isArray(ring) ||
      ring.length < 4 ||
      !ring.every((point) => Array.isArray(point) && point.slice(0, 2).every(Number.isFinite))
    ) {
      read.faults.push(`${number} has no closed outline.`)
      return
    }
    const properties = (feature.properties ?? {}) as Record<string, unknown>
    const lying =
      lyingOf(properties) ?? rectangleAround(ring.slice(0, -1).map((point) => fromEarth(site, point)))
    const piece = pieceOf({ ...properties, id: feature.id ?? properties.id }, lying, index, manner)
    if (typeof piece === 'string') read.faults.push(`${number}: ${piece}`)
    else read.pieces.push(piece)
  })
  return read
}

/** The measures in the garden's own frame, where all are there. */
function lyingOf(of: Record<string, unknown>): Lying | null {
  const { x, y, length, width, turn = 0 } = of
  return [x, y, length, width, turn].every((value) => typeof value === 'number' && Number.isFinite(value))
    ? ({ x, y, length, width, turn } as Lying)
    : null
}

/** A piece with what the file says of it, the usual where it says nothing; or what is wrong. */
function pieceOf(told: Record<string, unknown>, lying: Lying, index: number, manner: Manner): Piece | string {
  const say = (length: number) => sayLength(length, manner)
  const { length, width } = lying
  if (!(length >= LEAST && width >= LEAST && length <= MOST && width <= MOST))
    return `its size, ${say(length)} by ${say(width)}, is impossible. From ${say(LEAST)} to ${say(MOST)}, please.`
  if (Math.abs(lying.x) > 10_000 || Math.abs(lying.y) > 10_000)
    return 'it is more than 10 km from the garden.'
  const kind = String(told.kind ?? 'bed').toLowerCase()
  const known = {
    id: typeof told.id === 'string' && told.id.length <= 64 && told.id !== '' ? told.id : v7(),
    name: String(told.name ?? `Bed ${index + 1}`)
      .replace(/\p{Cc}/gu, ' ')
      .slice(0, 80),
    length,
    width,
  }
  if ((PLACE_KINDS as readonly string[]).includes(kind)) {
    const plain = plainPlace({ ...known, kind: kind as Place['kind'] })
    return { of: 'place', row: { ...plain, ...onlyOf(plain, told), ...known, ...lying, kind: plain.kind } }
  }
  if ((OBSTACLE_KINDS as readonly string[]).includes(kind)) {
    const plain: Obstacle = {
      ...known,
      ...lying,
      kind: kind as Obstacle['kind'],
      height: 2,
      density: OBSTACLE_DENSITY[kind as Obstacle['kind']],
      from: null,
      to: null,
    }
    return { of: 'obstacle', row: { ...plain, ...onlyOf(plain, told), ...known, ...lying, kind: plain.kind } }
  }
  return `its kind, ${kind}, is not known: ${[...PLACE_KINDS, ...OBSTACLE_KINDS].join(', ')}.`
}

/** Of what is told, the fields that a piece has. */
const onlyOf = <Row extends object>(row: Row, told: Record<string, unknown>): Partial<Row> =>
  Object.fromEntries(Object.entries(told).filter(([key]) => key in row)) as Partial<Row>

/** Columns that a table of places may have; x, y, length and width are lengths with or without their unit. */
const CSV_COLUMNS = ['name', 'kind', 'x', 'y', 'length', 'width', 'turn'] as const

function readCsv(text: string, manner: Manner): ReadGround | { problem: string } {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  })
  const missing = ['name', 'length', 'width'].filter((column) => !meta.fields?.includes(column))
  if (missing.length > 0)
    return {
      problem: `The first line must name the columns ${CSV_COLUMNS.join(', ')}; ${missing.join(', ')} not found.`,
    }
  const read: ReadGround = { pieces: [], faults: [] }
  data.forEach((line, index) => {
    const number = `Line ${index + 2}`
    const faults: string[] = []
    const lengthOf = (column: string, usual?: number) => {
      const typed = (line[column] ?? '').trim()
      if (typed === '' && usual !== undefined) return usual
      const parsed = parseQuantity(typed, 'length', manner.units, longUnit(manner))
      if ('error' in parsed) faults.push(`${column}: ${parsed.error}`)
      return 'error' in parsed ? NaN : tidy(parsed.value)
    }
    const turn = Number((line.turn ?? '').trim() || 0)
    const lying = {
      x: lengthOf('x', 1),
      y: lengthOf('y', 1 + index * 2),
      length: lengthOf('length'),
      width: lengthOf('width'),
      turn: Number.isFinite(turn) ? turn : 0,
    }
    if (faults.length > 0) {
      read.faults.push(`${number}: ${faults.join(' ')}`)
      return
    }
    // A table lists what is new; the spare apostrophe keeps a name from being taken for a formula.
    const piece = pieceOf(
      { name: (line.name ?? '').replace(/^'(?=[=+\-@])/, ''), kind: line.kind?.trim() || 'bed' },
      lying,
      index,
      manner,
    )
    if (typeof piece === 'string') read.faults.push(`${number}: ${piece}`)
    else read.pieces.push(piece)
  })
  return read
}
