import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  // `npm test` checks the types on its own.
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: ['@libsql/client', 'libsql'],
  // The migrations are read from disk at start.
  outputFileTracingIncludes: { '/*': ['./drizzle/**/*'] },
  experimental: { serverActions: { bodySizeLimit: '20mb' } },
}

export default config
