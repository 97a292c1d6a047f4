import type { ReactNode } from 'react'

/** A screen's main act: in its place, and on a phone always in reach above the bar of the workspaces. */
export const FootBar = ({ children }: { children: ReactNode }) => (
  <div className="max-sm:h-20">
    <div data-foot-bar className="foot-acts flex flex-wrap gap-2.5">
      {children}
    </div>
  </div>
)
