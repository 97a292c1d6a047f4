/** The workspaces in the order of the work. */
export const WORKSPACES = [
  { name: 'Walk', path: '/walk', key: 'w' },
  { name: 'Season', path: '/season', key: 's' },
  { name: 'Ground', path: '/ground', key: 'g' },
  { name: 'Shed', path: '/shed', key: 'h' },
  { name: 'Garden', path: '/garden', key: 'n' },
] as const
