'use client'

import { useMemo } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import { useKeys } from '../../components/keys/keys'
import { undo } from '../../data/log-actions'
import { ENTRY_NAMES } from '../../wording/stages'

/** `u` takes back what was entered last. */
export function UndoKey() {
  useKeys(
    useMemo(
      () => [
        {
          key: 'u',
          label: 'take back the last entry',
          run: async () => {
            const result = await undo({ id: v7() })
            if (!result.ok) toast.error(result.message)
            else if (result.kind) toast(`Taken back: ${ENTRY_NAMES[result.kind]}.`)
          },
        },
      ],
      [],
    ),
  )
  return null
}
