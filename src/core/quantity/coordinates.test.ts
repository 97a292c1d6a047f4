import { describe, expect, it } from 'vitest'
import { parseCoordinates } from '.'

describe('parseCoordinates', () => {
  it.each([
    ['41.2 N 97.6 W', 41.2, -97.6],
    ['N 41.2 W 97.6', 41.2, -97.6],
    ['41.2, -97.6', 41.2, -97.6],
    ['41.2° N, 97.6° W', 41.2, -97.6],
    ['41°12′N 97°36′W', 41.2, -97.6],
    ['41° 12\' 0" N, 97° 36\' 0" W', 41.2, -97.6],
    ['97.6 W 41.2 N', 41.2, -97.6],
    ['-37 145', -37, 145],
    ['S37.5 E145', -37.5, 145],
    ['0 0', 0, 0],
    ['45,52 N 122,67 W', 45.52, -122.67],
    ['45,52; -122,67', 45.52, -122.67],
    ['41, -97', 41, -97],
  ])('reads %s', (text, latitude, longitude) => {
    expect(parseCoordinates(text)).toEqual({
      latitude: expect.closeTo(latitude, 6),
      longitude: expect.closeTo(longitude, 6),
    })
  })

  it.each([
    '',
    'the shed',
    '41.2',
    '41.2 N 97.6 N',
    '95 N 10 E',
    '10 N 190 E',
    '1 2 3',
    '<b>1</b> 2',
    '9'.repeat(500),
  ])('says what is wrong with %s', (text) => expect(parseCoordinates(text)).toHaveProperty('error'))
})
