import { writeFileSync } from 'node:fs'
import { evidenceTable } from '../src/test/evidence'

writeFileSync('docs/evidence.md', evidenceTable())
console.log('docs/evidence.md')
