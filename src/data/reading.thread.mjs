import { register } from 'tsx/esm/api'

// A thread runs the sources as they are: what builds the pages does not build threads.
register()
await import('./reading.worker.ts')
