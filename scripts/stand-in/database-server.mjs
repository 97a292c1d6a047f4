import { randomUUID } from 'node:crypto'
import { once } from 'node:events'
import { createServer } from 'node:http'
import Database from 'libsql'

/** A stream that says nothing for so long is given up, its transaction undone, ms. */
const IDLE = 5000
/** A statement waits so long for another's transaction, ms. */
const PATIENCE = 5000

const wait = (ms) => new Promise((go) => setTimeout(go, ms))
const isBusy = (error) => /BUSY|LOCKED/.test(error?.code ?? '')

/**
 * Stands in for a database server in tests: SQL over HTTP (Hrana 2, JSON) on a file, every stream with a connection
 * of its own, as the client library speaks it.
 *
 * @param {object} options
 * @param {string} options.file
 * @param {string} [options.token] what a caller has to bring
 * @param {number} [options.port]
 * @param {(asked: { requests: unknown[] }) => boolean} [options.losesAnswer] asked after each request was carried out:
 *   true cuts the line instead of answering
 */
export async function databaseServer({ file, token, port = 0, losesAnswer = () => false }) {
  const free = []
  const streams = new Map()

  const connect = () => {
    const connection = new Database(file)
    connection.exec('PRAGMA foreign_keys = ON; PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL')
    return connection
  }
  const release = (stream) => {
    clearTimeout(stream.timer)
    streams.delete(stream.baton)
    if (stream.connection.inTransaction) stream.connection.exec('ROLLBACK')
    stream.connection.exec('PRAGMA foreign_keys = ON')
    free.push(stream.connection)
  }

  /** Runs one statement; while another's transaction holds it up, others are served. */
  async function execute(stream, { sql, sql_id: id, args = [], named_args: named = [] }) {
    const text = sql ?? stream.texts.get(id)
    const given =
      named.length > 0
        ? Object.fromEntries(named.map(({ name, value }) => [name.replace(/^[:@$]/, ''), fromWire(value)]))
        : args.map(fromWire)
    for (const until = Date.now() + PATIENCE; ; await wait(5))
      try {
        return executed(stream.connection, text, given)
      } catch (error) {
        if (!isBusy(error) || stream.connection.inTransaction || Date.now() > until) throw error
        // A statement that failed on a lock stays open on its connection, which then commits nothing.
        stream.connection.close()
        stream.connection = connect()
      }
  }

  async function batch(stream, { steps }) {
    const results = []
    const errors = []
    const holds = (condition) => {
      switch (condition?.type) {
        case undefined:
          return true
        case 'ok':
          return results[condition.step] !== null
        case 'error':
          return errors[condition.step] !== null
        case 'not':
          return !holds(condition.cond)
        case 'and':
          return condition.conds.every(holds)
        case 'or':
          return condition.conds.some(holds)
        default:
          throw new Error(`A condition of kind ${condition.type} is not known here.`)
      }
    }
    for (const { stmt, condition } of steps) {
      const isRun = holds(condition)
      const [result, error] = isRun
        ? await execute(stream, stmt).then(
            (done) => [done, null],
            (fault) => [null, told(fault)],
          )
        : [null, null]
      results.push(result)
      errors.push(error)
    }
    return { step_results: results, step_errors: errors }
  }

  async function carryOut(stream, request) {
    switch (request.type) {
      case 'execute':
        return { result: await execute(stream, request.stmt) }
      case 'batch':
        return { result: await batch(stream, request.batch) }
      case 'sequence':
        stream.connection.exec(request.sql ?? stream.texts.get(request.sql_id))
        return {}
      case 'store_sql':
        stream.texts.set(request.sql_id, request.sql)
        return {}
      case 'close_sql':
        stream.texts.delete(request.sql_id)
        return {}
      case 'close':
        stream.isClosed = true
        return {}
      default:
        throw new Error(`A request of kind ${request.type} is not known here.`)
    }
  }

  async function pipeline({ baton, requests }) {
    const stream = baton ? streams.get(baton) : { connection: free.pop() ?? connect(), texts: new Map() }
    if (!stream) return [404, { message: 'The stream has expired', code: 'STREAM_EXPIRED' }]
    clearTimeout(stream.timer)
    streams.delete(stream.baton)
    const results = []
    for (const request of requests)
      results.push(
        await carryOut(stream, request).then(
          (response) => ({ type: 'ok', response: { type: request.type, ...response } }),
          (error) => ({ type: 'error', error: told(error) }),
        ),
      )
    if (stream.isClosed) release(stream)
    else {
      stream.baton = randomUUID()
      streams.set(stream.baton, stream)
      stream.timer = setTimeout(() => release(stream), IDLE)
    }
    return [200, { baton: stream.isClosed ? null : stream.baton, base_url: null, results }]
  }

  const server = createServer(async (request, response) => {
    const parts = []
    for await (const part of request) parts.push(part)
    const answer = (status, said) => {
      response.writeHead(status, { 'content-type': 'application/json' })
      response.end(JSON.stringify(said))
    }
    if (request.url === '/v2') return answer(200, {})
    if (token !== undefined && request.headers.authorization !== `Bearer ${token}`)
      return answer(401, { message: 'This token opens nothing here', code: 'AUTH_JWT_INVALID' })
    if (request.url !== '/v2/pipeline') return answer(404, { message: 'There is nothing here' })
    const asked = JSON.parse(Buffer.concat(parts).toString('utf8'))
    const [status, said] = await pipeline(asked)
    if (losesAnswer(asked)) request.socket.destroy()
    else answer(status, said)
  })
  server.listen(port, '127.0.0.1')
  await once(server, 'listening')
  return {
    url: `http://127.0.0.1:${server.address().port}`,
    stop: async () => {
      server.closeAllConnections()
      await new Promise((end) => server.close(end))
      for (const stream of streams.values()) release(stream)
      for (const connection of free) connection.close()
    },
  }
}

function executed(connection, sql, given) {
  const statement = connection.prepare(sql)
  statement.safeIntegers(true)
  let isTable = true
  try {
    statement.raw(true)
  } catch {
    isTable = false
  }
  if (!isTable) {
    const { changes, lastInsertRowid } = statement.run(given)
    return { cols: [], rows: [], affected_row_count: changes, last_insert_rowid: String(lastInsertRowid) }
  }
  const cols = statement.columns().map(({ name, type }) => ({ name, decltype: type ?? null }))
  const rows = statement.all(given).map((row) => cols.map((_, at) => toWire(row[at])))
  return { cols, rows, affected_row_count: 0, last_insert_rowid: null }
}

const told = (error) => ({ message: error.message, code: error.code ?? 'UNKNOWN' })

function fromWire({ type, value, base64 }) {
  switch (type) {
    case 'null':
      return null
    case 'integer':
      return BigInt(value)
    case 'blob':
      return Buffer.from(base64, 'base64')
    default:
      return value
  }
}

function toWire(value) {
  if (value === null || value === undefined) return { type: 'null' }
  if (typeof value === 'bigint') return { type: 'integer', value: String(value) }
  if (typeof value === 'number') return { type: 'float', value }
  if (typeof value === 'string') return { type: 'text', value }
  return { type: 'blob', base64: Buffer.from(value).toString('base64') }
}
