/** Opens the database, and looks its file through, while the server starts: the first visitor does not wait for it. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { reader } = await import('./data/database')
  // What is wrong with it is said to the first who asks for it.
  void reader().catch(() => undefined)
}
