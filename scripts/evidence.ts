import { writeFileSync } from 'node:fs'
import { evidenceTable } from '../src/test/evidence'
import { workingValuesTable } from '../src/test/working-values'

writeFileSync('docs/evidence.md', evidenceTable())
writeFileSync('docs/working-values.md', workingValuesTable())
console.log('docs/evidence.md, docs/working-values.md')
