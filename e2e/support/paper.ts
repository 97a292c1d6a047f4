import { inflateSync } from 'node:zlib'

type Matrix = [number, number, number, number, number, number]
const times = ([a, b, c, d, e, f]: Matrix, [g, h, i, j, k, l]: Matrix): Matrix => [
  a * g + b * i,
  a * h + b * j,
  c * g + d * i,
  c * h + d * j,
  e * g + f * i + k,
  e * h + f * j + l,
]

/** Millimetres of paper in a point. */
const POINT = 25.4 / 72

/**
 * How long, in millimetres of paper, the first shape is that a printed file fills with a colour.
 *
 * @param colour as the file writes it, red, green and blue from 0 to 1
 */
export function lengthOnPaper(pdf: Buffer, colour: readonly [number, number, number]): number {
  for (const content of contents(pdf)) {
    const found = measured(content, colour)
    if (found !== null) return found * POINT
  }
  throw new Error('nothing of that colour is on the paper')
}

/** Every packed stream of the file that unpacks to text. */
function* contents(pdf: Buffer): Generator<string> {
  const text = pdf.toString('latin1')
  for (let at = text.indexOf('stream'); at >= 0; at = text.indexOf('stream', at + 6)) {
    if (text.slice(at - 3, at) === 'end') continue
    const start = at + (text[at + 6] === '\r' ? 8 : 7)
    try {
      yield inflateSync(pdf.subarray(start, text.indexOf('endstream', start))).toString('latin1')
    } catch {
      // A stream that is packed otherwise holds no drawing.
    }
  }
}

function measured(content: string, colour: readonly [number, number, number]): number | null {
  const stack: Matrix[] = []
  let matrix: Matrix = [1, 0, 0, 1, 0, 0]
  let numbers: number[] = []
  let points: [number, number][] = []
  let isColour = false
  for (const token of content.split(/\s+/)) {
    const number = Number(token)
    if (token !== '' && Number.isFinite(number)) {
      numbers.push(number)
      continue
    }
    const at = (x: number, y: number) =>
      points.push([matrix[0] * x + matrix[2] * y + matrix[4], matrix[1] * x + matrix[3] * y + matrix[5]])
    if (token === 'q') stack.push(matrix)
    else if (token === 'Q') matrix = stack.pop() ?? matrix
    else if (token === 'cm') matrix = times(numbers.slice(-6) as Matrix, matrix)
    else if (token === 'rg')
      isColour = colour.every((part, index) => Math.abs(part - numbers.at(index - 3)!) < 0.002)
    else if (token === 'm' || token === 'l') at(numbers.at(-2)!, numbers.at(-1)!)
    else if (token === 're') {
      const [x, y, width, height] = numbers.slice(-4) as [number, number, number, number]
      at(x, y)
      at(x + width, y + height)
    } else if (token === 'f' || token === 'f*') {
      const xs = points.map(([x]) => x)
      if (isColour && xs.length > 1) return Math.max(...xs) - Math.min(...xs)
      points = []
    } else if (token === 'n' || token === 'S') points = []
    numbers = []
  }
  return null
}
