/** Where pictures are kept, and how each leads to what says of which investigation it is. */
export const PICTURES = [
  { table: 'photo', of: 'JOIN container c ON c.id = p.container_id' },
  { table: 'frame', of: 'JOIN film c ON c.id = p.film_id' },
] as const;

export type PictureKind = (typeof PICTURES)[number];
