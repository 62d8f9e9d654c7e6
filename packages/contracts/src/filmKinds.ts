/** What a film is of: a pan that is parted into sections, one container, or a tray with a container in each place. */
export const FILM_KINDS = ['pan', 'container', 'tray'] as const;
export type FilmKind = (typeof FILM_KINDS)[number];

/** What is put right on a picture: where its corners lie, what the brush says is green, what is white in it. */
export const MENDING_KINDS = ['corners', 'brush', 'white-patch'] as const;
export type MendingKind = (typeof MENDING_KINDS)[number];
