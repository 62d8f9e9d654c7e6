/** Where a container stands, as the tray is drawn: teams side by side, each with two rows, the first at the window. */
export interface Place {
  id: string;
  /** Column over the whole tray, and within its team. */
  x: number;
  column: number;
  /** 0 at the window. */
  row: number;
}

/** Places from the order in which containers stand. */
export function placesOf(containers: readonly { id: string; block: string | null; position: number }[]): Place[] {
  const teams = new Map<string, { id: string; position: number }[]>();
  for (const c of [...containers].sort((a, b) => a.position - b.position)) {
    const own = teams.get(c.block ?? '');
    if (own) own.push(c);
    else teams.set(c.block ?? '', [c]);
  }
  let from = 0;
  return [...teams.values()].flatMap((own) => {
    const columns = Math.max(1, Math.ceil(own.length / 2));
    const places = own.map(({ id }, i) => ({ id, x: from + (i % columns), column: i % columns, row: Math.floor(i / columns) }));
    from += columns;
    return places;
  });
}
