import { Tabs } from '../../components/tabs'

/** What can be practised: cuts, or a whole season. */
export const PracticeTabs = ({ here }: { here: 'cuts' | 'season' }) => (
  <div className="px-6 pt-3 max-sm:px-4">
    <Tabs
      label="Practice"
      tabs={[
        { name: 'Cuts', href: '/practice', here: here === 'cuts' },
        { name: 'A season', href: '/practice/season', here: here === 'season' },
      ]}
    />
  </div>
)
