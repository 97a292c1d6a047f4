'use client'

import type { useGround } from './use-ground'

/** Takes the last edit of the ground back, and makes it again. */
export function UndoButtons({
  ground: { undo, redo, canUndo, canRedo },
}: {
  ground: Pick<ReturnType<typeof useGround>, 'undo' | 'redo' | 'canUndo' | 'canRedo'>
}) {
  return (
    <>
      <button
        type="button"
        className="btn min-h-11 bg-base-100"
        disabled={!canUndo}
        onClick={undo}
        title="Ctrl+Z"
      >
        Undo
      </button>
      <button
        type="button"
        className="btn min-h-11 bg-base-100"
        disabled={!canRedo}
        onClick={redo}
        title="Ctrl+Y"
      >
        Redo
      </button>
    </>
  )
}
