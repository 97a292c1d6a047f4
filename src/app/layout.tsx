import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import { ThemeProvider } from 'next-themes'
import type { ReactNode } from 'react'
import { SayingPlace } from '../components/say'
import './globals.css'

export const metadata: Metadata = {
  title: { default: 'Prairie', template: '%s · Prairie' },
  description: 'Works out a tomato and pepper grower’s decisions, from seed to frost.',
}

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#f0ede2' }

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined
  return (
    <html lang="en" suppressHydrationWarning>
      <body className="bg-base-100 text-base-content">
        <ThemeProvider
          attribute="data-theme"
          themes={['light', 'dark', 'day', 'sun', 'dusk']}
          // Until one is chosen, the device's own.
          value={{ light: 'day', dark: 'dusk', day: 'day', sun: 'sun', dusk: 'dusk' }}
          defaultTheme="system"
          enableColorScheme={false}
          nonce={nonce}
        >
          {children}
          <SayingPlace />
        </ThemeProvider>
      </body>
    </html>
  )
}
