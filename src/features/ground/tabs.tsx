import { Tabs } from '../../components/tabs'

const TABS = [
  { at: 'plan', path: '/ground', name: 'Plan' },
  { at: 'list', path: '/ground/list', name: 'List' },
  { at: 'how-many', path: '/ground/how-many', name: 'How many plants' },
  { at: 'pots', path: '/ground/pots', name: 'Pots and mixes' },
  { at: 'papers', path: '/ground/papers', name: 'Print and files' },
] as const

/** The pages of Ground. */
export const GroundTabs = ({ at, query }: { at: (typeof TABS)[number]['at'] | 'place'; query: string }) => (
  <Tabs
    label="Ground"
    tabs={TABS.map((tab) => ({ name: tab.name, href: tab.path + query, here: tab.at === at }))}
  />
)
