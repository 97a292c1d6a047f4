/** Brings the database to this version when the server starts; a problem is told on the pages, and in the log. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { reader } = await import('./data/database')
  await reader().catch((error: unknown) => console.error(error))
}
