import type { MetadataRoute } from 'next'

/** What a phone is told when the application is put on its home screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Prairie',
    short_name: 'Prairie',
    description: 'Works out a tomato and pepper grower’s decisions, from seed to frost.',
    id: '/',
    start_url: '/walk',
    scope: '/',
    display: 'standalone',
    background_color: '#f0ede2',
    theme_color: '#f0ede2',
    icons: [
      { src: '/icons/prairie-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/prairie-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icons/prairie-round-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
    ],
  }
}
