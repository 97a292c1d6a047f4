'use client'

import dynamic from 'next/dynamic'

const Toaster = dynamic(() => import('sonner').then(({ Toaster }) => Toaster), { ssr: false })

/** Where what was done is said. */
export const Toasts = () => <Toaster position="bottom-right" closeButton toastOptions={{ duration: 8000 }} />
