import { createHash } from 'node:crypto';
import { isIsoDay } from '@bright-sprout/core/calendar/days';
import { type EntityMetadata, type ObjectLiteral } from 'typeorm';
import { Problem } from '../problems/problem';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
const UUIDS = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;
const LONGEST_TEXT = 60_000;

/**
 * The id that a row gets in another class: always the same one, so that a package that comes twice is known again, and as old as the
 * first, so that rows keep their order.
 */
export function renewedId(id: string, classId: string): string {
  const hash = createHash('sha256').update(`${classId} ${id}`).digest('hex');
  const time = id.slice(0, 13);
  const variant = ((parseInt(hash[3]!, 16) & 3) | 8).toString(16);
  return `${time}-7${hash.slice(0, 3)}-${variant}${hash.slice(4, 7)}-${hash.slice(7, 19)}`;
}

/** Ids that stand within a text. */
export const idsInText = (text: string): string[] => text.match(UUIDS) ?? [];

const broken = (table: string, what: string) =>
  new Problem(422, `The package is not whole: ${what} in “${table}” cannot be. Nothing was brought in.`);

/** Makes rows of a package into rows of a class: every field is checked, and every id renewed. */
export class Renewer {
  /** @param ids old ids to new ones; whatever points elsewhere is refused, or forgotten where it may be empty */
  constructor(private readonly ids: ReadonlyMap<string, string>) {}

  row(table: string, metadata: EntityMetadata, row: ObjectLiteral): ObjectLiteral {
    const made: ObjectLiteral = {};
    for (const column of metadata.columns) {
      const value = row[column.propertyName] as unknown;
      const wrong = () => broken(table, `“${column.propertyName}”`);
      if (value === undefined || value === null) {
        if (value === undefined && column.default !== undefined) continue;
        if (!column.isNullable) throw wrong();
        made[column.propertyName] = null;
        continue;
      }
      made[column.propertyName] = this.checked(value, column, wrong);
    }
    return made;
  }

  private checked(value: unknown, column: EntityMetadata['columns'][number], wrong: () => Problem): unknown {
    const longest = Number(column.length) || LONGEST_TEXT;
    switch (column.type) {
      case 'uuid': {
        if (typeof value !== 'string' || !UUID.test(value)) throw wrong();
        const known = this.ids.get(value);
        if (known === undefined && !column.isNullable) throw wrong();
        return known ?? null;
      }
      case 'date':
        if (typeof value !== 'string' || !isIsoDay(value)) throw wrong();
        return value;
      case 'datetime': {
        const at = new Date(String(value));
        if (typeof value !== 'string' || Number.isNaN(at.getTime())) throw wrong();
        return at;
      }
      case 'boolean':
        if (typeof value !== 'boolean') throw wrong();
        return value;
      case 'int':
        if (typeof value !== 'number' || !Number.isInteger(value)) throw wrong();
        return value;
      case 'double':
        if (typeof value !== 'number' || !Number.isFinite(value)) throw wrong();
        return value;
      case 'simple-json':
        return JSON.parse(this.inText(JSON.stringify(value))) as unknown;
      default:
        // A text, or a fact that is kept as one.
        if (typeof value === 'object') return JSON.parse(this.inText(JSON.stringify(value))) as unknown;
        if (typeof value !== 'string' || value.length > longest) throw wrong();
        return this.inText(value);
    }
  }

  /** Ids that stand within a text. */
  private inText(text: string): string {
    return text.replace(UUIDS, (id) => this.ids.get(id) ?? id);
  }
}
