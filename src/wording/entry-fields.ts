/** What each number of an entry is called, where it is entered and where it is corrected. */
export const ENTRY_FIELDS = {
  sown: { seeds: 'Seeds sown' },
  emerged: { count: 'Seedlings that show' },
  'potted-up': { count: 'Plants potted up', potVolume: 'Pot size' },
  hardened: { hours: 'Hours outside' },
  'soil-read': { temperature: 'Soil temperature', depth: 'Depth' },
  picked: { mass: 'Weight', count: 'Number of fruit (optional)' },
  seen: { leaves: 'Number of leaves (optional)', height: 'Height (optional)' },
  watered: { litres: 'Amount given' },
  fed: { grams: 'Amount given' },
} as const
