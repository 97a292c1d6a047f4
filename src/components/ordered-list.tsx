'use client'

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type UniqueIdentifier,
} from '@dnd-kit/core'
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { GripVertical } from 'lucide-react'
import { useId, type ReactNode } from 'react'

interface Row {
  id: string
  /** What it is called where it is moved without being seen. */
  name: string
}

/** px that a hand goes before it is a drag: less is a press. */
const PRESS = 4

/** A list that is put in order by hand: each row by its handle, dragged, or with Space and the arrow keys. */
export function OrderedList<One extends Row>({
  label,
  rows,
  onOrder,
  children,
}: {
  label: string
  rows: readonly One[]
  onOrder: (rows: One[]) => void
  children: (row: One, index: number) => ReactNode
}) {
  const id = useId()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: PRESS } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const indexOf = (of: UniqueIdentifier) => rows.findIndex((row) => row.id === of)
  const nameOf = (of: UniqueIdentifier) => rows[indexOf(of)]?.name ?? ''
  const placeOf = (of: UniqueIdentifier) => `${indexOf(of) + 1} of ${rows.length}`
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{
        screenReaderInstructions: {
          draggable:
            'Press Space to pick it up, the arrow keys to move it, Space again to drop it, or Escape to cancel.',
        },
        announcements: {
          onDragStart: ({ active }) => `Taken: ${nameOf(active.id)}.`,
          onDragOver: ({ active, over }) =>
            over ? `${nameOf(active.id)}: ${placeOf(over.id)}.` : `${nameOf(active.id)} is not over a place.`,
          onDragEnd: ({ active, over }) =>
            over
              ? `${nameOf(active.id)} is now ${placeOf(over.id)}.`
              : `${nameOf(active.id)} is where it was.`,
          onDragCancel: ({ active }) => `${nameOf(active.id)} is where it was.`,
        },
      }}
      onDragEnd={({ active, over }) => {
        if (over && over.id !== active.id) onOrder(arrayMove([...rows], indexOf(active.id), indexOf(over.id)))
      }}
    >
      <SortableContext items={rows.map((row) => row.id)} strategy={verticalListSortingStrategy}>
        <ol aria-label={label}>
          {rows.map((row, index) => (
            <OrderedRow key={row.id} row={row}>
              {children(row, index)}
            </OrderedRow>
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  )
}

function OrderedRow({ row, children }: { row: Row; children: ReactNode }) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: row.id })
  return (
    <li
      ref={setNodeRef}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
      className={`flex items-center gap-2 border-b border-base-300 bg-base-100 py-1 ${isDragging ? 'relative z-10 shadow-lg' : ''}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${row.name}`}
        className="grid h-11 w-11 shrink-0 cursor-grab touch-none place-items-center text-quiet active:cursor-grabbing"
      >
        <GripVertical aria-hidden size={20} />
      </button>
      <div className="min-w-0 grow">{children}</div>
    </li>
  )
}
