/** Asks for an address again and again until its input ends, then tells the slowest answer, ms. */
const address = process.argv[2]
let slowest = 0
let isOn = true
process.stdin.on('end', () => (isOn = false)).resume()
// The first answer is worked out; those after it are what a visitor waits for.
await fetch(address).then((answer) => answer.text())
while (isOn) {
  const from = performance.now()
  await fetch(address)
    .then((answer) => answer.text())
    .catch(() => null)
  slowest = Math.max(slowest, performance.now() - from)
  await new Promise((wait) => setTimeout(wait, 25))
}
process.stdout.write(String(Math.round(slowest)))
