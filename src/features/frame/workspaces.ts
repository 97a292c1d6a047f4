/** The workspaces in the order of the work, each with what is inside; on a phone the bar holds those that are used outdoors. */
export const WORKSPACES = [
  { name: 'Walk', about: 'today’s round', path: '/walk', key: 'w', inBar: true },
  { name: 'Season', about: 'dates and odds', path: '/season', key: 's', inBar: true },
  { name: 'Ground', about: 'beds, pots and plan', path: '/ground', key: 'g', inBar: true },
  { name: 'Bench', about: 'water, feed, mixes', path: '/bench', key: 'b', inBar: true },
  { name: 'Shed', about: 'supplies and costs', path: '/shed', key: 'h', inBar: false },
  { name: 'Clinic', about: 'what’s wrong?', path: '/clinic', key: 'c', inBar: false },
  { name: 'Basket', about: 'harvest', path: '/basket', key: 'v', inBar: false },
  { name: 'Trials', about: 'which way is better here', path: '/trials', key: 'r', inBar: false },
  { name: 'Practice', about: 'learn to prune', path: '/practice', key: 'p', inBar: false },
  { name: 'Almanac', about: 'how it is worked out', path: '/almanac', key: 'a', inBar: false },
  { name: 'Logbook', about: 'everything you did', path: '/logbook', key: 'l', inBar: false },
  { name: 'Garden', about: 'place, weather, settings', path: '/garden', key: 'n', inBar: false },
] as const
