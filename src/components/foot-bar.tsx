import type { ReactNode } from 'react'

/** A screen's main act: in its place, and on a phone always in reach above the bar of the workspaces. */
export const FootBar = ({ children }: { children: ReactNode }) => (
  <div className="max-sm:h-20">
    <div
      data-foot-bar
      className="flex flex-wrap gap-2.5 max-sm:fixed max-sm:inset-x-0 max-sm:bottom-[3.5625rem] max-sm:z-10 max-sm:border-t max-sm:border-base-300 max-sm:bg-base-100 max-sm:p-3"
    >
      {children}
    </div>
  </div>
)
