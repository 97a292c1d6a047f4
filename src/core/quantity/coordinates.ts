/** Reads a place on earth in any usual notation; ° north and ° east. */
export function parseCoordinates(text: string): { latitude: number; longitude: number } | { error: string } {
  const example = 'such as 41.2 N 97.6 W, 41°12′N 97°36′W or 41.2, −97.6'
  if (text.length > 80) return { error: `That is too long. Type coordinates ${example}.` }
  const clean = text
    .replace(/[−–]/g, '-')
    .replace(/º/g, '°')
    .replace(/[’′]/g, "'")
    .replace(/[”″]|''/g, '"')
    .trim()
    .toUpperCase()
    // `45,52 N 122,67 W`: a decimal comma in both, where no point is one.
    .replace(/^[^.]*\d,\d[^.]*[\s°NSEW;]+[^.]*\d,\d[^.]*$/, (both) => both.replace(/(\d),(\d)/g, '$1.$2'))
  if (clean === '') return { error: `Type coordinates, ${example}.` }
  // `N 41.2 W 97.6` or `41.2 N 97.6 W`: the same letter must not be read by both neighbours.
  const pattern = new RegExp(
    /^[NSEW]/.test(clean) ? String.raw`([NSEW])?\s*${ANGLE}()` : String.raw`()${ANGLE}([NSEW])?`,
    'g',
  )
  const angles = [...clean.matchAll(pattern)]
  const leftOver = clean.replace(pattern, '').replace(/[\s,;/]/g, '')
  if (angles.length !== 2 || leftOver !== '')
    return { error: `“${text.trim()}” is not a place. Type coordinates ${example}.` }

  const [first, second] = angles.map(readAngle) as [Angle, Angle]
  const isLongitudeFirst = 'EW'.includes(first.side || '-') || 'NS'.includes(second.side || '-')
  const [north, east] = isLongitudeFirst ? [second, first] : [first, second]
  if ((north.side && !'NS'.includes(north.side)) || (east.side && !'EW'.includes(east.side)))
    return { error: `One number must be north or south, the other east or west, ${example}.` }
  if (!(Math.abs(north.value) <= 90)) return { error: 'Latitude goes from 90° south to 90° north.' }
  if (!(Math.abs(east.value) <= 180)) return { error: 'Longitude goes from 180° west to 180° east.' }
  return { latitude: north.value, longitude: east.value }
}

interface Angle {
  value: number
  side: string
}

/** Degrees, minutes and seconds, the last of them with decimals. */
const ANGLE = String.raw`([-+]?\d{1,3}(?:\.\d+)?)\s*°?\s*(?:(\d{1,2}(?:\.\d+)?)\s*'\s*)?(?:(\d{1,2}(?:\.\d+)?)\s*"\s*)?(?![\d.])`

function readAngle([, before, degrees, minutes, seconds, after]: RegExpMatchArray): Angle {
  const side = before || after || ''
  const size = Math.abs(Number(degrees)) + Number(minutes ?? 0) / 60 + Number(seconds ?? 0) / 3600
  const negative = degrees!.startsWith('-') || side === 'S' || side === 'W'
  return { value: negative ? -size : size, side }
}
