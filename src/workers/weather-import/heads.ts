import type { Measure, Role } from './mapping'

/** A head in plain small letters, without accents and marks. */
export const plainHead = (head: string) =>
  head
    .replace(/℉/g, '°F')
    .replace(/℃/g, '°C')
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[_#-]+/g, ' ')
    .trim()

/** What a garden's weather is not: indoors, in the soil, a gust, a sum of months, a mark of quality. */
const OTHER =
  /indoor|inside|innen|interior|interieur|soil|boden|suelo|\bwater|feels|apparent|chill|heat index|gust|boe|rafale|racha|raffic|direct|\bdir\b|richtung|direcc|direz|direction|richting|pressure|luftdruck|presion|pression|druk|flag|qualit|\bqn\b|\brate\b|intens|\buv|cloud|bewolk|nubo|nebul|snow|schnee|nieve|neige|\bevap|\beto?\b|monthly|weekly|yearly|annual|station|\bstn\b|\bid\b|latitude|longitude|elevation|altitude|sunshine|sonnenschein|insola|zonneschijn/

const NOT_AIR = /wind|vent\b|vento|viento|rain|hum|feucht|\brh\b|dew|tau|wet/

/** Names that a column goes by, in the order in which they are looked for. */
const NAMES: readonly (readonly [Role, RegExp, not?: RegExp])[] = [
  ['year', /^(year|yyyy|yr|jahr|ano|anno|annee|an|jaar|ar)$/],
  ['month', /^(month|mm|mo|mth|monat|mes|mese|mois|maand|manad)$/],
  ['day', /^(day|dd|dy|day of month|tag|dia|giorno|jour|dag)$/],
  [
    'date',
    /^(date|day|datum|fecha|data|dato|time|timestamp|dt|valid|jour|dia|giorno|tag)\b|date|datum|fecha|timestamp|yyyymmdd/,
    /value/,
  ],
  ['time', /^(time|hour|hora|ora|heure|uhrzeit|zeit|stunde|uhr|hh|hhmm|hh:mm|local time|tijd|tid)\b/],
  ['humidityMin', /(rh|hum|feucht|umid).*min|min.*(rh|hum|feucht|umid)/],
  ['humidityMax', /(rh|hum|feucht|umid).*max|max.*(rh|hum|feucht|umid)/],
  ['dewPoint', /dew|taupunkt|rocio|rosee|rugiada|orvalho|dauwpunt|daggpunkt|\btd\b/],
  ['tmin', /t\w*.?min|min.*t|\blow|\bmin\b|minim|tiefst|\btn[kn]?\b|laagste|lagsta/, NOT_AIR],
  ['tmax', /t\w*.?max|max.*t|\bhigh|\bmax\b|maxim|massim|hochst|hoechst|\btx[kx]?\b|hoogste|hogsta/, NOT_AIR],
  [
    'rain',
    /rain|precip|prcp|\bpp?t\b|pluvi|pluie|piogg|lluvia|chuva|niederschlag|regen|neerslag|nederbord|opad|\brsk?\b|\brr\b/,
  ],
  ['humidity', /\brh\b|humid|feucht|humed|umid|vochtig|fukt|\bupm\b|\brf\b|\bhr\b|\bur\b/],
  ['wind', /wind|\bvent\b|\bvento\b|viento|\bvind|\bffm?\b|\bfm\b|\bfg\b/],
  ['solar', /solar|radia|rayonn|strahlung|straling|\bsrad\b|irrad|\bsun\b|\bsw\b|\brg\b/],
  ['temperature', /temp|\bt\b|\bta\b|\bt2m\b|\btmk?\b|\btg\b|\btt\b|tavg|tmean/],
  ['code', /element|code|param|variable|datatype|messgr|codigo/],
  ['value', /value|wert\b|valor|valeur|waarde/],
]

/** Which column holds what, by the names that stand over them. */
export function columnsByName(heads: readonly string[]): Partial<Record<Role, number>> {
  const columns: Partial<Record<Role, number>> = {}
  const taken = new Set<number>()
  const find = (role: Role, pattern: RegExp, not?: RegExp) => {
    const at = heads.findIndex(
      (head, index) => !taken.has(index) && !OTHER.test(head) && pattern.test(head) && !not?.test(head),
    )
    if (at < 0) return
    columns[role] = at
    taken.add(at)
  }
  for (const [role, pattern, not] of NAMES) {
    // A date is whole or in three parts; what is called a day alone is a whole one.
    if (role === 'date') {
      if (columns.year !== undefined && columns.month !== undefined && columns.day !== undefined) continue
      for (const part of ['year', 'month', 'day'] as const) {
        if (columns[part] !== undefined) taken.delete(columns[part])
        delete columns[part]
      }
    }
    find(role, pattern, not)
  }
  if (columns.tmin !== undefined && columns.tmax !== undefined) delete columns.temperature
  return columns
}

const MEASURED: readonly Measure[] = [
  'tmin',
  'tmax',
  'temperature',
  'rain',
  'dewPoint',
  'humidity',
  'wind',
  'solar',
]

/** What a code of a table of values stands for; null: nothing that is kept. */
export function measureOfCode(code: string): Measure | null {
  const head = plainHead(code)
  if (OTHER.test(head)) return null
  const found = NAMES.find(
    ([role, pattern, not]) =>
      (MEASURED as readonly string[]).includes(role) && pattern.test(head) && !not?.test(head),
  )
  return (found?.[0] as Measure | undefined) ?? (/^(awnd|wsf|wspd)$/.test(head) ? 'wind' : null)
}

/** How many of some heads name a role: which row of a file names its columns. */
export const namedIn = (heads: readonly string[]) => Object.keys(columnsByName(heads)).length

/** Units as heads write them. */
export const UNITS = {
  fahrenheit: /°\s?f\b|\bdeg ?f\b|fahr|\bf\b|temp\w*f$|\bt(min|max)f$/,
  celsius: /°\s?c\b|\bdeg ?c\b|cels|\bc\b/,
  inches: /\bin(ch|ches)?\b|rain\w*in$/,
  millimetres: /mm/,
  kilometres: /km ?\/? ?h|kph/,
  miles: /mph|mi ?\/ ?h/,
  knots: /\bkn(ots)?\b|\bkts?\b|nudos|noeuds/,
  metres: /m ?\/ ?s|\bms 1\b|\bm s 1\b/,
  kilowattHours: /kwh/,
  watts: /w ?\/ ?m|\bw m/,
  joules: /j ?\/ ?cm/,
} as const
