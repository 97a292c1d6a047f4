import type { Pressing } from '../components/notices/notices'
import type { ViewOf } from './views'

/** The stops of a round that do not bear waiting past tonight. */
export const pressingOf = ({ stops }: Pick<ViewOf<'walk'>, 'stops'>): Pressing[] =>
  stops
    .filter(({ urgency }) => urgency === 'tonight')
    .map(({ call, place, title }) => ({ call, place, title }))
