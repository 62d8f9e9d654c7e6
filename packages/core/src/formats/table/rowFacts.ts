import {
  type ColumnMeaning,
  columnOf,
  FACTOR_ROLES,
  type HeadDay,
  type MeasureColumn,
  type Role,
  ROLES,
  type TableReading,
} from './columnMeaning';
import { type Sheet, type SheetRow } from './sheet';

/** A group of columns that one row tells together: what was found in one look at one container. */
export interface Slot {
  on: HeadDay | null;
  at: { container: string; treatment: string } | null;
  columns: { column: number; meaning: MeasureColumn }[];
}

/** A table with what was put right in it, asked by what its columns mean. */
export class ReadRows {
  readonly rows: readonly SheetRow[];
  /** The column of each role; −1 for none. */
  readonly at: Readonly<Record<Role, number>>;
  readonly slots: readonly Slot[];

  constructor(sheet: Sheet, reading: TableReading) {
    this.at = Object.fromEntries(ROLES.map((role) => [role, columnOf(reading, role)])) as Record<Role, number>;
    this.slots = slotsOf(reading.columns);
    this.rows = filledDown(mended(sheet.rows, reading), [
      ...[...FACTOR_ROLES, 'team' as const, 'class' as const, 'container' as const].map((role) => this.at[role]),
    ]);
  }

  cell({ cells }: SheetRow, role: Role): string {
    const at = this.at[role];
    return at < 0 ? '' : cells[at]!.trim();
  }
}

function mended(rows: readonly SheetRow[], { mends }: TableReading): readonly SheetRow[] {
  if (mends.length === 0) return rows;
  const out = new Set(mends.flatMap((m) => (m.kind === 'leave-out' ? [m.line] : [])));
  const changed = new Map<number, Map<number, string>>();
  for (const m of mends)
    if (m.kind === 'cell') changed.set(m.line, (changed.get(m.line) ?? new Map<number, string>()).set(m.column, m.text));
  return rows
    .filter((r) => !out.has(r.line))
    .map((r) => {
      const cells = changed.get(r.line);
      return cells ? { ...r, cells: r.cells.map((c, i) => cells.get(i) ?? c) } : r;
    });
}

/** A column with so large a share of gaps under a filled first cell has each name once, over the rows it is of. */
const GAPS = 0.3;

/** Cells that spreadsheets leave empty under a name that stands for several rows take that name. */
function filledDown(rows: readonly SheetRow[], columns: readonly number[]): readonly SheetRow[] {
  const down = columns.filter((c) => {
    if (c < 0 || rows.length < 3 || rows[0]!.cells[c]!.trim() === '') return false;
    return rows.filter((r) => r.cells[c]!.trim() === '').length >= GAPS * rows.length;
  });
  if (down.length === 0) return rows;
  const last = new Map<number, string>();
  return rows.map((r) => {
    const cells = [...r.cells];
    for (const c of down) {
      if (cells[c]!.trim() === '') cells[c] = last.get(c) ?? '';
      else last.set(c, cells[c]!);
    }
    return { ...r, cells };
  });
}

function slotsOf(columns: readonly ColumnMeaning[]): Slot[] {
  const slots = new Map<string, Slot>();
  columns.forEach((meaning, column) => {
    if (meaning.is !== 'measure') return;
    const key = JSON.stringify([meaning.on ?? null, meaning.at ?? null]);
    const slot = slots.get(key) ?? { on: meaning.on ?? null, at: meaning.at ?? null, columns: [] };
    slot.columns.push({ column, meaning });
    slots.set(key, slot);
  });
  const all = [...slots.values()];
  // What is measured once beside one column a day was measured at the last of them.
  const plain = all.find((s) => s.on === null && s.at === null);
  const days = all.filter((s) => s.on !== null);
  if (!plain || days.length === 0) return all.length > 0 ? all : [{ on: null, at: null, columns: [] }];
  days[days.length - 1]!.columns.push(...plain.columns);
  return days;
}
