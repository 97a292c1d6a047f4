import type { ExternalToast } from 'sonner'

const shown = import('sonner')

/** Says what was done, with what may take it back; fetched after the screen is there. */
export function toast(words: string, options?: ExternalToast): void {
  void shown.then((sonner) => sonner.toast(words, options))
}

/** Says what went wrong, and what to do. */
toast.error = (words: string): void => {
  void shown.then((sonner) => sonner.toast.error(words))
}
