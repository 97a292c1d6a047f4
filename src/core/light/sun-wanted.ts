/** † Hours of direct sun a day that fruit want at least, that is good, and that a cherry still bears on. */
export const SUN_WANTED = { least: 6, good: 8, cherry: 5 }

/** The side on which tall rows throw their shade onto paths, not onto lower rows. */
export const tallSide = (latitude: number): 'north' | 'south' => (latitude < 0 ? 'south' : 'north')
