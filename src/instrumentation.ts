/** Brings the database to this version when the server starts; a problem is told on the pages, and in the log. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { writeTrueAddresses } = await import('./true-address')
  writeTrueAddresses()
  const { startDatabase } = await import('./data/start')
  await startDatabase()
}
