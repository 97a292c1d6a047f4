/** Numbers as people write them: `1 1/2`, `1½`, `1-1/2`, `1,200`, `1,5`, `1 200.5`, `−3`. */

const GLYPHS: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

const GROUPED = String.raw`\d{1,3}(?:[ \u00a0\u202f]\d{3})+(?:[.,]\d+)?`
const PLAIN = String.raw`\d[\d.,]*|[.,]\d+`
const FRACTION = String.raw`\d+\s*/\s*\d+`
const MIXED = String.raw`\d+(?:\s+|-)${FRACTION}`

/** One number at the start of a text, as a pattern source without groups that capture. */
export const NUMERAL = String.raw`[-+]?\s*(?:${MIXED}|${FRACTION}|${GROUPED}|${PLAIN})`

/** One spelling for minus signs, fraction glyphs, fraction slashes and spaces. */
export function plainCharacters(text: string): string {
  return text
    .replace(/[−‒﹣－]/g, '-')
    .replace(/[⁄∕]/g, '/')
    .replace(/(\d?)\s*([½¼¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/g, (_, before: string, glyph: string) =>
      before ? `${before} ${GLYPHS[glyph]}` : GLYPHS[glyph]!,
    )
    .replace(/\s+/g, ' ')
    .trim()
}

/** The value of one numeral, or null when it is none. */
export function readNumeral(text: string): number | null {
  const sign = text.trimStart().startsWith('-') ? -1 : 1
  const body = text.replace(/^\s*[-+]\s*/, '').trim()
  const mixed = /^(\d+)(?:\s+|-)(\d+)\s*\/\s*(\d+)$/.exec(body)
  if (mixed) return checked(sign * (Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3])))
  const fraction = /^(\d+)\s*\/\s*(\d+)$/.exec(body)
  if (fraction) return checked((sign * Number(fraction[1])) / Number(fraction[2]))
  const decimal = decimalPoint(body.replace(/[ \u00a0\u202f]/g, ''))
  return decimal === null ? null : checked(sign * Number(decimal))
}

function checked(value: number): number | null {
  return Number.isFinite(value) ? value : null
}

/**
 * Commas and points told apart: groups of exactly three digits after a leading group are thousands
 * (`1,200`), a single other comma is a decimal one (`1,5`), and of two different marks the last is decimal.
 */
function decimalPoint(text: string): string | null {
  if (/^\d+(\.\d*)?$|^\.\d+$/.test(text)) return text
  if (/^[1-9]\d{0,2}(,\d{3})+(\.\d*)?$/.test(text)) return text.replaceAll(',', '')
  if (/^[1-9]\d{0,2}(\.\d{3})+,\d*$|^[1-9]\d{0,2}(\.\d{3}){2,}$/.test(text))
    return text.replaceAll('.', '').replace(',', '.')
  if (/^\d*,\d+$/.test(text)) return text.replace(',', '.')
  return null
}
