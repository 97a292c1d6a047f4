import type { PostMaterial, Supply } from '../../core/facts'

const line = (
  kind: Supply['kind'],
  name: string,
  quantity: number,
  pack: number,
  price: number | null,
  length: number | null = null,
  across: number | null = null,
  material: PostMaterial | null = null,
): Supply => ({
  id: `demo-supply-${kind}-${Math.round((length ?? 0) * 100)}`,
  kind,
  name,
  quantity,
  length,
  across,
  material,
  pack,
  price,
})

/** What hangs in the demo garden's shed in June. */
export const SUPPLIES: Supply[] = [
  line('stake', 'Ash stakes', 14, 5, 12, 2.7, 0.032, 'hardwood'),
  line('stake', 'Short canes', 20, 10, 6, 1.2, 0.012, 'bamboo'),
  line('post', 'Fence posts, second hand', 10, 1, 7.5, 2.1, 0.06, 'softwood'),
  line('rod', 'Steel rods', 12, 1, 5.5, 2.4, 0.01, 'steel-rod'),
  line('cage', 'Folded cages', 4, 1, 16, 1.5, 0.5),
  line('mesh', 'Roll of reinforcing mesh', 9, 15, 48),
  line('twine', 'Tarred twine', 300, 100, 9),
  line('tie', 'Soft ties', 60, 50, 4),
  line('clip', 'Stem clips', 40, 100, 8.5),
  line('label', 'Slate labels', 125, 25, 6),
  line('mix', 'Mix from the barn', 400, 40, 11),
  line('mulch', 'Straw bales', 1500, 120, 5),
  line('compost', 'Own compost', 700, 40, null),
  line('meal', 'Seed meal', 2, 5, 14),
]
