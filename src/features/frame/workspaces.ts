/** The workspaces in the order of the work; on a phone the bar holds those that are used outdoors. */
export const WORKSPACES = [
  { name: 'Walk', path: '/walk', key: 'w', inBar: true },
  { name: 'Season', path: '/season', key: 's', inBar: true },
  { name: 'Ground', path: '/ground', key: 'g', inBar: true },
  { name: 'Bench', path: '/bench', key: 'b', inBar: true },
  { name: 'Shed', path: '/shed', key: 'h', inBar: false },
  { name: 'Clinic', path: '/clinic', key: 'c', inBar: false },
  { name: 'Basket', path: '/basket', key: 'k', inBar: false },
  { name: 'Practice', path: '/practice', key: 'p', inBar: false },
  { name: 'Almanac', path: '/almanac', key: 'a', inBar: false },
  { name: 'Logbook', path: '/logbook', key: 'l', inBar: false },
  { name: 'Garden', path: '/garden', key: 'n', inBar: false },
] as const
