/** While a screen is worked out: the frame stands, and what comes is hinted at once it takes noticeably long. */
export default function Loading() {
  return (
    <div role="status" className="appear-late flex flex-col gap-4 p-6">
      <span className="sr-only">Working it out…</span>
      <div className="skeleton h-9 w-2/3 max-w-xl" />
      <div className="skeleton h-5 w-1/2 max-w-md" />
      <div className="skeleton mt-4 h-64 w-full" />
    </div>
  )
}
