import { Link } from '../components/link'

export default function NotFound() {
  return (
    <main className="mx-auto max-w-xl px-6 py-20">
      <h1 className="text-2xl font-semibold">Nothing grows at this address.</h1>
      <p className="mt-3 text-lg">
        The page may have a new name, or you removed the planting. Your garden is as you left it.
      </p>
      <Link className="btn btn-primary mt-6 min-h-11" href="/">
        Back to the garden
      </Link>
    </main>
  )
}
