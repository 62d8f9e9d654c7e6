import { say } from '@bright-sprout/words/say';
import { type ExportColumn, type ExportTable } from './exportTable';

/** Under which licence a class gives its records away; `class-only` gives nothing away. */
export const LICENCES = {
  'class-only': {
    name: 'other-closed',
    get title() {
      return say('exports.classOnlyAskSchool');
    },
    path: '',
  },
  'cc-by': {
    name: 'CC-BY-4.0',
    get title() {
      return say('exports.creativeCommonsAttribution');
    },
    path: 'https://creativecommons.org/licenses/by/4.0/',
  },
  cc0: {
    name: 'CC0-1.0',
    get title() {
      return say('exports.creativeCommonsZero');
    },
    path: 'https://creativecommons.org/publicdomain/zero/1.0/',
  },
} as const;
export type LicenceName = keyof typeof LICENCES;

/** What a package says of itself. */
export interface PackageFacts {
  /** In small letters with hyphens. */
  name: string;
  title: string;
  description: string;
  /** Instant at which it was made. */
  created: string;
  version: string;
  licence: LicenceName;
  /** Who recorded it, without names of people. */
  sources: string[];
}

/**
 * The descriptor of a Frictionless tabular data package: one resource a table, with the schema of its columns.
 * Source: Data Package and Table Schema, version 1 of the specifications.
 */
export function dataPackage(facts: PackageFacts, tables: readonly ExportTable[]): object {
  const { name: licence, title, path } = LICENCES[facts.licence];
  return {
    profile: 'tabular-data-package',
    name: facts.name,
    title: facts.title,
    description: facts.description,
    created: facts.created,
    version: facts.version,
    licenses: [{ name: licence, title, ...(path === '' ? {} : { path }) }],
    sources: facts.sources.map((s) => ({ title: s })),
    resources: tables.map((t) => ({
      profile: 'tabular-data-resource',
      name: t.name,
      title: t.title,
      path: `data/${t.name}.csv`,
      format: 'csv',
      mediatype: 'text/csv',
      encoding: 'utf-8',
      dialect: { delimiter: ',', lineTerminator: '\r\n', quoteChar: '"', doubleQuote: true, header: true },
      schema: { fields: t.columns.map(fieldOf), missingValues: [''] },
    })),
  };
}

function fieldOf({ name, type, description, unit }: ExportColumn): object {
  const told = {
    name,
    description: unit === '' ? description : say('exports.describedWithUnit', { description, unit }),
    ...(unit === '' ? {} : { unit }),
  };
  if (type === 'yes-no') return { ...told, type: 'boolean', trueValues: ['yes'], falseValues: ['no'] };
  if (type === 'datetime') return { ...told, type: 'datetime', format: 'any' };
  return { ...told, type };
}
