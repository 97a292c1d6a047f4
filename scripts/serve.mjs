import { ensureBuilt, ensureInstalled, serve } from './lib/prepare.mjs'

/** Runs Prairie on your own garden; `--dev` for development. */
const dev = process.argv.includes('--dev')
ensureInstalled()
if (!dev) ensureBuilt()
await serve({ dev, command: dev ? 'npm run dev' : 'npm start' })
