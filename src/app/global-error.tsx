'use client'

import './globals.css'
import { Stumbled } from '../components/stumbled'

/** A fault in what stands around everything. */
export default function GlobalError(fault: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <html lang="en" data-theme="day">
      <body className="bg-base-100 text-base-content">
        <main>
          <Stumbled {...fault} where="Prairie" />
        </main>
      </body>
    </html>
  )
}
