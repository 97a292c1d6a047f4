/**
 * † Hours of direct sun a day that fruit want at least, that is good, and that a cherry still bears on.
 * Against: 6–8 h of sun, cherries on 5.
 */
export const SUN_WANTED = { least: 6, good: 8, cherry: 5 }

/** Whether so many hours of direct sun a day are enough for a plant's fruit, and the least that is. */
export function judgeSun(
  hours: number,
  { fruit }: { fruit: string },
): { verdict: 'little' | 'enough' | 'good'; least: number } {
  const least = fruit === 'cherry' ? SUN_WANTED.cherry : SUN_WANTED.least
  return { verdict: hours < least ? 'little' : hours < SUN_WANTED.good ? 'enough' : 'good', least }
}

/** The side on which tall rows throw their shade onto paths, not onto lower rows. */
export const tallSide = (latitude: number): 'north' | 'south' => (latitude < 0 ? 'south' : 'north')
