import { told } from '@bright-sprout/words/say';
import { createHash } from 'node:crypto';
import { isIsoDay } from '@bright-sprout/core/calendar/days';
import { type EntityMetadata, type ObjectLiteral } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Problem } from '../problems/problem';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
const UUIDS = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/gi;
/** Texts whose ids are followed: the address of a question, and what a team picked as its evidence. */
const FOLLOWED = new Set(['question.address', 'claimEntry.part', 'claimEntry.text']);
/** Columns that name a team without pointing at its table. */
const TEAMS = new Set(['fromTeam', 'toTeam']);
const LONGEST_TEXT = 60_000;
const MOST_WHOLE = 2 ** 31 - 1;
const MOMENT = /^(19|20|21)\d\d-\d\d-\d\dT\d\d:\d\d/;

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

const broken = (table: string, what: string) => new Problem(422, told('refusals.packageWholeCannotNothing', { what, table }));

/** Makes rows of a package into rows of a class: every field is checked, and every id made anew, whatever it names. */
export class Renewer {
  /**
   * @param classId the class that they come into
   * @param ids old ids of rows, teams and the class to new ones
   * @param there ids of every table that can be pointed at, as they are in this class
   */
  constructor(
    private readonly classId: string,
    private readonly ids: ReadonlyMap<string, string>,
    private readonly there: ReadonlyMap<unknown, ReadonlySet<string>>,
  ) {}

  row(table: string, metadata: EntityMetadata, row: ObjectLiteral): ObjectLiteral {
    const made: ObjectLiteral = {};
    for (const column of metadata.columns) {
      const value = row[column.propertyName] as unknown;
      const wrong = () => broken(table, `“${column.propertyName}”`);
      if (value === undefined || value === null) {
        if (!column.isNullable) throw wrong();
        made[column.propertyName] = null;
        continue;
      }
      made[column.propertyName] = this.checked(value, table, column, wrong);
    }
    return made;
  }

  private checked(value: unknown, table: string, column: EntityMetadata['columns'][number], wrong: () => Problem): unknown {
    const longest = Number(column.length) || LONGEST_TEXT;
    switch (column.type) {
      case 'uuid':
        if (typeof value !== 'string' || !UUID.test(value)) throw wrong();
        return this.pointed(value, column, wrong);
      case 'date':
        if (typeof value !== 'string' || !isIsoDay(value)) throw wrong();
        return value;
      case 'datetime': {
        const at = new Date(String(value));
        if (typeof value !== 'string' || !MOMENT.test(value) || Number.isNaN(at.getTime())) throw wrong();
        return at;
      }
      case 'boolean':
        if (typeof value !== 'boolean') throw wrong();
        return value;
      case 'int':
        if (typeof value !== 'number' || !Number.isInteger(value) || Math.abs(value) > MOST_WHOLE) throw wrong();
        return value;
      case 'double':
        if (typeof value !== 'number' || !Number.isFinite(value)) throw wrong();
        return value;
      case 'simple-json':
        return JSON.parse(this.inText(JSON.stringify(value))) as unknown;
      default:
        // A text, or a fact that is kept as one.
        if (typeof value === 'object' && column.transformer) return JSON.parse(this.inText(JSON.stringify(value))) as unknown;
        if (typeof value !== 'string' || value.length > longest || /[\uD800-\uDFFF]/u.test(value) || value.includes('\u0000'))
          throw wrong();
        return FOLLOWED.has(`${table}.${column.propertyName}`) ? this.inText(value) : value;
    }
  }

  /** An id of a row of the very table that its column points at; what points elsewhere is forgotten where it may be empty. */
  private pointed(value: string, column: EntityMetadata['columns'][number], wrong: () => Problem): string | null {
    const made = this.ids.get(value);
    const at = column.referencedColumn?.entityMetadata.target ?? (TEAMS.has(column.propertyName) ? Team : undefined);
    const stands = made !== undefined && (at === undefined || (this.there.get(at)?.has(made) ?? false));
    if (stands) return made;
    if (made !== undefined || !column.isNullable) throw wrong();
    return null;
  }

  /** Ids that stand within a text: none is left as it was. */
  private inText(text: string): string {
    return text.replace(UUIDS, (id) => this.ids.get(id.toLowerCase()) ?? renewedId(id.toLowerCase(), this.classId));
  }
}
