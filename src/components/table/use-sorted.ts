'use client'

import {
  createFilteredRowModel,
  createSortedRowModel,
  columnFilteringFeature,
  globalFilteringFeature,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/react-table'
import { useMemo, useState } from 'react'

export interface Sorting {
  id: string
  desc: boolean
}

interface Sortable<Row> {
  id: string
  value?: (row: Row) => string | number | null
}

const features = tableFeatures({
  columnFilteringFeature,
  globalFilteringFeature,
  rowSortingFeature,
  filteredRowModel: createFilteredRowModel(),
  sortedRowModel: createSortedRowModel(),
})

/** Rows in the order of a column, those alone that hold the words; a heading pressed again turns the order round. */
export function useSorted<Row>({
  rows,
  columns,
  first,
  words,
}: {
  rows: readonly Row[]
  columns: readonly Sortable<Row>[]
  first?: Sorting
  words: string
}) {
  const [sorting, setSorting] = useState<Sorting | null>(first ?? null)
  const held = useMemo(
    () => rows.map((row) => ({ row, values: columns.map(({ value }) => value?.(row) ?? null) })),
    // Columns are made anew at each drawing; what they say follows the rows.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [rows],
  )
  const names = columns.map(({ id }) => id).join()
  const definitions = useMemo(
    () =>
      names.split(',').map((id, at): ColumnDef<typeof features, (typeof held)[number]> => ({
        id,
        accessorFn: ({ values }) => values[at] ?? undefined,
        sortFn: (a, b) => compare(a.original.values[at]!, b.original.values[at]!),
        sortUndefined: 'last',
      })),
    [names],
  )
  const table = useTable({
    features,
    columns: definitions,
    data: held,
    state: { sorting: sorting ? [sorting] : [], globalFilter: words.trim() },
    globalFilterFn: (row, _, wanted: string) => holds(row.original.values, wanted),
  })
  const sortBy = (id: string) =>
    setSorting((before) => (before?.id === id ? { id, desc: !before.desc } : { id, desc: false }))
  return { sorted: table.getRowModel().rows.map(({ original }) => original.row), sorting, sortBy }
}

/** The order of two values of a column, numbers in names by their size. */
export const compare = (a: string | number, b: string | number) =>
  typeof a === 'number' && typeof b === 'number'
    ? a - b
    : String(a).localeCompare(String(b), 'en', { numeric: true })

/** Whether the values together hold every word. @param wanted words between spaces */
export const holds = (values: readonly (string | number | null)[], wanted: string) => {
  const text = values
    .filter((value) => typeof value === 'string')
    .join(' ')
    .replaceAll('\u00a0', ' ')
  return wanted
    .toLocaleLowerCase()
    .split(/\s+/)
    .every((word) => text.toLocaleLowerCase().includes(word))
}
