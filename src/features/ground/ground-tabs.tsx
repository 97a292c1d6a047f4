import Link from 'next/link'

const TABS = [
  { at: 'plan', path: '/ground', name: 'Plan' },
  { at: 'list', path: '/ground/list', name: 'List' },
  { at: 'how-many', path: '/ground/how-many', name: 'How many plants' },
  { at: 'pots', path: '/ground/pots', name: 'Pots and mixes' },
  { at: 'papers', path: '/ground/papers', name: 'Print and files' },
] as const

/** The pages of Ground. */
export function GroundTabs({ at, query }: { at: (typeof TABS)[number]['at'] | 'place'; query: string }) {
  return (
    <nav aria-label="Ground" className="flex flex-wrap gap-x-5 border-b border-base-300 print:hidden">
      {TABS.map((tab) => (
        <Link
          key={tab.at}
          href={tab.path + query}
          aria-current={tab.at === at ? 'page' : undefined}
          className={`-mb-px flex min-h-11 items-center border-b-2 ${tab.at === at ? 'border-leaf font-semibold' : 'border-transparent'}`}
        >
          {tab.name}
        </Link>
      ))}
    </nav>
  )
}
