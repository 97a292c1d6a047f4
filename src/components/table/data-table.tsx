'use client'

import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useLayoutEffect, useRef, useState, type ReactNode, type RefObject } from 'react'
import { useSorted, type Sorting } from './use-sorted'

export interface Column<Row> {
  id: string
  /** Empty: acts on the row. */
  heading: string
  /** What it is sorted and found by; none: it is not. Null comes last either way. */
  value?: (row: Row) => string | number | null
  cell: (row: Row) => ReactNode
  /** The row's name. */
  isName?: boolean
  /** Of the cell. */
  className?: string
}

/** From so many rows on only those near the window are drawn. */
const LONG = 100
/** From so many rows on they can be found by words. */
const MANY = 20
/** Of a row before it is measured, px. */
const USUAL_ROW = 60

/**
 * A list that is sorted by its headings, found by words where it is long, and drawn only where one looks where it is
 * very long.
 *
 * @param first how it is sorted at first
 * @param under what stands beneath a row, over its whole width
 */
export function DataTable<Row>({
  label,
  rows,
  columns,
  keyOf,
  first,
  under,
  rowClass,
}: {
  label: string
  rows: readonly Row[]
  columns: readonly Column<Row>[]
  keyOf: (row: Row) => string
  first?: Sorting
  under?: (row: Row) => ReactNode
  rowClass?: (row: Row) => string | undefined
}) {
  const [words, setWords] = useState('')
  const { sorted, sorting, sortBy } = useSorted({ rows, columns, first, words })
  const table = useRef<HTMLTableElement>(null)
  const isLong = sorted.length >= LONG
  const top = useTopOnPage(table, isLong)
  const line = useWindowVirtualizer({
    count: sorted.length,
    enabled: isLong,
    estimateSize: () => USUAL_ROW,
    overscan: 12,
    scrollMargin: top,
    measureElement: (row) => row.getBoundingClientRect().height,
    getItemKey: (index) => keyOf(sorted[index]!),
  })
  const near = line.getVirtualItems()
  const drawn = isLong ? near.map(({ index }) => index) : sorted.map((_, index) => index)
  return (
    <div className="table-room overflow-x-auto">
      {rows.length > MANY && (
        <p className="mb-2 flex flex-wrap items-center gap-3">
          <input
            type="search"
            aria-label={`Find in ${label}`}
            placeholder="Find"
            className="input min-h-11 w-56 text-base"
            value={words}
            onChange={({ target }) => setWords(target.value)}
          />
          {words !== '' && (
            <span role="status" className="text-quiet">
              {sorted.length} of {rows.length}
            </span>
          )}
        </p>
      )}
      <table
        ref={table}
        aria-label={label}
        aria-rowcount={sorted.length + 1}
        className="cards w-full border-collapse text-left"
      >
        <thead className="text-sm text-quiet">
          <tr className="align-bottom">
            {columns.map(({ id, heading, value, className }) =>
              value ? (
                <th
                  key={id}
                  scope="col"
                  className={`p-0 pr-4 font-normal ${className ?? ''}`}
                  aria-sort={sorting?.id === id ? (sorting.desc ? 'descending' : 'ascending') : 'none'}
                >
                  <button
                    type="button"
                    className="-ml-1 min-h-11 cursor-pointer px-1 text-left hover:text-base-content"
                    onClick={() => sortBy(id)}
                  >
                    {heading}
                    <span aria-hidden className="ml-1 inline-block w-3">
                      {sorting?.id === id ? (sorting.desc ? '↓' : '↑') : '↕'}
                    </span>
                  </button>
                </th>
              ) : (
                <th key={id} scope="col" className={`py-2.5 pr-4 font-normal ${className ?? ''}`}>
                  {heading || <span className="sr-only">Acts</span>}
                </th>
              ),
            )}
          </tr>
        </thead>
        <Space height={(near[0]?.start ?? top) - top} />
        {drawn.map((index) => {
          const row = sorted[index]!
          const beneath = under?.(row)
          return (
            <tbody key={keyOf(row)} data-index={index} ref={isLong ? line.measureElement : undefined}>
              <tr
                aria-rowindex={index + 2}
                className={`border-t border-base-300 align-top ${rowClass?.(row) ?? ''}`}
              >
                {columns.map(({ id, heading, cell, isName, className }) =>
                  isName ? (
                    <th
                      key={id}
                      scope="row"
                      className={`min-w-32 py-2 pr-4 font-semibold ${className ?? ''}`}
                    >
                      {cell(row)}
                    </th>
                  ) : (
                    <td key={id} data-label={heading || undefined} className={`py-2 pr-4 ${className ?? ''}`}>
                      {cell(row)}
                    </td>
                  ),
                )}
              </tr>
              {beneath && (
                <tr>
                  <td colSpan={columns.length} className="pb-3">
                    {beneath}
                  </td>
                </tr>
              )}
            </tbody>
          )
        })}
        <Space height={isLong ? line.getTotalSize() - ((near.at(-1)?.end ?? top) - top) : 0} />
      </table>
      {sorted.length === 0 && words !== '' && <p className="py-2 text-quiet">No match.</p>}
    </div>
  )
}

/** What is not drawn keeps its room. */
const Space = ({ height }: { height: number }) =>
  height > 0 && (
    <tbody aria-hidden>
      <tr style={{ height }} />
    </tbody>
  )

/** How far from the page's top something lies, px: anew whenever the page's height changes, as when it is opened. */
function useTopOnPage(of: RefObject<HTMLElement | null>, isWanted: boolean): number {
  const [top, setTop] = useState(0)
  useLayoutEffect(() => {
    if (!isWanted) return
    const observer = new ResizeObserver(() => {
      const at = of.current?.getBoundingClientRect()
      // What is hidden lies nowhere.
      if (at && at.height > 0) setTop(Math.round(at.top + window.scrollY))
    })
    observer.observe(document.body)
    return () => observer.disconnect()
  }, [of, isWanted])
  return top
}
