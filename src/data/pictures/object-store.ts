import {
  CopyObjectCommand,
  DeleteObjectCommand,
  GetObjectCommand,
  HeadObjectCommand,
  ListObjectsV2Command,
  PutObjectCommand,
  S3Client,
  S3ServiceException,
} from '@aws-sdk/client-s3'
import { DatabaseProblem } from '../problem'
import { ASIDE, type PictureStore } from './store'

/**
 * Pictures in an S3-compatible store, which many servers share.
 *
 * @param url `s3://bucket/before-the-names?endpoint=https://…&region=…`; the keys to it are `PHOTOS_KEY_ID` and
 *   `PHOTOS_SECRET`
 */
export function objectStore(url: string): PictureStore {
  const { bucket, before, client } = openedOnce(url)
  const at = (name: string) => ({ Bucket: bucket, Key: before + name })
  const keysFrom = async (prefix: string, isFlat: boolean) => {
    const found: { name: string; at: number }[] = []
    let next: string | undefined
    do {
      const page = await client.send(
        new ListObjectsV2Command({
          Bucket: bucket,
          Prefix: before + prefix,
          Delimiter: isFlat ? '/' : undefined,
          ContinuationToken: next,
        }),
      )
      for (const { Key = '', LastModified } of page.Contents ?? [])
        found.push({ name: Key.slice(before.length), at: LastModified?.getTime() ?? 0 })
      next = page.NextContinuationToken
    } while (next !== undefined)
    return found
  }
  const size = (name: string) =>
    client.send(new HeadObjectCommand(at(name))).then(({ ContentLength }) => ContentLength ?? 0, gone)
  const remove = async (name: string) => void (await client.send(new DeleteObjectCommand(at(name))))
  return told({
    put: async (name, content) =>
      void (await client.send(new PutObjectCommand({ ...at(name), Body: content }))),
    read: async (name) => {
      const found = await client.send(new GetObjectCommand(at(name))).catch(gone)
      return found && new Uint8Array((await found.Body?.transformToByteArray()) ?? [])
    },
    size,
    remove,
    move: async (from, to) => {
      const source = encodeURI(`${bucket}/${before}${from}`)
      if ((await size(to)) === null)
        await client.send(new CopyObjectCommand({ ...at(to), CopySource: source })).catch(gone)
      await remove(from)
    },
    list: () => keysFrom('', true),
    listAside: () => keysFrom(ASIDE, false),
  })
}

interface Opened {
  bucket: string
  before: string
  client: S3Client
}
const opened = new Map<string, Opened>()

function openedOnce(url: string): Opened {
  const before = opened.get(url)
  if (before) return before
  const { protocol, hostname, pathname, searchParams } = new URL(url)
  const [accessKeyId, secretAccessKey] = [process.env.PHOTOS_KEY_ID, process.env.PHOTOS_SECRET]
  if (protocol !== 's3:' || hostname === '' || !accessKeyId || !secretAccessKey)
    throw new DatabaseProblem('pictures')
  const path = pathname.replaceAll(/^\/|\/$/g, '')
  const found: Opened = {
    bucket: hostname,
    before: path === '' ? '' : `${decodeURIComponent(path)}/`,
    client: new S3Client({
      endpoint: searchParams.get('endpoint') ?? undefined,
      region: searchParams.get('region') ?? 'auto',
      forcePathStyle: true,
      credentials: { accessKeyId, secretAccessKey },
      // Not every store of this kind knows the newer sums.
      requestChecksumCalculation: 'WHEN_REQUIRED',
      responseChecksumValidation: 'WHEN_REQUIRED',
    }),
  }
  opened.set(url, found)
  return found
}

function gone(error: unknown): null {
  if (error instanceof S3ServiceException && error.$metadata.httpStatusCode === 404) return null
  throw error
}

/** The same store, whose failures are told as a problem with the photos' place. */
function told(store: PictureStore): PictureStore {
  const of =
    <A extends unknown[], T>(act: (...args: A) => Promise<T>) =>
    (...args: A) =>
      act(...args).catch((cause: unknown) => {
        throw new DatabaseProblem('pictures', { cause })
      })
  return {
    put: of(store.put),
    read: of(store.read),
    size: of(store.size),
    remove: of(store.remove),
    move: of(store.move),
    list: of(store.list),
    listAside: of(store.listAside),
  }
}
