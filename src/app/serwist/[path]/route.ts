import { createSerwistRoute } from '@serwist/turbopack'

/** Another build is another shell: it is fetched anew with the scripts that it names. */
const build = String(Date.now())

/** The service worker, with the list of all that the application needs without the server. */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/pocket/service-worker.ts',
  useNativeEsbuild: true,
  // Every browser takes a service worker that is no module.
  esbuildOptions: { format: 'iife' },
  globPatterns: ['.next/static/**/*.{js,css,woff2}'],
  additionalPrecacheEntries: [{ url: '/pocket', revision: build }],
  maximumFileSizeToCacheInBytes: 8 * 1024 * 1024,
})
