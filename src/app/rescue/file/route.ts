import { rawFile } from '../../../data/rescue'

export const dynamic = 'force-dynamic'

/** The database file as it is, for whoever can mend it. */
export async function GET(): Promise<Response> {
  const bytes = await rawFile()
  if (!bytes) return new Response('There is no file.', { status: 404 })
  return new Response(bytes, {
    headers: {
      'content-type': 'application/vnd.sqlite3',
      'content-disposition': 'attachment; filename="prairie.db"',
      'cache-control': 'no-store',
    },
  })
}
