import { Tabs } from '../../components/tabs'

const TABS = [
  { name: 'Now', path: '/basket' },
  { name: 'Seasons', path: '/basket/review' },
] as const

/** The parts of the Basket. */
export const BasketTabs = ({ at, query }: { at: (typeof TABS)[number]['path']; query: string }) => (
  <div className="px-6 pt-3 max-sm:px-4">
    <Tabs
      label="Basket"
      tabs={TABS.map(({ name, path }) => ({ name, href: path + query, here: path === at }))}
    />
  </div>
)
