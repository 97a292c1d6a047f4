import { redirect } from 'next/navigation'

export default async function BenchPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const { on } = await searchParams
  redirect(on ? `/bench/water?on=${encodeURIComponent(on)}` : '/bench/water')
}
