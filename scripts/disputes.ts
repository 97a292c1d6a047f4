import { writeFileSync } from 'node:fs'
import { disputesTable, settled } from '../src/test/disputes'

writeFileSync('docs/disputes.md', disputesTable(settled(200, true)))
console.log('docs/disputes.md')
