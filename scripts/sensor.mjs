/**
 * A stand-in for a soil sensor: posts a plausible reading now and then, as a real one would.
 * npm run sensor -- <address of the garden> <secret> [seconds between posts, 0: once]
 */
const [address, secret, every = '900'] = process.argv.slice(2)
if (!address || !secret) {
  console.error(
    'Say where the garden is and the sensor’s secret: npm run sensor -- http://localhost:3000 <secret> [seconds]',
  )
  process.exit(2)
}
const WET = 0.31
const DRY = 0.2
const HOURS_TO_DRY = 70
/** Dries by the hour of its own clock, and is wetted when it has come to the dry end. */
const contentAt = (moment) => {
  const hours = moment / 3_600_000
  const share = (hours % HOURS_TO_DRY) / HOURS_TO_DRY
  const daily = 0.004 * Math.sin((2 * Math.PI * hours) / 24)
  return Math.round((WET - (WET - DRY) * share + daily) * 1000) / 1000
}

async function post() {
  const now = Date.now()
  const reading = { at: new Date(now).toISOString(), content: contentAt(now) }
  const answer = await fetch(new URL('/devices/readings', address), {
    method: 'POST',
    headers: { authorization: `Bearer ${secret}`, 'content-type': 'application/json' },
    body: JSON.stringify({ readings: [reading] }),
  })
  console.log(answer.status, reading.at, reading.content, await answer.text())
  if (answer.status === 401) process.exit(1)
}

await post()
if (Number(every) > 0)
  setInterval(() => void post().catch((error) => console.error(String(error))), Number(every) * 1000)
