import { mesh } from 'topojson-client'
import type { Topology } from 'topojson-specification'

/** km to a degree of latitude. */
const DEGREE = 111.2
/** Rings that only close the map at the date line, ° east. */
const EDGE = 179.99
/** ° east or west in which the sea is looked for first: most people live nearer. */
const NEAR = 12

type Line = readonly (readonly [longitude: number, latitude: number])[]
let shores: Promise<Line[]> | undefined

/** The shores of the world, to about 10 km; read once. */
function shoreLines(): Promise<Line[]> {
  shores ??= import('world-atlas/land-50m.json').then(({ default: json }) => {
    const topology = json as unknown as Topology
    return mesh(topology, topology.objects.land as never).coordinates as unknown as Line[]
  })
  return shores
}

/** How far the sea is from a place, km, to about 10. */
export async function seaKm({
  latitude,
  longitude,
}: {
  latitude: number
  longitude: number
}): Promise<number> {
  const lines = await shoreLines()
  const narrowing = Math.cos((latitude * Math.PI) / 180)
  let nearest = Infinity
  for (const line of lines)
    for (let index = 1; index < line.length; index++) {
      const [from, to] = [line[index - 1]!, line[index]!]
      if (Math.abs(from[0]) > EDGE && Math.abs(to[0]) > EDGE) continue
      const x = turned(from[0] - longitude)
      const y = from[1] - latitude
      // Far from every shore all of them are looked at; near one, only those that could be nearer.
      if (nearest < NEAR && (Math.abs(y) > nearest + 2 || Math.abs(x) * narrowing > nearest + 4)) continue
      const dx = turned(to[0] - longitude) * narrowing - x * narrowing
      const dy = to[1] - from[1]
      if (Math.abs(dx) > NEAR) continue
      const length = dx * dx + dy * dy
      const along = length === 0 ? 0 : Math.max(0, Math.min(1, -(x * narrowing * dx + y * dy) / length))
      nearest = Math.min(nearest, Math.hypot(x * narrowing + along * dx, y + along * dy))
    }
  return Math.round(nearest * DEGREE)
}

/** ° from −180 to 180. */
const turned = (degrees: number) => ((((degrees + 180) % 360) + 360) % 360) - 180
