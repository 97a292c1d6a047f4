import QRCode from 'qrcode'

/** A square code that a phone reads: its dark squares as a path in its own units, and how many units it is wide. */
export interface MatrixCode {
  path: string
  size: number
}

/** The code of a text, as of an address. */
export function matrixCode(text: string): MatrixCode {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: 'M' }).modules
  let path = ''
  for (let row = 0; row < size; row++)
    for (let column = 0; column < size; column++)
      if (data[row * size + column]) path += `M${column} ${row}h1v1h-1z`
  return { path, size }
}
