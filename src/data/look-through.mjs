import { isUtf8 } from 'node:buffer'
import { writeSync } from 'node:fs'
import { createClient } from '@libsql/client'

/**
 * Looks a database file through in a process of its own: damage that ends the client ends only this one. Prints `ok`,
 * or what is wrong. Texts are read as bytes: the client cannot bear one that is not UTF-8.
 */
const client = createClient({ url: `file:${process.argv[2]}` })
const asText = (value) => (value instanceof ArrayBuffer ? Buffer.from(value).toString('utf8') : String(value))

async function faultOf() {
  const { rows } = await client.execute("SELECT CAST(name AS BLOB) FROM sqlite_master WHERE type = 'table'")
  for (const row of rows) {
    const name = asText(row[0])
    const columns = await client.execute(
      `SELECT CAST(name AS BLOB) FROM pragma_table_info('${name.replaceAll("'", "''")}')`,
    )
    const joined = columns.rows
      .map((column) => `coalesce("${asText(column[0]).replaceAll('"', '""')}", '')`)
      .join(" || x'0a' || ")
    if (joined === '') continue
    const all = await client.execute(
      `SELECT CAST(group_concat(${joined}, x'0a') AS BLOB) FROM "${name.replaceAll('"', '""')}"`,
    )
    const bytes = all.rows[0]?.[0]
    if (bytes instanceof ArrayBuffer && !isUtf8(Buffer.from(bytes))) return `text in ${name} is not UTF-8`
  }
  const check = await client.execute('PRAGMA quick_check(5)')
  const said = check.rows.map((row) => String(row[0]))
  return said.length === 1 && said[0] === 'ok' ? null : said.join('; ')
}

const fault = await faultOf().catch((error) => `${error.extendedCode ?? error.code ?? ''} ${error.message}`)
writeSync(1, fault ?? 'ok')
// Not closed: closing would write what is still in the write-ahead log into a file that is only looked at.
process.exit(0)
