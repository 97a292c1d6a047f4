import { Tabs } from '../../components/tabs'

const TABS = [
  { name: 'What looks wrong', path: '/clinic' },
  { name: 'Problems being watched', path: '/clinic/cases' },
  { name: 'Inspections', path: '/clinic/watch' },
  { name: 'All problems', path: '/clinic/causes' },
] as const

/** The parts of the Clinic. */
export const ClinicTabs = ({ at, query }: { at: (typeof TABS)[number]['path']; query: string }) => (
  <div className="px-6 pt-3 max-sm:px-4">
    <Tabs
      label="Clinic"
      tabs={TABS.map(({ name, path }) => ({ name, href: path + query, here: path === at }))}
    />
  </div>
)
