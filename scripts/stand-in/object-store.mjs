import { createHash } from 'node:crypto'
import { once } from 'node:events'
import { createServer } from 'node:http'

/** Names in one page of a list. */
const PAGE = 3

const escaped = (text) =>
  text.replaceAll(/[&<>]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[sign])

/** Stands in for an S3-compatible store in tests: one bucket in memory, addressed by path. */
export async function objectServer({ bucket, keyId }) {
  const objects = new Map()
  const fault = (code) => `<?xml version="1.0"?><Error><Code>${code}</Code><Message>${code}</Message></Error>`

  function list(asked) {
    const prefix = asked.get('prefix') ?? ''
    const isFlat = asked.get('delimiter') === '/'
    const keys = [...objects.keys()]
      .filter((key) => key.startsWith(prefix) && !(isFlat && key.slice(prefix.length).includes('/')))
      .sort()
    const from = Number(asked.get('continuation-token') ?? 0)
    const page = keys.slice(from, from + PAGE)
    const next = from + PAGE < keys.length ? from + PAGE : null
    return [
      '<?xml version="1.0"?><ListBucketResult>',
      `<IsTruncated>${next !== null}</IsTruncated>`,
      ...(next === null ? [] : [`<NextContinuationToken>${next}</NextContinuationToken>`]),
      ...page.map(
        (key) =>
          `<Contents><Key>${escaped(key)}</Key><LastModified>${objects.get(key).at.toISOString()}</LastModified></Contents>`,
      ),
      '</ListBucketResult>',
    ].join('')
  }

  const server = createServer(async (request, response) => {
    const parts = []
    for await (const part of request) parts.push(part)
    const { pathname, searchParams } = new URL(request.url, 'http://store')
    const [, of, ...rest] = pathname.split('/').map(decodeURIComponent)
    const key = rest.join('/')
    const answer = (status, body = '', headers = {}) => {
      response.writeHead(status, { 'content-type': 'application/xml', ...headers })
      response.end(request.method === 'HEAD' ? undefined : body)
    }
    if (!request.headers.authorization?.includes(`Credential=${keyId}/`))
      return answer(403, fault('AccessDenied'))
    if (of !== bucket) return answer(404, fault('NoSuchBucket'))
    const found = objects.get(key)
    switch (request.method) {
      case 'PUT': {
        const source = request.headers['x-amz-copy-source']
        const from =
          source &&
          decodeURIComponent(source)
            .replace(/^\//, '')
            .slice(bucket.length + 1)
        if (from && !objects.has(from)) return answer(404, fault('NoSuchKey'))
        const content = from ? objects.get(from).content : Buffer.concat(parts)
        objects.set(key, { content, at: new Date() })
        const tag = `"${createHash('md5').update(content).digest('hex')}"`
        return answer(200, from ? `<CopyObjectResult><ETag>${tag}</ETag></CopyObjectResult>` : '', {
          etag: tag,
        })
      }
      case 'DELETE':
        objects.delete(key)
        return answer(204)
      case 'HEAD':
      case 'GET':
        if (key === '') return answer(200, list(searchParams))
        if (!found) return answer(404, fault('NoSuchKey'))
        return answer(200, found.content, { 'content-length': found.content.length })
      default:
        return answer(405, fault('MethodNotAllowed'))
    }
  })
  server.listen(0, '127.0.0.1')
  await once(server, 'listening')
  const address = `http://127.0.0.1:${server.address().port}`
  return {
    url: `s3://${bucket}/gardens?endpoint=${encodeURIComponent(address)}&region=here`,
    names: () => [...objects.keys()],
    stop: async () => {
      server.closeAllConnections()
      await new Promise((end) => server.close(end))
    },
  }
}
