/** States and provinces that people name with a town, by the codes of the town list and those that people write. */
const US =
  'AL Alabama|AK Alaska|AZ Arizona|AR Arkansas|CA California|CO Colorado|CT Connecticut|DE Delaware|DC District of Columbia|FL Florida|GA Georgia|HI Hawaii|ID Idaho|IL Illinois|IN Indiana|IA Iowa|KS Kansas|KY Kentucky|LA Louisiana|ME Maine|MD Maryland|MA Massachusetts|MI Michigan|MN Minnesota|MS Mississippi|MO Missouri|MT Montana|NE Nebraska|NV Nevada|NH New Hampshire|NJ New Jersey|NM New Mexico|NY New York|NC North Carolina|ND North Dakota|OH Ohio|OK Oklahoma|OR Oregon|PA Pennsylvania|RI Rhode Island|SC South Carolina|SD South Dakota|TN Tennessee|TX Texas|UT Utah|VT Vermont|VA Virginia|WA Washington|WV West Virginia|WI Wisconsin|WY Wyoming'
const CA =
  '01:AB Alberta|02:BC British Columbia|03:MB Manitoba|04:NB New Brunswick|05:NL Newfoundland and Labrador|07:NS Nova Scotia|08:ON Ontario|09:PE Prince Edward Island|10:QC Quebec|11:SK Saskatchewan|12:YT Yukon|13:NT Northwest Territories|14:NU Nunavut'
const AU =
  '01:ACT Australian Capital Territory|02:NSW New South Wales|03:NT Northern Territory|04:QLD Queensland|05:SA South Australia|06:TAS Tasmania|07:VIC Victoria|08:WA Western Australia'
const GB = 'ENG England|NIR Northern Ireland|SCT Scotland|WLS Wales'

interface Region {
  name: string
  codes: string[]
}
const NOWHERE: Region = { name: '', codes: [] }

/** By country, then by the list's code and by name. */
const REGIONS = new Map(
  Object.entries({ US, CA, AU, GB }).map(([country, written]) => {
    const known = new Map<string, Region>()
    for (const one of written.split('|')) {
      const [codes, ...words] = one.split(' ')
      const [listed, used] = codes!.split(':')
      const region = { name: words.join(' '), codes: [used ?? listed!] }
      known.set(listed!, region)
      known.set(region.name, region)
    }
    return [country, known] as const
  }),
)

/** A region by its code in the town list or by its name; empty where people name none. */
export const regionNames = (country: string, codeOrName: string): Region =>
  REGIONS.get(country)?.get(codeOrName) ?? NOWHERE
